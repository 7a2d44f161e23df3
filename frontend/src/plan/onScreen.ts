import { createContext, useContext, useEffect } from 'react'
import type { Quantity, Schemas, Solution } from '../api/client'
import { useOutcome } from './PlanDesk'

export type Section = Schemas['OnScreen']['sections'][number]

/** How many show each thing. */
class Shown<T extends string> {
  private readonly counts = new Map<T, number>()

  put(names: readonly T[], by: 1 | -1) {
    for (const name of names) {
      const count = (this.counts.get(name) ?? 0) + by
      if (count > 0) this.counts.set(name, count)
      else this.counts.delete(name)
    }
  }

  names(): T[] {
    return [...this.counts.keys()]
  }
}

/** What the screen shows of a solution: a preview is asked for no more. */
export class OnScreen {
  readonly sections = new Shown<Section>()
  readonly keys = new Shown<string>()

  /** As a preview is told; `also` is what whoever asks wants beside. */
  told(also: string[] = []): Schemas['OnScreen'] {
    return { sections: this.sections.names(), keys: [...new Set([...this.keys.names(), ...also])] }
  }
}

export const OnScreenContext = createContext(new OnScreen())

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
