import { applyPatch, type Operation } from 'fast-json-patch'
import type { ChangeAnswer, PlanAnswer, PreviewAnswer, Sheet, Shown, Solution } from '../api/client'

type Outcome = PreviewAnswer['outcome']

/** One size that moved, as it was and as it is. */
export interface MovedSize {
  key: string
  placeName: string
  /** What a reading is called, also one that is gone; empty where the name says it. */
  label: string
  old: Shown | null
  now: Shown | null
}

export interface MovedSizes {
  label: string
  sizes: MovedSize[]
  /** How many more moved than are listed. */
  more: number
}

const EMPTY: Solution = {
  quantities: {},
  parts: [],
  hardware: [],
  shopping: { lines: [], total: '', unpriced: 0 },
  travels: '',
  findings: [],
  tape_checks: [],
  assumed: [],
  stages: { measure: 'empty', fill: 'empty', make: 'empty', cut: 'empty' },
  assembled: null,
  asked: [],
  contents: { cells: [], nowhere: [], compared: [] },
}

/** What an answer says otherwise, put into what is held; what is as it was stays the same object. */
export function withOutcome(held: Solution | null, outcome: Outcome): Solution {
  const before = held ?? EMPTY
  const { quantities, gone, parts, moved: _, ...sections } = outcome
  const merged = { ...before.quantities, ...quantities }
  for (const key of gone ?? []) delete merged[key]
  const said = Object.fromEntries(Object.entries(sections).filter(([, value]) => value != null))
  return { ...before, ...said, quantities: merged, parts: withParts(before.parts, parts) }
}

function withParts(before: Solution['parts'], delta: Outcome['parts']): Solution['parts'] {
  if (!delta) return before
  const rows = new Map(before.map((row) => [row.ids[0], row]))
  for (const [id, row] of Object.entries(delta.changed ?? {})) rows.set(id, row)
  const order = delta.order ?? before.map((row) => row.ids[0] ?? '')
  return order.flatMap((id) => rows.get(id) ?? [])
}

const isSame = (one: Sheet, other: PreviewAnswer['drawings'][number]) =>
  one.name === other.name && one.place === other.place && one.part_ids.join() === other.part_ids.join()

/** Sheets with the strokes that became otherwise; the others stay the same objects. */
export function withDrawings(held: Sheet[], deltas: PreviewAnswer['drawings']): Sheet[] {
  const merged = held.map((sheet) => {
    const delta = deltas.find((one) => isSame(sheet, one))
    return delta ? redrawn(sheet, delta) : sheet
  })
  const fresh = deltas.filter((delta) => !held.some((sheet) => isSame(sheet, delta)))
  return [...merged, ...fresh.map((delta) => redrawn(null, delta))]
}

function redrawn(held: Sheet | null, delta: PreviewAnswer['drawings'][number]): Sheet {
  const { count, strokes: changed, ...frame } = delta
  const strokes = Array.from({ length: count }, (_, at) => changed[at] ?? held?.strokes[at])
  return { ...frame, strokes: strokes.flatMap((stroke) => stroke ?? []) }
}

/** Elevations come with every change; another sheet only while it is in view, and is old after one that came without it. */
const isElevation = (sheet: Sheet) => sheet.name === 'elevation'

/** The plan after a change, from the one before it. */
export function withChange(held: PlanAnswer, change: ChangeAnswer): PlanAnswer {
  const { patch, outcome, drawings, ...rest } = change
  const document = applyPatch(held.document, patch as unknown as Operation[], false, false).newDocument
  return {
    ...rest,
    document,
    solution: withOutcome(held.solution, outcome),
    drawings: withDrawings(held.drawings.filter(isElevation), drawings),
  }
}

/** The sizes that an answer says have moved, with what they were. */
export function movedSizes(
  label: string,
  before: Solution,
  after: Solution,
  outcome: Outcome,
): MovedSizes | null {
  if (!outcome.moved) return null
  const { keys, names, more } = outcome.moved
  const sizes = keys.map((key) => ({
    key,
    placeName: names[key.split('/')[0] ?? ''] ?? '',
    label: (after.quantities[key] ?? before.quantities[key])?.label ?? '',
    old: before.quantities[key]?.value ?? null,
    now: after.quantities[key]?.value ?? null,
  }))
  return { label, sizes, more: more ?? 0 }
}
