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

/** The class that gives a numbered cell its tint. */
export const tintOf = (number: number) => (number > 0 ? `tint-${((number - 1) % 8) + 1}` : '')

/** The space that a place stands in. */
export function spaceOf(document: PlanDocument, id: string): string {
  let root = id
  for (let up = parentOf(document, root); up !== null; up = parentOf(document, root)) root = up
  return document.space_order.find((one) => document.spaces[one]?.holds === root) ?? ''
}

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

const KIND_NAMES: Record<string, string> = {
  drawer: 'Drawer',
  tray: 'Tray',
  shelf: 'Shelf',
  open: 'Open bay',
  bin: 'Bin',
  false_front: 'False front',
  blocked: 'Blocked',
}
const GIVEN_NAME = new RegExp(`^(${Object.values(KIND_NAMES).join('|')}) \\d+$`)

/** Names of one kind that no place has yet, each with the next number. */
function freshNames(document: PlanDocument, holds: string): () => string {
  const taken = new Set(Object.values(document.places).map((place) => place.name))
  let number = cellsOf(document).length
  return () => {
    do number += 1
    while (taken.has(`${KIND_NAMES[holds]} ${number}`))
    return `${KIND_NAMES[holds]} ${number}`
  }
}

/** Let a place hold something else; a name that was given with the kind goes with it. */
export function withHolds(document: PlanDocument, id: string, holds: Place['holds']): PatchStep[] {
  const place = document.places[id]
  if (!place) return []
  const isSizeless = place.size?.by === 'contents' && !place.size.length && holds !== 'bin'
  const steps = [put(`/places/${id}/holds`, holds)]
  if (isSizeless) steps.push(put(`/places/${id}/size`, SHARE))
  if (GIVEN_NAME.test(place.name)) {
    const number = place.name.replace(/^.* /, '')
    const name = `${KIND_NAMES[holds]} ${number}`
    const isTaken = Object.values(document.places).some((other) => other.name === name)
    steps.push(put(`/places/${id}/name`, isTaken ? freshNames(document, holds)() : name))
  }
  return steps
}

/** Divide a place: it keeps its id and becomes the first part; where it already stands in such a split, it gets neighbours. */
export function withSplit(document: PlanDocument, id: string, how: Split, count: number): PatchStep[] {
  const place = document.places[id]
  const parent = parentOf(document, id)
  if (!place) return []
  let next = document.next_id
  const made: PatchStep[] = []
  const added: string[] = []
  const freshName = freshNames(document, 'drawer')
  for (let n = 1; n < count; n++) {
    const fresh = `place-${next++}`
    added.push(fresh)
    made.push(put(`/places/${fresh}`, { name: freshName(), holds: 'drawer', size: SHARE }))
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

/** A copy of a place and everything in it, beside it in the split it stands in; marks and notes as built stay behind. */
export function withCopy(document: PlanDocument, id: string): PatchStep[] {
  const parent = parentOf(document, id)
  if (parent === null) return []
  let next = document.next_id
  const made: PatchStep[] = []
  const copied = (at: string): string => {
    const children = (document.places[at]?.children ?? []).map(copied)
    const name = `place-${next++}`
    made.push(put(`/places/${name}`, { ...document.places[at], children }))
    return name
  }
  const copy = copied(id)
  const at = (document.places[parent]?.children ?? []).indexOf(id)
  return [...made, put(`/places/${parent}/children/${at + 1}`, copy), put('/next_id', next)]
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
