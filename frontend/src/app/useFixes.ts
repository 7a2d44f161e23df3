import { useQuery } from '@tanstack/react-query'
import { useEffect, useState } from 'react'
import { answered, client, type Finding, type Schemas } from '../api/client'
import { useNetwork } from '../api/queries'
import { usePlan } from '../plan/PlanDesk'

type Fix = Schemas['Fix']

/** Nothing is tried while a hand is still changing the plan. */
const STILL = 700

/** What would mend a finding by one press, tried out by the program once the plan has been still for a moment. */
export function useFixes(finding: Finding, isWanted: boolean): Fix[] {
  const { plan } = usePlan()
  const isGuest = useNetwork().data?.is_guest ?? false
  const [stillAt, setStillAt] = useState(0)
  useEffect(() => {
    const timer = setTimeout(() => setStillAt(plan.revision), STILL)
    return () => clearTimeout(timer)
  }, [plan.revision])
  const { data } = useQuery({
    queryKey: ['fixes', plan.id, plan.revision, finding.code, finding.place],
    queryFn: () =>
      answered(
        client.GET('/api/plans/{plan_id}/fixes', {
          params: { path: { plan_id: plan.id }, query: { code: finding.code, place: finding.place } },
        }),
      ),
    enabled: isWanted && !isGuest && stillAt === plan.revision,
    staleTime: Number.POSITIVE_INFINITY,
  })
  return data?.fixes ?? []
}
