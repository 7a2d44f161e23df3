import { useEffect, useRef } from 'react'
import Button from 'react-bootstrap/Button'
import { useCommands, usePlan } from '../plan/PlanDesk'
import { PlanLength } from '../plan/PlanLength'
import { useLabel } from '../reasons/labels'

/** Where a figure was pressed: its key, and its place in the drawing's room. */
export interface Typing {
  key: string
  left: number
  top: number
}

/** A length over a figure of the drawing, in its place; it leaves when it was entered and kept, on Escape, or when the hand goes on. */
export function TypeOver({ at, onLeave }: { at: Typing; onLeave(): void }) {
  const { plan } = usePlan()
  const { askWhy } = useCommands()
  const label = useLabel()(at.key)
  /** Of the plan as it is kept: what is on the screen may be what a hand is typing just now. */
  const kept = plan.solution.quantities[at.key]?.value?.text ?? null
  const isEntered = useRef(false)
  const begun = useRef(plan.revision)
  const root = useRef<HTMLFieldSetElement>(null)
  useEffect(() => {
    root.current?.querySelector<HTMLInputElement>('input')?.select()
  }, [])
  useEffect(() => {
    if (plan.revision !== begun.current && isEntered.current) onLeave()
  }, [plan.revision, onLeave])
  return (
    <fieldset
      ref={root}
      className="type-over"
      style={{ left: at.left, top: at.top }}
      aria-label={`Another ${label}`}
      data-alone
      onKeyDownCapture={(event) => {
        const field = event.target
        if (event.key === 'Enter' && field instanceof HTMLInputElement) {
          isEntered.current = true
          if (field.value.trim() === kept) setTimeout(onLeave)
        } else if (event.key === 'Escape') setTimeout(onLeave)
      }}
      onBlur={(event) => !event.currentTarget.contains(event.relatedTarget) && onLeave()}
    >
      <PlanLength
        label={label}
        kept={kept}
        act={(length) => ({ do: 'type-over', key: at.key, length })}
        called={label}
        field={`type-over/${at.key}`}
      />
      <Button
        size="sm"
        variant="outline-secondary"
        onClick={() => {
          askWhy(at.key)
          onLeave()
        }}
      >
        Why
      </Button>
    </fieldset>
  )
}
