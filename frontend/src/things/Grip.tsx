import { type PointerEvent, useRef, useState } from 'react'
import { useCommands } from '../plan/PlanDesk'

const TAKES = 'takes-it'

/** The place that lies under a hand: a cell of the drawing, or a row that stands for one. */
const under = (event: PointerEvent) =>
  document
    .elementsFromPoint(event.clientX, event.clientY)
    .map((one) => one.closest<HTMLElement | SVGElement>('[data-place]'))
    .find((one) => one !== null) ?? null

/** Where a hand takes a thing to carry it to another place; by keyboard the list beside it does the same. */
export function Grip({ name, onPut }: { name: string; onPut(place: string): void }) {
  const { show } = useCommands()
  const over = useRef<Element | null>(null)
  const [at, setAt] = useState<{ left: number; top: number } | null>(null)
  const light = (next: Element | null) => {
    if (over.current === next) return
    over.current?.classList.remove(TAKES)
    next?.classList.add(TAKES)
    over.current = next
  }
  const leave = () => {
    light(null)
    setAt(null)
  }
  return (
    <>
      <span
        className={at ? 'grip grip--held' : 'grip'}
        aria-hidden="true"
        title="Carry it to another place"
        data-carry={name}
        onPointerDown={(event) => {
          event.currentTarget.setPointerCapture(event.pointerId)
          event.preventDefault()
          show('elevation')
          setAt({ left: event.clientX, top: event.clientY })
        }}
        onPointerMove={(event) => {
          if (at === null) return
          setAt({ left: event.clientX, top: event.clientY })
          light(under(event))
        }}
        onPointerUp={(event) => {
          const place = at && under(event)?.getAttribute('data-place')
          leave()
          if (place) onPut(place)
        }}
        onPointerCancel={leave}
      >
        <svg viewBox="0 0 12 20" width="12" height="20" aria-hidden="true">
          <path d="M3 4h6M3 10h6M3 16h6" stroke="currentColor" strokeWidth="1.6" fill="none" />
        </svg>
      </span>
      {at && (
        <span className="carried" style={at}>
          {name}
        </span>
      )}
    </>
  )
}
