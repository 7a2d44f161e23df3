import { useQueryClient } from '@tanstack/react-query'
import { useRef, useState } from 'react'
import Alert from 'react-bootstrap/Alert'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import { Link, useNavigate } from 'react-router'
import { answered, client, type PlanAnswer, Refused } from '../api/client'
import { planKey, useNetwork, usePlanList } from '../api/queries'
import { FindThings } from '../things/FindThings'
import { type Listed, ORDERS, type Order, useOrdered } from './glances'
import { PlanCard } from './PlanCard'

/** All plans: find, open, compare, copy, delete and put back; a plan file is brought in by dropping it. */
export function PlansPage() {
  const list = usePlanList()
  const queries = useQueryClient()
  const navigate = useNavigate()
  const file = useRef<HTMLInputElement>(null)
  const [refused, setRefused] = useState<Refused | null>(null)
  const [gone, setGone] = useState<Listed | null>(null)
  const [words, setWords] = useState('')
  const [order, setOrder] = useState<Order>('changed')
  const [marks, setMarks] = useState<string[]>([])
  const [isOver, setIsOver] = useState(false)
  const isGuest = useNetwork().data?.is_guest ?? false
  const plans = list.data?.plans ?? []
  const shown = useOrdered(plans, order, words)
  const marked = marks.flatMap((id) => plans.filter((plan) => plan.id === id))
  const refresh = () => queries.invalidateQueries({ queryKey: ['plans'] })
  const path = (id: string) => ({ params: { path: { plan_id: id } } })

  const act = async (what: () => Promise<unknown>) => {
    setRefused(null)
    let isDone = true
    try {
      await what()
    } catch (failure) {
      if (!(failure instanceof Refused)) throw failure
      setRefused(failure)
      isDone = false
    }
    refresh()
    return isDone
  }
  const bringIn = (chosen: File, isAlone = true) =>
    act(async () => {
      const made = await answered<PlanAnswer>(
        client.POST('/api/plans/import', {
          body: chosen as never,
          bodySerializer: (body: unknown) => body as File,
          headers: { 'Content-Type': 'application/json' },
        } as never),
      )
      queries.setQueryData(planKey(made.id), made)
      if (isAlone) navigate(`/plans/${made.id}`)
    })
  const remove = (plan: Listed) =>
    act(async () => {
      await answered(client.DELETE('/api/plans/{plan_id}', path(plan.id)))
      setGone(plan)
    })
  const putBack = (plan: Listed) =>
    act(async () => {
      await answered(client.POST('/api/plans/{plan_id}/restore', { ...path(plan.id), body: {} }))
      setGone(null)
    })

  return (
    <main
      className={isOver ? 'page page--dropped-on' : 'page'}
      data-ready={list.data ? true : undefined}
      onDragOver={(event) => {
        if (isGuest || !event.dataTransfer.types.includes('Files')) return
        event.preventDefault()
        setIsOver(true)
      }}
      onDragLeave={() => setIsOver(false)}
      onDrop={async (event) => {
        event.preventDefault()
        setIsOver(false)
        const files = [...event.dataTransfer.files]
        for (const one of isGuest ? [] : files) if (!(await bringIn(one, files.length === 1))) break
      }}
    >
      <div className="d-flex flex-wrap gap-2 align-items-center mb-3">
        <h1 className="me-auto mb-0">Plans</h1>
        <Button variant="outline-primary" hidden={isGuest} onClick={() => file.current?.click()}>
          Bring a plan file in
        </Button>
        <input
          ref={file}
          type="file"
          accept="application/json,.json"
          aria-label="Plan file"
          hidden
          onChange={(event) => {
            const chosen = event.target.files?.[0]
            if (chosen) bringIn(chosen)
            event.target.value = ''
          }}
        />
        <Link to="/new" hidden={isGuest} className="btn btn-primary d-flex align-items-center fw-semibold">
          Measure my own
        </Link>
      </div>
      {refused && (
        <Alert variant="danger">
          <strong>Nothing was changed.</strong> {refused.problem?.fix}
          <ul className="mb-0">
            {(refused.problem?.faults?.length
              ? refused.problem.faults
              : [{ where: '', message: refused.message }]
            ).map((fault) => (
              <li key={fault.where + fault.message}>
                {fault.where && <code>{fault.where}</code>} {fault.message}
              </li>
            ))}
          </ul>
        </Alert>
      )}
      {gone && (
        <Alert variant="light" className="d-flex align-items-center gap-3">
          <span className="flex-grow-1">{gone.name} was deleted.</span>
          <Button size="sm" onClick={() => putBack(gone)}>
            Put it back
          </Button>
        </Alert>
      )}
      {list.isError && <p role="alert">The program does not answer.</p>}
      {list.data?.plans.length === 0 && <NoPlans />}
      {plans.length > 0 && <FindThings />}
      {plans.length > 1 && (
        <div className="find-plan">
          <Form.Control
            type="search"
            aria-label="Find a plan"
            placeholder="Find a plan"
            value={words}
            onChange={(event) => setWords(event.target.value)}
          />
          <Form.Select
            aria-label="Order"
            value={order}
            onChange={(event) => setOrder(event.target.value as Order)}
          >
            {Object.entries(ORDERS).map(([one, title]) => (
              <option key={one} value={one}>
                {title}
              </option>
            ))}
          </Form.Select>
          {marked.length > 0 && <Compare marked={marked} />}
        </div>
      )}
      {plans.length > 0 && shown.length === 0 && <p>No plan has these words in its name.</p>}
      <ul className="plan-list plan-list--cards">
        {shown.map((plan) => (
          <PlanCard
            key={plan.id}
            plan={plan}
            isGuest={isGuest}
            isMarked={marked.includes(plan)}
            onMark={(isMarked) =>
              setMarks([...marks.filter((id) => id !== plan.id), ...(isMarked ? [plan.id] : [])])
            }
            onCopy={() =>
              act(() => answered(client.POST('/api/plans/{plan_id}/copy', { ...path(plan.id), body: {} })))
            }
            onDelete={() => remove(plan)}
          />
        ))}
      </ul>
      {(list.data?.deleted.length ?? 0) > 0 && (
        <>
          <h2 className="h5">Deleted</h2>
          <ul className="plan-list">
            {list.data?.deleted.map((plan) => (
              <li key={plan.id}>
                <span className="name">{plan.name}</span>
                <Button
                  size="sm"
                  variant="outline-secondary"
                  hidden={isGuest}
                  aria-label={`Put ${plan.name} back`}
                  onClick={() => putBack(plan)}
                >
                  Put back
                </Button>
              </li>
            ))}
          </ul>
        </>
      )}
    </main>
  )
}

/** What was marked: two of them can be put side by side. */
function Compare({ marked }: { marked: Listed[] }) {
  const [first, second] = marked.slice(-2)
  if (!first || !second) return <span className="lead-in">Mark another one to compare it with.</span>
  return (
    <Link
      to={`/compare/${first.id}/${second.id}`}
      className="btn btn-outline-primary d-flex align-items-center"
    >
      Compare {first.name} and {second.name}
    </Link>
  )
}

function NoPlans() {
  return (
    <div className="text-center py-5">
      <svg viewBox="0 0 200 110" width="240" height="132" aria-hidden="true" className="station-picture">
        <rect className="space" x="20" y="12" width="160" height="86" />
        <path className="tape" d="M50 14V96" />
        <path className="tape tape--here" d="M22 55H178" />
      </svg>
      <p className="fs-5">A plan begins with three numbers: how wide, how high, how deep.</p>
      <Link to="/new" className="btn btn-primary btn-lg">
        Measure my own
      </Link>
    </div>
  )
}
