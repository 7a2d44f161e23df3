import { useQuery } from '@tanstack/react-query'
import { useEffect } from 'react'
import Form from 'react-bootstrap/Form'
import { Link, useParams } from 'react-router'
import { answered, client } from '../api/client'
import { Bars } from '../app/Bars'
import { OpenPlan } from '../app/OpenPlan'
import { Drawing } from '../drawing/Drawing'
import { Fractions } from '../lengths/Num'
import { cellsOf, tintOf } from '../plan/layout'
import { useSection } from '../plan/onScreen'
import { useCommands, usePlan } from '../plan/PlanDesk'
import { useLabel } from '../reasons/labels'
import { FindThings } from './FindThings'
import { LivesIn, type Thing } from './LivesIn'

/** One drawer, as its label opens it: what lies in it and where; ticked off, put elsewhere. */
export function DrawerPage() {
  const { planId = '', placeId = '' } = useParams()
  return (
    <OpenPlan id={planId}>
      <OneDrawer key={placeId} place={placeId} />
    </OpenPlan>
  )
}

function OneDrawer({ place }: { place: string }) {
  const { plan } = usePlan()
  const cells = cellsOf(plan.document)
  const at = cells.findIndex((one) => one.id === place)
  const cell = cells[at]
  const kept = useSection('contents').cells.find((one) => one.place === place)
  useEffect(() => {
    document.title = `${cell?.place.name ?? 'No such drawer'} · ${plan.document.name}`
  }, [cell, plan.document.name])
  if (!cell)
    return (
      <main className="page" data-ready>
        <h1>This drawer is no longer in the plan</h1>
        <p>It was taken out, or divided, since its label was printed.</p>
        <Link to={`/plans/${plan.id}/fill`}>{plan.document.name}</Link>
        <FindThings first={plan.id} />
      </main>
    )
  const things = Object.entries(plan.document.things ?? {}).filter(([, one]) => one.lives_in === place)
  const out = things.filter(([, one]) => one.is_out).length
  return (
    <main className="page one-drawer" data-ready>
      <Bars />
      <p className="mb-1">
        <Link to={`/plans/${plan.id}/fill?place=${place}`}>{plan.document.name}</Link>
      </p>
      <h1>
        <span className={`number ${tintOf(cell.number)}`}>{cell.number}</span> {cell.place.name}
      </h1>
      <p className="lead-in">
        {things.length === 0 ? 'Nothing is listed for it.' : saidOf(things.length, out)}
        {kept && (
          <Fractions>{` Floor ${kept.floor} covered${kept.weight && `, ${kept.weight} in it`}.`}</Fractions>
        )}
      </p>
      <FromAbove place={place} />
      <ul className="lies-in" aria-label="What lies in it">
        {things.map(([id, thing]) => (
          <LiesIn key={id} id={id} thing={thing} left={kept?.things.find((one) => one.id === id)} />
        ))}
      </ul>
      <nav className="d-flex justify-content-between gap-2 my-3" aria-label="Other drawers">
        <Neighbour plan={plan.id} cell={cells[at - 1]} />
        <Neighbour plan={plan.id} cell={cells[at + 1]} />
      </nav>
      <FindThings first={plan.id} revision={plan.revision} />
    </main>
  )
}

function saidOf(many: number, out: number): string {
  const all = many === 1 ? 'One thing lives in it.' : `${many} things live in it.`
  if (out === 0) return all
  return `${all} ${out === many ? (many === 1 ? 'It is' : 'All are') : out === 1 ? 'One is' : `${out} are`} out at present.`
}

/** One thing of it: ticked where it is in its place, put elsewhere by the list beside it. */
function LiesIn({ id, thing, left }: { id: string; thing: Thing; left: Left | undefined }) {
  const { act } = useCommands()
  return (
    <li>
      <Form.Check
        id={`in-${id}`}
        checked={!thing.is_out}
        label={
          <>
            {thing.name}
            {(thing.count ?? 1) > 1 && `\u00a0×\u00a0${thing.count}`}
            {thing.is_out && <span className="other">out at present</span>}
          </>
        }
        onChange={(event) => act({ do: 'tick-thing', thing: id, is_in: event.target.checked })}
      />
      <LivesIn id={id} thing={thing} />
      {left && left.left > 0 && (
        <p className="things__left">
          <Fractions>{`${left.left} left over: ${left.why}`}</Fractions>
        </p>
      )}
    </li>
  )
}

interface Left {
  left: number
  why: string
}

function Neighbour({ plan, cell }: { plan: string; cell: ReturnType<typeof cellsOf>[number] | undefined }) {
  if (!cell) return <span />
  return (
    <Link className="btn btn-outline-secondary" to={`/plans/${plan}/drawer/${cell.id}`}>
      <span className={`number ${tintOf(cell.number)}`}>{cell.number}</span> {cell.place.name}
    </Link>
  )
}

/** Its floor with the things where they stand. */
function FromAbove({ place }: { place: string }) {
  const { plan } = usePlan()
  const { askWhy } = useCommands()
  const label = useLabel()
  const { data: sheet } = useQuery({
    queryKey: ['drawing', plan.id, plan.revision, 'inside', place],
    queryFn: () =>
      answered(
        client.GET('/api/plans/{plan_id}/drawing', {
          params: { path: { plan_id: plan.id }, query: { name: 'inside', of: place } },
        }),
      ),
  })
  if (!sheet || sheet.strokes.length === 0) return null
  return (
    <div className="from-above">
      <Drawing sheet={sheet} label={label} onWhy={askWhy} />
    </div>
  )
}
