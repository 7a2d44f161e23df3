import { useQueryClient } from '@tanstack/react-query'
import { useRef, useState } from 'react'
import Alert from 'react-bootstrap/Alert'
import Button from 'react-bootstrap/Button'
import { Link, useNavigate } from 'react-router'
import { answered, client, type PlanAnswer, Refused, type Schemas } from '../api/client'
import { planKey, useNetwork, usePlanList } from '../api/queries'

type Listed = Schemas['ListedPlan']

/** All plans: open, copy, delete and put back, bring a file in. */
export function PlansPage() {
  const list = usePlanList()
  const queries = useQueryClient()
  const navigate = useNavigate()
  const file = useRef<HTMLInputElement>(null)
  const [refused, setRefused] = useState<Refused | null>(null)
  const [gone, setGone] = useState<Listed | null>(null)
  const isGuest = useNetwork().data?.is_guest ?? false
  const refresh = () => queries.invalidateQueries({ queryKey: ['plans'] })
  const path = (id: string) => ({ params: { path: { plan_id: id } } })

  const act = async (what: () => Promise<unknown>) => {
    setRefused(null)
    try {
      await what()
    } catch (failure) {
      if (!(failure instanceof Refused)) throw failure
      setRefused(failure)
    }
    refresh()
  }
  const bringIn = (chosen: File) =>
    act(async () => {
      const made = await answered<PlanAnswer>(
        client.POST('/api/plans/import', {
          body: chosen as never,
          bodySerializer: (body: unknown) => body as File,
          headers: { 'Content-Type': 'application/json' },
        } as never),
      )
      queries.setQueryData(planKey(made.id), made)
      navigate(`/plans/${made.id}`)
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
    <main className="page" data-ready={list.data ? true : undefined}>
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
      <ul className="plan-list">
        {list.data?.plans.map((plan) => (
          <li key={plan.id}>
            <Link className="name" to={`/plans/${plan.id}`}>
              {plan.name}
            </Link>
            <span className="when">
              {plan.is_demo && 'demo, '}revision {plan.revision},{' '}
              {new Date(plan.changed_at).toLocaleDateString()}
            </span>
            <Button
              size="sm"
              variant="outline-secondary"
              hidden={isGuest}
              aria-label={`Copy ${plan.name}`}
              onClick={() =>
                act(() => answered(client.POST('/api/plans/{plan_id}/copy', { ...path(plan.id), body: {} })))
              }
            >
              Copy
            </Button>
            <Button
              size="sm"
              variant="outline-secondary"
              hidden={isGuest}
              aria-label={`Delete ${plan.name}`}
              onClick={() => remove(plan)}
            >
              Delete
            </Button>
          </li>
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
