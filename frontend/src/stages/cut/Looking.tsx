import { useEffect, useRef, useState } from 'react'
import Button from 'react-bootstrap/Button'
import ProgressBar from 'react-bootstrap/ProgressBar'
import { answered, client, Refused, type Schemas } from '../../api/client'
import { useLooking } from '../../api/useLooking'
import { Fractions } from '../../lengths/Num'
import { change } from '../../plan/acts'
import { useCommands, usePlan } from '../../plan/PlanDesk'
import { FoundSheets } from './FoundSheets'

type Answer = Schemas['LayoutsAnswer']

/** Looks for layouts with fewer sheets while what there is stands below; each that is better may be kept.
 * Where more may not be needed it begins by itself. */
export function Looking({ couldBeFewer }: { couldBeFewer: boolean }) {
  const { plan } = usePlan()
  const { act } = useCommands()
  const [answer, setAnswer] = useState<Answer | null>(null)
  const hasBegun = useRef(false)
  const isWorking = answer?.state === 'working'
  const path = { plan_id: plan.id, job: answer?.job ?? '' }
  const gone = (failure: unknown) => {
    if (!(failure instanceof Refused) || failure.problem === null) return // silent: it is asked again
    setAnswer((known) => (known ? { ...known, state: 'died' } : known))
  }
  const begin = () =>
    answered(client.POST('/api/plans/{plan_id}/layouts', { params: { path: { plan_id: plan.id } } })).then(
      setAnswer,
      gone,
    )
  const look = async () =>
    setAnswer(await answered(client.GET('/api/plans/{plan_id}/layouts/{job}', { params: { path } })))
  const stop = () =>
    answered(client.DELETE('/api/plans/{plan_id}/layouts/{job}', { params: { path } })).then(setAnswer, gone)
  useLooking(isWorking ? path.job : '', look, gone)
  useEffect(() => {
    if (!couldBeFewer || hasBegun.current) return
    hasBegun.current = true
    begin()
  })
  const isOld = answer !== null && answer.base !== plan.revision
  const found = isOld ? [] : (answer?.found.rows ?? [])
  const hasFound = found.length > 0 || answer?.found.less.length || answer?.found.otherwise.length
  return (
    <div className="mb-3" aria-live="polite">
      <div className="d-flex gap-2 align-items-center mb-2">
        {isWorking ? (
          <>
            <span>Looking for fewer, {answer.seconds} seconds at most</span>
            <Button size="sm" variant="outline-secondary" onClick={stop}>
              Stop
            </Button>
          </>
        ) : (
          <Button size="sm" variant="outline-primary" onClick={begin}>
            {answer === null || isOld ? 'Look for fewer' : 'Look once more'}
          </Button>
        )}
        {answer && !answer.found.can_search && (
          <span className="other">
            Laid out in strips: the search wants Python 3.12 or newer, and is not installed here.
          </span>
        )}
        {answer?.found.can_search && !isWorking && !isOld && !hasFound && (
          <span className="other">Nothing better was found.</span>
        )}
      </div>
      {isWorking && (
        <ProgressBar animated striped now={100} aria-label="Looking for fewer" className="mb-2" />
      )}
      {answer?.state === 'died' && <p role="alert">The search ended early; this is the best that it had.</p>}
      {!isOld && answer && answer.found.less.length > 0 && (
        <ul className="mb-2">
          {answer.found.less.map((one) => (
            <li key={one}>
              <Fractions>{one}</Fractions>
            </li>
          ))}
        </ul>
      )}
      {!isOld &&
        answer?.found.otherwise.map((one) => (
          <p key={one.says} className="d-flex flex-wrap gap-2 align-items-center">
            <span>
              <Fractions>{one.says}</Fractions>
            </span>
            <Button size="sm" variant="outline-primary" onClick={() => act(change(one.patch), one.says)}>
              Take it so
            </Button>
          </p>
        ))}
      {found.map((one) => (
        <section key={one.row} aria-label={`Found for ${one.name}`}>
          <p className="d-flex flex-wrap gap-2 align-items-center">
            <span>
              <strong>
                <Fractions>{one.name}</Fractions>
              </strong>
              : <Fractions>{one.says}</Fractions> ({one.settings} settings)
            </span>
            <Button size="sm" onClick={() => act(change(one.patch), `${one.name}: a better layout kept`)}>
              Keep it
            </Button>
          </p>
          <details>
            <summary>Look at it</summary>
            <FoundSheets found={one} />
          </details>
        </section>
      ))}
    </div>
  )
}
