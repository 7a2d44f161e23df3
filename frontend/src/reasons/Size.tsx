import { Num } from '../lengths/Num'
import { useDesk } from '../plan/PlanDesk'
import { Origin, originClass } from './Origin'

/** One quantity; its reason is one press away. */
export function Size({ of, label, plain = false }: { of: string; label?: string; plain?: boolean }) {
  const { solution, askWhy } = useDesk()
  const quantity = solution.quantities[of]
  if (quantity === undefined) return null
  const name = label ?? quantity.label
  const text = quantity.value?.text ?? 'waits'
  const origin =
    quantity.origin === 'worked out' && quantity.rests_on.length > 0 ? 'assumed' : quantity.origin
  const look = quantity.value === null ? 'waits' : originClass(origin)
  return (
    <>
      <button
        type="button"
        className={`size size--${look}`}
        aria-label={`${name} ${text}, ${origin}: why?`}
        onClick={() => askWhy(of)}
      >
        {origin !== 'worked out' && <Origin origin={origin} />}
        <Num>{text}</Num>
      </button>
      {!plain && quantity.value?.other && <span className="other">{quantity.value.other}</span>}
      {quantity.planned && (
        <span className="other">
          planned <Num>{quantity.planned.text}</Num>
        </span>
      )}
    </>
  )
}
