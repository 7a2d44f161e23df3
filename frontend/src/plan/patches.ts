import type { PatchStep, PlanDocument, Schemas } from '../api/client'
import { whoMeasures } from './whoMeasures'

type Reading = PlanDocument['readings'][string]

/** Put a value at a place of the document, whether or not one stands there. */
export const put = (path: string, value: PatchStep['value']): PatchStep => ({ op: 'add', path, value })

const remove = (path: string): PatchStep => ({ op: 'remove', path, value: null })

const escaped = (key: string) => key.replaceAll('~', '~0').replaceAll('/', '~1')

/** A choice for the whole plan; null goes back to the default. */
export function withChoice(document: PlanDocument, name: string, value: string | null): PatchStep[] {
  if (value !== null) return [put(`/choices/${name}`, value)]
  return name in document.choices ? [remove(`/choices/${name}`)] : []
}

/** What was chosen at one place or space. */
export const choicesOf = (document: PlanDocument, place: string): Record<string, string> =>
  document.places[place]?.choices ?? document.spaces[place]?.choices ?? {}

/** A choice for one place or one space; null goes back to what holds further out. */
export function withPlaceChoice(
  document: PlanDocument,
  place: string,
  name: string,
  value: string | null,
): PatchStep[] {
  const at = place in document.spaces ? `/spaces/${place}` : `/places/${place}`
  if (value !== null) return [put(`${at}/choices/${name}`, value)]
  return name in choicesOf(document, place) ? [remove(`${at}/choices/${name}`)] : []
}

/** Who reads the tape on this device, and when. */
const takenNow = () => ({
  taken_by: whoMeasures(),
  taken_at: new Date().toISOString().replace(/\.\d+Z$/, 'Z'),
})

export function withReading(
  document: PlanDocument,
  id: string | null,
  station: Schemas['Station'],
  survey: string,
  value: string | null,
  device?: { plus_minus: string; device: string },
): PatchStep[] {
  const by = device && { plus_minus: device.plus_minus, note: `${device.device} tape` }
  if (id !== null && value !== null)
    return [
      put(`/readings/${id}/value`, value),
      ...Object.entries(takenNow()).map(([name, said]) => put(`/readings/${id}/${name}`, said)),
      ...(by ? [put(`/readings/${id}/plus_minus`, by.plus_minus), put(`/readings/${id}/note`, by.note)] : []),
    ]
  if (id !== null) {
    const at = document.reading_order.indexOf(id)
    return at < 0 ? [] : [remove(`/readings/${id}`), remove(`/reading_order/${at}`)]
  }
  if (value === null) return []
  const made = `reading-${document.next_id}`
  const reading: Reading = {
    ...station,
    survey,
    value,
    plus_minus: null,
    note: '',
    ...takenNow(),
    ...by,
  }
  return [
    put(`/readings/${made}`, reading),
    put('/reading_order/-', made),
    { op: 'replace', path: '/next_id', value: document.next_id + 1 },
  ]
}

/** A size as it was really cut; null takes the note out. */
export function withPin(document: PlanDocument, key: string, value: string | null): PatchStep[] {
  if (value !== null) return [put(`/as_built/${escaped(key)}`, value)]
  return key in document.as_built ? [remove(`/as_built/${escaped(key)}`)] : []
}

/** Another row of the library, a sheet, a board or a band. */
export function withLibraryRow(
  document: PlanDocument,
  kind: 'sheets' | 'boards' | 'bands',
  row: Record<string, string>,
): PatchStep[] {
  const id = `${kind.slice(0, -1)}-${document.next_id}`
  return [
    put(`/library/${kind}/${id}`, row),
    { op: 'replace', path: '/next_id', value: document.next_id + 1 },
  ]
}
