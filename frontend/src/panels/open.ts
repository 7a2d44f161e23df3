import { useSyncExternalStore } from 'react'
import { isNarrow } from '../app/useNarrow'
import { PANELS, type PanelId, panelOf } from './panels'

const KEY = 'vasculum-open'

type Said = Partial<Record<PanelId, boolean>>

const listeners = new Set<() => void>()
let said: Said = read()

function read(): Said {
  try {
    return JSON.parse(localStorage.getItem(KEY) ?? '{}')
  } catch {
    return {}
  }
}

const isOpen = (id: PanelId) => said[id] ?? panelOf(id).isOpenAtFirst ?? false

/** Open or shut one; on a phone one of a sheet is open at a time. What was open stays open, on this device. */
export function setOpen(id: PanelId, open: boolean) {
  const next: Said = { ...said, [id]: open }
  if (open && isNarrow())
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

export const useOpen = (id: PanelId) => useSyncExternalStore(listen, () => isOpen(id))
