import { type ReactNode, useEffect } from 'react'
import { Link } from 'react-router'
import { Refused } from '../api/client'
import { usePlanQuery } from '../api/queries'
import { PlanDesk } from '../plan/PlanDesk'

/** A plan opened for what is shown of it, or why it cannot be. */
export function OpenPlan({ id, children }: { id: string; children: ReactNode }) {
  const plan = usePlanQuery(id)
  useEffect(() => {
    if (plan.data) localStorage.setItem('vasculum-last', id)
  }, [plan.data, id])
  if (plan.isPending) return <p className="page">Opening the plan …</p>
  if (plan.isError)
    return (
      <main className="page" data-ready>
        <h1>This plan cannot be opened</h1>
        <p role="alert">
          {plan.error instanceof Refused ? plan.error.message : 'The program does not answer.'}
        </p>
        <Link to="/plans">All plans</Link>
      </main>
    )
  return (
    <PlanDesk key={id} plan={plan.data}>
      {children}
    </PlanDesk>
  )
}
