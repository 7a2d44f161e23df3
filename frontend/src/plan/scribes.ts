import type { PatchStep, PlanDocument } from '../api/client'
import { put } from './patches'

type Side = 'left' | 'right' | 'top'

/** A scribe strip, to be measured. */
export function withScribe(document: PlanDocument, space: string, side: Side): PatchStep[] {
  const name = side === 'top' ? 'Scribe strip, top' : `Scribe strip, ${side}`
  return [
    put(`/scribes/scribe-${document.next_id}`, { name, space, side, stations: [] }),
    { op: 'replace', path: '/next_id', value: document.next_id + 1 },
  ]
}

export const withoutScribe = (document: PlanDocument, id: string): PatchStep[] =>
  id in (document.scribes ?? {}) ? [{ op: 'remove', path: `/scribes/${id}`, value: null }] : []
