import type { PatchStep, PlanDocument } from '../api/client'
import { put } from './patches'

type Obstruction = NonNullable<PlanDocument['obstructions']>[string]

/** Something more in the way. */
export function withObstruction(
  document: PlanDocument,
  one: Pick<Obstruction, 'name' | 'what' | 'space' | 'on' | 'projection'>,
): PatchStep[] {
  const taken = new Set(Object.values(document.obstructions ?? {}).map((other) => other.name))
  let name = one.name
  for (let number = 2; taken.has(name); number++) name = `${one.name} ${number}`
  return [
    put(`/obstructions/obstruction-${document.next_id}`, { ...one, name }),
    { op: 'replace', path: '/next_id', value: document.next_id + 1 },
  ]
}

export const withoutObstruction = (document: PlanDocument, id: string): PatchStep[] =>
  id in (document.obstructions ?? {}) ? [{ op: 'remove', path: `/obstructions/${id}`, value: null }] : []

type Profile = NonNullable<Obstruction['profile']>

/** An outline takes the place of heights and of one projection. */
export function withProfile(document: PlanDocument, id: string, profile: Profile): PatchStep[] {
  const one = document.obstructions?.[id]
  if (!one) return []
  return [
    put(`/obstructions/${id}`, {
      ...one,
      profile,
      projection: profile[0]?.projection ?? one.projection,
      projection_above: null,
      from_floor: null,
      height: null,
    }),
  ]
}

/** Back to what its two ends say: where it begins, how high it is, and how it leans. */
export function withoutProfile(document: PlanDocument, id: string): PatchStep[] {
  const one = document.obstructions?.[id]
  const first = one?.profile?.[0]
  const last = one?.profile?.at(-1)
  if (!one || !first || !last) return []
  return [
    put(`/obstructions/${id}`, {
      ...one,
      profile: [],
      projection: first.projection,
      projection_above: last.projection,
      from_floor: first.at,
      height: `${last.at} - (${first.at})`,
    }),
  ]
}
