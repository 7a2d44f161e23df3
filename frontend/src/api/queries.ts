import { useQuery } from '@tanstack/react-query'
import { createContext, useContext } from 'react'
import { answered, client, Refused } from './client'

/** Where there was no answer it is asked again, until there is one. */
const untilAnswered = (failure: Error | null) =>
  failure instanceof Refused && (failure.problem?.status ?? 503) === 503 ? 3000 : false

export const planKey = (id: string) => ['plan', id] as const

/** A plan, whole; kept current by the changes made here. */
export const usePlanQuery = (id: string) =>
  useQuery({
    queryKey: planKey(id),
    queryFn: () => answered(client.GET('/api/plans/{plan_id}', { params: { path: { plan_id: id } } })),
    staleTime: Number.POSITIVE_INFINITY,
    refetchInterval: (query) => untilAnswered(query.state.error),
  })

export const usePlanList = () =>
  useQuery({
    queryKey: ['plans'],
    queryFn: () => answered(client.GET('/api/plans')),
    staleTime: 0,
    refetchInterval: (query) => untilAnswered(query.state.error),
  })

/** The edition of the defaults that the plan in hand was made with; outside a plan there is none. */
export const Edition = createContext('')

/** What can be chosen, stations, rule sentences: fetched once for each edition; outside a plan the newest. */
export function useCatalogue() {
  const edition = useContext(Edition)
  return useQuery({
    queryKey: ['catalogue', edition],
    queryFn: () => answered(client.GET('/api/catalogue', { params: { query: { edition } } })),
    staleTime: Number.POSITIVE_INFINITY,
  })
}

export const networkKey = ['network'] as const

/** The second door: asked again while it is open, for a phone may pair at any time. */
export const useNetwork = () =>
  useQuery({
    queryKey: networkKey,
    queryFn: () => answered(client.GET('/api/network')),
    staleTime: Number.POSITIVE_INFINITY,
    refetchInterval: (query) => (query.state.data?.is_on && !query.state.data.is_guest ? 2000 : false),
  })

/** The newest revision of a plan, followed while another screen may change it. */
export const useHead = (id: string, isFollowed: boolean) =>
  useQuery({
    queryKey: ['head', id],
    queryFn: () => answered(client.GET('/api/plans/{plan_id}/head', { params: { path: { plan_id: id } } })),
    enabled: isFollowed,
    refetchInterval: 1000,
    staleTime: 0,
  })

export const useWhy = (id: string, revision: number, key: string) =>
  useQuery({
    queryKey: ['why', id, revision, key],
    queryFn: () =>
      answered(client.GET('/api/plans/{plan_id}/why', { params: { path: { plan_id: id }, query: { key } } })),
  })

/** What of a plan's own words cannot be printed, at one revision. */
export const useUnprintable = (id: string, revision: number) =>
  useQuery({
    queryKey: ['unprintable', id, revision],
    queryFn: () =>
      answered(client.GET('/api/plans/{plan_id}/unprintable', { params: { path: { plan_id: id } } })),
    staleTime: Number.POSITIVE_INFINITY,
  })
