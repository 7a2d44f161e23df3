import type { PatchStep, PlanDocument } from '../api/client'
import type { Setting } from '../drawing/SpacePicture'
import { put } from './patches'

const remove = (path: string): PatchStep => ({ op: 'remove', path, value: null })

/** Another space with its surveys, not measured yet, and one drawer in it. */
export function withSpace(document: PlanDocument, what: Setting, kind: 'framed' | 'frameless'): PatchStep[] {
  let next = document.next_id
  const frame = kind === 'framed' ? `survey-${next++}` : null
  const inside = `survey-${next++}`
  const drawer = `place-${next++}`
  const space = `space-${next++}`
  const number = document.space_order.length + 1
  return [
    ...(frame ? [put(`/surveys/${frame}`, { what: 'frame' })] : []),
    put(`/surveys/${inside}`, { what: 'case' }),
    put(`/places/${drawer}`, { name: `Drawer ${Object.keys(document.places).length + 1}`, holds: 'drawer' }),
    put(`/spaces/${space}`, {
      name: `Space ${number}`,
      what,
      kind,
      frame,
      case: inside,
      holds: drawer,
      choices: what === 'unit' ? { carcass: 'new' } : {},
    }),
    put('/space_order/-', space),
    { op: 'replace', path: '/next_id', value: next },
  ]
}

/** Take a space out with everything that was measured and built in it. */
export function withoutSpace(document: PlanDocument, id: string): PatchStep[] {
  const space = document.spaces[id]
  if (!space || document.space_order.length < 2) return []
  const surveys = [space.frame, space.case].filter((one): one is string => typeof one === 'string')
  const readings = document.reading_order.filter((one) =>
    surveys.includes(document.readings[one]?.survey ?? ''),
  )
  const below = (at: string): string[] => [at, ...(document.places[at]?.children ?? []).flatMap(below)]
  return [
    ...readings
      .map((one) => document.reading_order.indexOf(one))
      .sort((a, b) => b - a)
      .map((at) => remove(`/reading_order/${at}`)),
    ...readings.map((one) => remove(`/readings/${one}`)),
    ...Object.entries(document.obstructions ?? {})
      .filter(([, one]) => one.space === id)
      .map(([one]) => remove(`/obstructions/${one}`)),
    ...Object.entries(document.scribes ?? {})
      .filter(([, one]) => one.space === id)
      .map(([one]) => remove(`/scribes/${one}`)),
    ...below(space.holds).map((one) => remove(`/places/${one}`)),
    ...surveys.map((one) => remove(`/surveys/${one}`)),
    remove(`/space_order/${document.space_order.indexOf(id)}`),
    remove(`/spaces/${id}`),
  ]
}
