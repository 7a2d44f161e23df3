import { NOT_YET, Num } from '../lengths/Num'
import { useQuantity } from '../plan/onScreen'
import { useCommands } from '../plan/PlanDesk'
import { useLabel } from './labels'
import { Origin, originClass } from './Origin'

/** One quantity; its reason is one press away. */
export function Size({ of, label, plain = false }: { of: string; label?: string; plain?: boolean }) {
  const { askWhy } = useCommands()
  const labelOf = useLabel()
  const quantity = useQuantity(of)
  if (quantity === undefined) return null
  const name = label ?? labelOf(of)
  const text = quantity.value?.text ?? NOT_YET
  const said = quantity.origin ?? 'worked out'
  const origin = said === 'worked out' && quantity.is_assumed ? 'assumed' : said
  const look = quantity.value ? originClass(origin) : 'waits'
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
