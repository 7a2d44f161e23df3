import { createContext } from 'react'
import type { Schemas } from '../api/client'

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
