import { Num } from '../lengths/Num'
import { useOutcome, usePlan } from '../plan/PlanDesk'
import { useLabel } from '../reasons/labels'

/** The sizes that moved with the last change, old → new. */
export function MovedList() {
  const { plan } = usePlan()
  const { lastMoved } = useOutcome()
  const label = useLabel()
  const isBank = Object.keys(plan.document.places).length > 1
  return (
    // biome-ignore lint/a11y/noNoninteractiveTabindex: what scrolls must be reached by the keyboard
    <section aria-label="What moved" aria-live="polite" tabIndex={0}>
      <h2>
        What moved <span className="other">{lastMoved ? lastMoved.label : ''}</span>
      </h2>
      {lastMoved === null || lastMoved.sizes.length === 0 ? (
        <p className="lead-in mb-0">After each change, the sizes that moved are listed here.</p>
      ) : (
        <ul>
          {lastMoved.sizes.map((one) => (
            <li key={one.key} className="moved">
              <span>
                {isBank && <span className="other">{one.placeName} </span>}
                {label(one.key) || one.key.split('/')[1]?.replaceAll('_', ' ')}
              </span>
              <span>
                <span className="was">
                  <Num>{one.old?.text ?? 'none'}</Num>
                </span>{' '}
                →{' '}
                <span className="is">
                  <Num>{one.now?.text ?? 'none'}</Num>
                </span>
              </span>
            </li>
          ))}
          {lastMoved.more > 0 && <li className="other">and {lastMoved.more} more</li>}
        </ul>
      )}
    </section>
  )
}
