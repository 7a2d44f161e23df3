import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import ProgressBar from 'react-bootstrap/ProgressBar'
import { answered, client, Refused, type Schemas } from '../../api/client'
import { useLooking } from '../../api/useLooking'
import { Fractions } from '../../lengths/Num'
import { Panel } from '../../panels/Panel'
import { change } from '../../plan/acts'
import { spaceOf } from '../../plan/layout'
import { useCommands, usePlan, useSelection } from '../../plan/PlanDesk'

type Answer = Schemas['ProposalsAnswer']
type Proposal = Schemas['Proposal']

/** Ways to divide the space for what goes in, side by side, better ones while they are looked at. */
export function Proposals() {
  const { plan } = usePlan()
  const { chosenPlace } = useSelection()
  const { act } = useCommands()
  const [answer, setAnswer] = useState<Answer | null>(null)
  const [refused, setRefused] = useState('')
  const [isPart, setIsPart] = useState(false)
  const space = spaceOf(plan.document, chosenPlace)
  const isWorking = answer?.state === 'working'
  const path = { plan_id: plan.id, job: answer?.job ?? '' }
  const gone = (failure: unknown) => {
    if (!(failure instanceof Refused) || failure.problem === null) return // silent: it is asked again
    setAnswer((known) => (known ? { ...known, state: 'died' } : known))
  }
  const look = async () =>
    setAnswer(await answered(client.GET('/api/plans/{plan_id}/proposals/{job}', { params: { path } })))
  useLooking(isWorking ? path.job : '', look, gone)
  const chosen = plan.document.places[chosenPlace]
  const place = isPart && chosen ? chosenPlace : null
  const begin = async () => {
    setRefused('')
    try {
      const wanted = { params: { path: { plan_id: plan.id } }, body: { space, place } }
      setAnswer(await answered(client.POST('/api/plans/{plan_id}/proposals', wanted)))
    } catch (failure) {
      if (!(failure instanceof Refused)) throw failure
      setRefused(failure.message)
    }
  }
  const stop = () =>
    answered(client.DELETE('/api/plans/{plan_id}/proposals/{job}', { params: { path } })).then(
      setAnswer,
      gone,
    )
  const found = answer?.found
  const isOld = answer !== null && answer.base !== plan.revision
  const many = found?.proposals.length ?? 0
  return (
    <Panel id="proposals" says={many === 0 ? 'ways to divide it for what goes in' : `${many} side by side`}>
      <p className="lead-in">
        From the list alone: how many rows and columns, how high, and what lives where. Taking one divides{' '}
        {place === null ? (plan.document.spaces[space]?.name ?? 'the space') : chosen?.name} anew; one step
        back undoes it.
      </p>
      {chosen && (
        <Form.Check
          id="only-this-place"
          className="mb-2"
          label={`Only ${chosen.name}; what stands beside it stays`}
          checked={isPart}
          onChange={(event) => setIsPart(event.target.checked)}
        />
      )}
      <div className="d-flex gap-2 align-items-center mb-2">
        <Button variant="outline-primary" onClick={begin} disabled={isWorking}>
          {answer === null ? 'Propose' : 'Propose again'}
        </Button>
        {isWorking && (
          <Button variant="outline-secondary" onClick={stop}>
            Stop
          </Button>
        )}
      </div>
      {refused && <p role="alert">{refused}</p>}
      {isWorking && (
        <ProgressBar now={found?.progress ?? 0} aria-label="How far the search has come" className="mb-2" />
      )}
      {answer?.state === 'died' && <p role="alert">The search ended early; this is the best that it had.</p>}
      {isOld && found && (
        <p className="lead-in">The plan has changed since: propose again before you take one.</p>
      )}
      <div className="proposals">
        {found?.proposals.map((one) => (
          <Way
            key={one.title}
            one={one}
            isOld={isOld}
            onTake={() => act(change(one.patch), `${one.title}: taken`)}
          />
        ))}
      </div>
      {found && found.too_large.length > 0 && (
        <ul>
          {found.too_large.map((said) => (
            <li key={said}>
              <Fractions>{said}</Fractions>
            </li>
          ))}
        </ul>
      )}
      {found?.one_more && (
        <p className="lead-in">
          <Fractions>{found.one_more}</Fractions>
        </p>
      )}
    </Panel>
  )
}

function Way({ one, isOld, onTake }: { one: Proposal; isOld: boolean; onTake(): void }) {
  const drawers = one.drawers === 1 ? '1 drawer' : `${one.drawers} drawers`
  const columns = one.columns === 1 ? '' : ` in ${one.columns} columns`
  return (
    <article className="proposal" aria-label={one.title}>
      <h3>{one.title}</h3>
      <p className="mb-1">
        {drawers}
        {columns}; <Fractions>{one.air}</Fractions> empty over things
      </p>
      {one.best_at.length > 0 && (
        <p className="other mb-1">best at: {one.best_at.join(', ').toLowerCase()}</p>
      )}
      <ul>
        {one.lies.map((drawer) => (
          <li key={`${drawer.column} ${drawer.row}`}>
            {one.columns > 1 && <span className="other">column {drawer.column}: </span>}
            {drawer.things.join(', ') || 'nothing'}
            {drawer.tallest && (
              <span className="other">
                {' '}
                <Fractions>{`${drawer.inside} for ${drawer.tallest}, floor ${drawer.floor}`}</Fractions>
              </span>
            )}
          </li>
        ))}
      </ul>
      {one.left.length > 0 && (
        <p className="things__left">
          <Fractions>{`left over: ${one.left.join(', ')}`}</Fractions>
        </p>
      )}
      {one.stops.map((stop) => (
        <p key={stop} className="things__left">
          <Fractions>{stop}</Fractions>
        </p>
      ))}
      <Button
        size="sm"
        variant="outline-primary"
        disabled={isOld}
        aria-label={`Take ${one.title}`}
        onClick={onTake}
      >
        Take it
      </Button>
    </article>
  )
}
