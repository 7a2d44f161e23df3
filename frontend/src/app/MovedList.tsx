import { Num } from '../lengths/Num'
import { useDesk } from '../plan/PlanDesk'

/** The sizes that moved with the last change, old → new. */
export function MovedList() {
  const { lastMoved, plan } = useDesk()
  const isBank = Object.keys(plan.document.places).length > 1
  return (
    // biome-ignore lint/a11y/noNoninteractiveTabindex: what scrolls must be reached by the keyboard
    <section aria-label="What moved" aria-live="polite" tabIndex={0}>
      <h2>
        What moved <span className="other">{lastMoved ? lastMoved.label : ''}</span>
      </h2>
      {lastMoved === null || lastMoved.moved.length === 0 ? (
        <p className="lead-in mb-0">After each change, the sizes that moved are listed here.</p>
      ) : (
        <ul>
          {lastMoved.moved.map((one) => (
            <li key={one.key} className="moved">
              <span>
                {isBank && <span className="other">{one.place_name} </span>}
                {one.label}
              </span>
              <span>
                <span className="was">
                  <Num>{one.old?.text ?? 'none'}</Num>
                </span>{' '}
                →{' '}
                <span className="is">
                  <Num>{one.new?.text ?? 'none'}</Num>
                </span>
              </span>
            </li>
          ))}
        </ul>
      )}
    </section>
  )
}
