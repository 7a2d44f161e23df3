import { useSyncExternalStore } from 'react'

const inHand = new Set<Promise<unknown>>()
const watchers = new Set<() => void>()

function tell() {
  for (const watch of watchers) watch()
}

/** A field's text on its way to the plan; what is pressed meanwhile waits its turn behind it. */
export function keepingInHand<T>(kept: Promise<T>): Promise<T> {
  inHand.add(kept)
  tell()
  const done = () => {
    inHand.delete(kept)
    tell()
  }
  kept.then(done, done)
  return kept
}

/** Once no field has a text on its way. */
export async function settled(): Promise<void> {
  while (inHand.size > 0) await Promise.allSettled(inHand)
}

function watch(watcher: () => void) {
  watchers.add(watcher)
  return () => watchers.delete(watcher)
}

export const useIsInHand = (): boolean => useSyncExternalStore(watch, () => inHand.size > 0)
