import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { answered, client } from '../../api/client'
import { usePlan } from '../../plan/PlanDesk'

/** Every row of stock laid out, of the newest revision; while that is on its way, as it was before. */
export function useSheets(isWanted: boolean) {
  const { plan } = usePlan()
  return useQuery({
    queryKey: ['sheets', plan.id, plan.revision],
    queryFn: () =>
      answered(client.GET('/api/plans/{plan_id}/sheets', { params: { path: { plan_id: plan.id } } })),
    enabled: isWanted,
    staleTime: Number.POSITIVE_INFINITY,
    placeholderData: keepPreviousData,
  })
}
