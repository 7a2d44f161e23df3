import Button from 'react-bootstrap/Button'
import { useCommands, useKeeping, usePlan } from '../plan/PlanDesk'

/** What must not be overlooked: a change that is not kept, a plan changed elsewhere, an old print. */
export function Bars() {
  const { plan } = usePlan()
  const { keeping, conflict, refusal } = useKeeping()
  const { sendAgain, settle } = useCommands()
  const printed = plan.printed
  return (
    <>
      {keeping === 'not kept' && (
        <div className="note-bar" role="alert">
          <p>
            <b>Not kept yet.</b> The program does not answer; what you changed is still here.
          </p>
          <Button size="sm" onClick={sendAgain}>
            Keep it now
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
            Your change{conflict.done.label && `, ${conflict.done.label},`} is not in it.
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
