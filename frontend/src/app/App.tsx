import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { BrowserRouter, Link, Navigate, Route, Routes } from 'react-router'
import { usePlanList } from '../api/queries'
import { PlansPage } from '../plans/PlansPage'
import { SawPage } from '../stages/cut/SawPage'
import { DrawerPage } from '../things/DrawerPage'
import { ComparePage } from './ComparePage'
import { NewPlanPage } from './NewPlanPage'
import { PlanPage } from './PlanPage'

const queries = new QueryClient({
  defaultOptions: { queries: { retry: false, refetchOnWindowFocus: false, networkMode: 'always' } },
})

export function App() {
  return (
    <QueryClientProvider client={queries}>
      <BrowserRouter>
        <Routes>
          <Route path="/" element={<Start />} />
          <Route path="/plans" element={<PlansPage />} />
          <Route path="/new" element={<NewPlanPage />} />
          <Route path="/compare/:left/:right" element={<ComparePage />} />
          <Route path="/plans/:planId/drawer/:placeId" element={<DrawerPage />} />
          <Route path="/plans/:planId/saw" element={<SawPage />} />
          <Route path="/plans/:planId/:stage?" element={<PlanPage />} />
          <Route path="*" element={<Lost />} />
        </Routes>
      </BrowserRouter>
    </QueryClientProvider>
  )
}

/** Where one left off; the first time, the plan that is there. */
function Start() {
  const list = usePlanList()
  if (list.isError)
    return (
      <p className="page" role="alert">
        The program does not answer.
      </p>
    )
  if (!list.data) return <p className="page">Opening …</p>
  const last = localStorage.getItem('vasculum-last')
  const plan = list.data.plans.find((one) => one.id === last) ?? list.data.plans[0]
  return <Navigate to={plan ? `/plans/${plan.id}` : '/plans'} replace />
}

function Lost() {
  return (
    <main className="page" data-ready>
      <h1>There is no such page</h1>
      <Link to="/plans">All plans</Link>
    </main>
  )
}
