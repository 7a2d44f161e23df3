import { useContext, useEffect } from 'react'
import type { Quantity, Solution } from '../api/client'
import { useOutcome } from './PlanDesk'
import { OnScreenContext, type Section } from './screen'

/** One section of the solution, for as long as it is on the screen. */
export function useSection<S extends Section>(name: S): Solution[S] {
  const { sections } = useContext(OnScreenContext)
  useEffect(() => {
    sections.put([name], 1)
    return () => sections.put([name], -1)
  }, [sections, name])
  return useOutcome().solution[name]
}

/** Some quantities, for as long as they are on the screen: those that are there, by key. */
export function useQuantities(wanted: readonly string[]): Record<string, Quantity> {
  const { keys } = useContext(OnScreenContext)
  const together = wanted.join(' ')
  useEffect(() => {
    const names = together.split(' ').filter(Boolean)
    keys.put(names, 1)
    return () => keys.put(names, -1)
  }, [keys, together])
  const { quantities } = useOutcome().solution
  return Object.fromEntries(
    wanted.flatMap((key) => (quantities[key] ? [[key, quantities[key]] as const] : [])),
  )
}

export function useQuantity(key: string): Quantity | undefined {
  return useQuantities([key])[key]
}
