import { useQueries, useQuery } from '@tanstack/react-query'
import { answered, client, type Schemas } from '../api/client'

export type Listed = Schemas['ListedPlan']
export type Glance = Schemas['Glance']

const glance = ({ id, revision }: Listed) => ({
  queryKey: ['glance', id, revision],
  queryFn: () => answered(client.GET('/api/plans/{plan_id}/glance', { params: { path: { plan_id: id } } })),
  staleTime: Number.POSITIVE_INFINITY,
})

/** What a plan looks like at its revision; asked when it is wanted. */
export const useGlance = (plan: Listed, isWanted: boolean) => useQuery({ ...glance(plan), enabled: isWanted })

export const ORDERS = { changed: 'last changed', name: 'by name', wants: 'what wants attention' } as const
export type Order = keyof typeof ORDERS

/** The plans that were asked for, in order: those that are stopped first, then what asks for attention. */
export function useOrdered(plans: Listed[], order: Order, words: string): Listed[] {
  const glances = useQueries({
    queries: plans.map((plan) => ({ ...glance(plan), enabled: order === 'wants' })),
  })
  const wanted = words.toLowerCase().split(/\s+/).filter(Boolean)
  const gravity = new Map(plans.map((plan, at) => [plan.id, weight(glances[at]?.data)] as const))
  const found = plans.filter((plan) => wanted.every((word) => plan.name.toLowerCase().includes(word)))
  if (order === 'name') return found.toSorted((a, b) => a.name.localeCompare(b.name))
  if (order === 'wants') return found.toSorted((a, b) => (gravity.get(b.id) ?? 0) - (gravity.get(a.id) ?? 0))
  return found
}

/** One stop weighs more than any number of things that only ask for attention. */
const weight = (one?: Glance) => (one ? one.stops * 10_000 + one.attention : 0)
