import { useMemo } from 'react'
import { useSection } from './onScreen'

/** The choices that something reads at a place or a space, or anywhere in the plan. */
export function useAsked(place = 'plan'): ReadonlySet<string> {
  const asked = useSection('asked')
  return useMemo(
    () => new Set(asked.find((one) => one.places.includes(place))?.choices ?? []),
    [asked, place],
  )
}
