import type { Act } from '../api/client'

/** What a person did: worked out on the newest plan, with a name and the field it belongs to where it has one. */
export interface Done {
  act: Act
  label: string
  field: string
}

/** A change that has no answer yet, and the revision that it was first sent against. */
export interface Unsent extends Done {
  base?: number
}

/** Changes without an answer, in order. They outlive a reload of the page, in this tab. */
export class UnsentQueue {
  private readonly key: string
  private waiting: Unsent[]

  constructor(planId: string) {
    this.key = `vasculum-unsent-${planId}`
    this.waiting = read(this.key)
  }

  get first(): Unsent | undefined {
    return this.waiting[0]
  }

  get all(): readonly Unsent[] {
    return this.waiting
  }

  push(done: Done) {
    this.put([...this.waiting, done])
  }

  /** Before the first is sent: should its answer be lost, it is known whether it may have been kept. */
  sentAgainst(base: number) {
    const [first, ...rest] = this.waiting
    if (first && first.base === undefined) this.put([{ ...first, base }, ...rest])
  }

  answered() {
    this.put(this.waiting.slice(1))
  }

  private put(waiting: Unsent[]) {
    this.waiting = waiting
    try {
      if (waiting.length === 0) sessionStorage.removeItem(this.key)
      else sessionStorage.setItem(this.key, JSON.stringify(waiting))
    } catch {
      // A browser that stores nothing still has them until the page is left; leaving it asks first.
    }
  }
}

function read(key: string): Unsent[] {
  try {
    const found: unknown = JSON.parse(sessionStorage.getItem(key) ?? '[]')
    return Array.isArray(found) ? (found as Unsent[]) : []
  } catch {
    return []
  }
}
