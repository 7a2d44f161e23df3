import { useSyncExternalStore } from 'react'

const listeners = new Set<() => void>()
let isWanted = false

/** On a phone the drawing is shut to a strip until somebody wants it. */
export function wantDrawing(wanted: boolean) {
  isWanted = wanted
  for (const tell of listeners) tell()
}

const listen = (tell: () => void) => {
  listeners.add(tell)
  return () => listeners.delete(tell)
}

export const useDrawingWanted = () => useSyncExternalStore(listen, () => isWanted)
