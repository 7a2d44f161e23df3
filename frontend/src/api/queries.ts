import { useQuery } from '@tanstack/react-query'
import { answered, client } from './client'

export const planKey = (id: string) => ['plan', id] as const

/** A plan, whole; kept current by the changes made here. */
export const usePlanQuery = (id: string) =>
  useQuery({
    queryKey: planKey(id),
    queryFn: () => answered(client.GET('/api/plans/{plan_id}', { params: { path: { plan_id: id } } })),
    staleTime: Number.POSITIVE_INFINITY,
  })

export const usePlanList = () =>
  useQuery({ queryKey: ['plans'], queryFn: () => answered(client.GET('/api/plans')), staleTime: 0 })

/** What can be chosen, stations, rule sentences: fetched once. */
export const useCatalogue = () =>
  useQuery({
    queryKey: ['catalogue'],
    queryFn: () => answered(client.GET('/api/catalogue')),
    staleTime: Number.POSITIVE_INFINITY,
  })

export const useWhy = (id: string, revision: number, key: string) =>
  useQuery({
    queryKey: ['why', id, revision, key],
    queryFn: () =>
      answered(client.GET('/api/plans/{plan_id}/why', { params: { path: { plan_id: id }, query: { key } } })),
  })
