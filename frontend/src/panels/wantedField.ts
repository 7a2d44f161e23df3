import { useSyncExternalStore } from 'react'

let wanted = ''
const listeners = new Set<() => void>()

/** A field that somebody was led to, by key: a screen that shows one field at a time turns to it. */
export function wantField(key: string) {
  wanted = key
  for (const tell of listeners) tell()
}

const subscribe = (listener: () => void) => {
  listeners.add(listener)
  return () => listeners.delete(listener)
}

export const useWantedField = () => useSyncExternalStore(subscribe, () => wanted)
