import type { PatchStep, PlanDocument } from '../api/client'
import { put } from './patches'

export type Place = PlanDocument['places'][string]
type Split = 'rows' | 'columns'

const remove = (path: string): PatchStep => ({ op: 'remove', path, value: null })

/** Every place with its depth in the layout, each before its children; cells are numbered as in the drawing. */
export function walk(document: PlanDocument): { id: string; place: Place; depth: number; number: number }[] {
  const found: { id: string; place: Place; depth: number; number: number }[] = []
  let number = 0
  const visit = (id: string, depth: number) => {
    const place = document.places[id]
    if (!place) return
    const children = place.children ?? []
    if (children.length === 0) number += 1
    found.push({ id, place, depth, number: children.length === 0 ? number : 0 })
    for (const child of children) visit(child, depth + 1)
  }
  for (const space of document.space_order) visit(document.spaces[space]?.holds ?? '', 0)
  return found
}

export const cellsOf = (document: PlanDocument) => walk(document).filter((one) => one.number > 0)

/** What a place stands in: a split, or the space itself. */
export function parentOf(document: PlanDocument, id: string): string | null {
  return (
    Object.keys(document.places).find((one) => (document.places[one]?.children ?? []).includes(id)) ?? null
  )
}

/** Put another place where one stands now. */
function exchanged(document: PlanDocument, id: string, by: string): PatchStep[] {
  const parent = parentOf(document, id)
  if (parent !== null) {
    const at = (document.places[parent]?.children ?? []).indexOf(id)
    return [{ op: 'replace', path: `/places/${parent}/children/${at}`, value: by }]
  }
  const space = document.space_order.find((one) => document.spaces[one]?.holds === id)
  return space ? [{ op: 'replace', path: `/spaces/${space}/holds`, value: by }] : []
}

const SHARE = { by: 'share', length: null, share: 1 }

/** Divide a place: it keeps its id and becomes the first part; where it already stands in such a split, it gets neighbours. */
export function withSplit(document: PlanDocument, id: string, how: Split, count: number): PatchStep[] {
  const place = document.places[id]
  const parent = parentOf(document, id)
  if (!place) return []
  let next = document.next_id
  const made: PatchStep[] = []
  const added: string[] = []
  for (let n = 1; n < count; n++) {
    const name = `place-${next++}`
    added.push(name)
    made.push(put(`/places/${name}`, { name: `Drawer ${name.slice(6)}`, holds: 'drawer', size: SHARE }))
  }
  if (parent !== null && document.places[parent]?.holds === how) {
    const at = (document.places[parent]?.children ?? []).indexOf(id)
    const beside = added.map((name, step) => put(`/places/${parent}/children/${at + 1 + step}`, name))
    return [...made, ...beside, put('/next_id', next)]
  }
  const split = `place-${next++}`
  const node = {
    name: how === 'rows' ? 'Column' : 'Columns',
    holds: how,
    children: [id, ...added],
    size: place.size ?? SHARE,
  }
  return [
    ...made,
    ...exchanged(document, id, split),
    put(`/places/${split}`, node),
    put(`/places/${id}/size`, SHARE),
    put('/next_id', next),
  ]
}

/** Take a part of a split out; a split of one part gives way to it. */
export function withoutPlace(document: PlanDocument, id: string): PatchStep[] {
  const parent = parentOf(document, id)
  if (parent === null) return []
  const siblings = document.places[parent]?.children ?? []
  const below = (at: string): string[] => [at, ...(document.places[at]?.children ?? []).flatMap(below)]
  const gone = below(id).map((one) => remove(`/places/${one}`))
  if (siblings.length > 2) return [remove(`/places/${parent}/children/${siblings.indexOf(id)}`), ...gone]
  const left = siblings.find((one) => one !== id)
  if (left === undefined) return []
  return [
    ...exchanged(document, parent, left),
    put(`/places/${left}/size`, document.places[parent]?.size ?? SHARE),
    remove(`/places/${parent}`),
    ...gone,
  ]
}

/** Give every part of the split that a place stands in the same wish. */
export function withSizes(document: PlanDocument, id: string, by: 'share' | 'graduated'): PatchStep[] {
  const parent = parentOf(document, id)
  if (parent === null) return []
  return (document.places[parent]?.children ?? []).map((child) =>
    put(`/places/${child}/size`, { ...SHARE, by }),
  )
}
