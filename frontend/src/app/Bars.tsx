import Button from 'react-bootstrap/Button'
import { useCommands, useKeeping, usePlan } from '../plan/PlanDesk'
import type { Stuck } from '../plan/useSending'

const named = (label: string) => label && `, ${label},`

/** What waits to be kept: how much, and the first of it by its name. */
function waitingSaid(stuck: Stuck | null): string {
  const waiting = stuck?.waiting ?? []
  const first = waiting[0]?.label
  const more = waiting.length > 1 ? ` and ${waiting.length - 1} more` : ''
  return first ? `Waiting here: ${first}${more}.` : `What you changed${more} waits here.`
}

/** What must not be overlooked: a change that is not kept, a plan changed elsewhere, an old print. */
export function Bars() {
  const { plan } = usePlan()
  const { keeping, stuck, conflict, refusal } = useKeeping()
  const { sendAgain, leaveOut, settle } = useCommands()
  const printed = plan.printed
  return (
    <>
      {keeping === 'not kept' && (
        <div className="note-bar" role="alert">
          <p>
            <b>Not kept yet.</b> {stuck?.message ?? 'The program does not answer.'} {waitingSaid(stuck)}
          </p>
          <Button size="sm" onClick={sendAgain}>
            Send again
          </Button>
          <Button size="sm" variant="outline-secondary" onClick={leaveOut}>
            Leave it out
          </Button>
        </div>
      )}
      {refusal !== null && (
        <div className="note-bar" role="alert">
          <p>
            <b>Not taken.</b> {refusal}
          </p>
        </div>
      )}
      {conflict && (
        <div className="note-bar" role="alert">
          <p>
            <b>This plan was changed elsewhere.</b>{' '}
            {conflict.moved.length > 0
              ? `${conflict.moved.length} sizes moved, first: ${conflict.moved
                  .slice(0, 3)
                  .map((m) => `${m.label} ${m.old?.text ?? 'none'} → ${m.new?.text ?? 'none'}`)
                  .join('; ')}.`
              : 'No size moved.'}{' '}
            {conflict.mayBeKept
              ? `Your change${named(conflict.done.label)} had no answer: look whether it is in it already.`
              : `Your change${named(conflict.done.label)} is not in it.`}
          </p>
          <Button size="sm" onClick={() => settle(true)}>
            Make my change again
          </Button>
          <Button size="sm" variant="outline-secondary" onClick={() => settle(false)}>
            Leave it out
          </Button>
        </div>
      )}
      {printed && printed.revision !== plan.revision && printed.changed_since !== 0 && (
        <div className="note-bar">
          <p>
            Printed at revision {printed.revision};{' '}
            {printed.changed_since === null
              ? 'sizes may have changed since.'
              : `${printed.changed_since} ${printed.changed_since === 1 ? 'size has' : 'sizes have'} changed since.`}
          </p>
        </div>
      )}
    </>
  )
}
