import { useEffect, useRef } from 'react'
import Button from 'react-bootstrap/Button'
import { actsOf } from '../plan/cellActs'
import { useCommands, usePlan } from '../plan/PlanDesk'

/** A cell that was pressed, and where it stands in the drawing's room. */
export interface Pressed {
  id: string
  left: number
  top: number
}

/** The few acts of a cell, beside it; they leave when one was done, or when the hand goes elsewhere. */
export function CellActs({ at, name, onLeave }: { at: Pressed; name: string; onLeave(): void }) {
  const { plan } = usePlan()
  const { act } = useCommands()
  const begun = useRef(plan.revision)
  useEffect(() => {
    if (plan.revision !== begun.current) onLeave()
  }, [plan.revision, onLeave])
  return (
    <div className="cell-acts" role="toolbar" aria-label={name} style={{ left: at.left, top: at.top }}>
      {actsOf(plan.document, at.id).map((one) => (
        <Button
          key={one.title}
          size="sm"
          variant="outline-secondary"
          aria-label={`${one.title}: ${name}`}
          title={one.title}
          onClick={() => act(one.act(at.id))}
        >
          {one.sign}
        </Button>
      ))}
      <Button size="sm" variant="link" aria-label="Leave it" onClick={onLeave}>
        ×
      </Button>
    </div>
  )
}
