import { useMemo } from 'react'
import { useOutcome } from './PlanDesk'

/** The choices that something reads at a place or a space, or anywhere in the plan. */
export function useAsked(place = 'plan'): ReadonlySet<string> {
  const { asked } = useOutcome().solution
  return useMemo(
    () => new Set(asked.find((one) => one.places.includes(place))?.choices ?? []),
    [asked, place],
  )
}
