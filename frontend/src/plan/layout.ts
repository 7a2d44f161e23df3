import type { PlanDocument } from '../api/client'

export type Place = PlanDocument['places'][string]

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

/** What was chosen at one place or space. */
export const choicesOf = (document: PlanDocument, at: string): Record<string, string> =>
  document.places[at]?.choices ?? document.spaces[at]?.choices ?? {}

/** What holds at a place unless it chooses otherwise: of what it is a part of, of its space, of the plan. */
export function chosenFurtherOut(document: PlanDocument, id: string, name: string): string | undefined {
  for (let at = parentOf(document, id); at !== null; at = parentOf(document, at)) {
    const found = choicesOf(document, at)[name]
    if (found) return found
  }
  return choicesOf(document, spaceOf(document, id))[name] ?? document.choices[name]
}
