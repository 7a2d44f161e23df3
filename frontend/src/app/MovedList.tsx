import { useEffect, useState } from 'react'
import { Num } from '../lengths/Num'
import type { MovedSizes } from '../plan/held'
import { useOutcome, usePlan } from '../plan/PlanDesk'
import { useLabel } from '../reasons/labels'

/** How long it stays, ms, where nobody holds it: as long as it takes to read it twice. */
const STAYS = 30_000

/** The sizes that moved with the last change, old → new: it comes with the change, and leaves. */
export function MovedList({ stage }: { stage: string }) {
  const { plan } = usePlan()
  const { lastMoved } = useOutcome()
  const label = useLabel()
  const [left, setLeft] = useState<MovedSizes | null>(null)
  const [isHeld, setIsHeld] = useState(false)
  // biome-ignore lint/correctness/useExhaustiveDependencies: on another sheet it is done with
  useEffect(() => setLeft(lastMoved), [stage])
  useEffect(() => {
    if (isHeld) return
    const timer = setTimeout(() => setLeft(lastMoved), STAYS)
    return () => clearTimeout(timer)
  }, [lastMoved, isHeld])
  const isBank = Object.keys(plan.document.places).length > 1
  const isThere = lastMoved !== null && lastMoved !== left && lastMoved.sizes.length > 0
  return (
    <section
      aria-label="What moved"
      aria-live="polite"
      tabIndex={isThere ? 0 : -1}
      hidden={!isThere}
      onPointerEnter={() => setIsHeld(true)}
      onPointerLeave={() => setIsHeld(false)}
      onFocus={() => setIsHeld(true)}
      onBlur={() => setIsHeld(false)}
    >
      {isThere && (
        <>
          <h2>
            What moved <span className="other">{lastMoved.label}</span>
            <button
              type="button"
              className="btn-close"
              aria-label="Leave what moved"
              onClick={() => setLeft(lastMoved)}
            />
          </h2>
          <ul>
            {lastMoved.sizes.map((one) => (
              <li key={one.key} className="moved">
                <span>
                  {isBank && <span className="other">{one.placeName} </span>}
                  {one.label || label(one.key)}
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
        </>
      )}
    </section>
  )
}
