import { useSyncExternalStore } from 'react'
import { isNarrow } from '../app/useNarrow'
import { PANELS, type PanelId, panelOf } from './panels'

const KEY = 'vasculum-open'

/** A panel, or the other kinds of a family that one of them shows. */
type Openable = PanelId | `others-${string}`
type Said = Partial<Record<Openable, boolean>>

const listeners = new Set<() => void>()
let said: Said = read()

function read(): Said {
  try {
    return JSON.parse(localStorage.getItem(KEY) ?? '{}')
  } catch {
    return {}
  }
}

const isPanel = (id: Openable): id is PanelId => id in PANELS
const isOpen = (id: Openable) => said[id] ?? (isPanel(id) && panelOf(id).isOpenAtFirst) ?? false

/** Open or shut one; on a phone one of a sheet is open at a time. What was open stays open, on this device. */
export function setOpen(id: Openable, open: boolean) {
  const next: Said = { ...said, [id]: open }
  if (open && isPanel(id) && isNarrow())
    for (const other of Object.keys(PANELS) as PanelId[])
      if (other !== id && panelOf(other).stage === panelOf(id).stage) next[other] = false
  said = next
  localStorage.setItem(KEY, JSON.stringify(said))
  for (const tell of listeners) tell()
}

const listen = (tell: () => void) => {
  listeners.add(tell)
  return () => listeners.delete(tell)
}

export const useOpen = (id: Openable) => useSyncExternalStore(listen, () => isOpen(id))
