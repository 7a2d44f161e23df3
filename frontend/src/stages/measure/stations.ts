import type { PlanDocument, Schemas } from '../../api/client'

export type Group = Schemas['StationGroup']
export type Station = Schemas['Station']

export const isAt = (reading: PlanDocument['readings'][string], station: Station, survey: string) =>
  reading.survey === survey &&
  reading.of === station.of &&
  (reading.level ?? null) === (station.level ?? null) &&
  (reading.along ?? null) === (station.along ?? null) &&
  (reading.side ?? null) === (station.side ?? null)

/** Where the tape is held, in words. */
export const nameOf = (station: Station) =>
  station.of.startsWith('diagonal_')
    ? station.of.replace('diagonal_', '').replace('_', ' ')
    : [station.along ?? station.side, station.level].filter(Boolean).join(', ')

/** A station with every field said. */
export const bareOf = (station: Station): Station => ({
  of: station.of,
  level: station.level ?? null,
  along: station.along ?? null,
  side: station.side ?? null,
})

/** Who took a reading, and on which day. */
export const takenIn = (reading: PlanDocument['readings'][string]) =>
  [reading.taken_by, reading.taken_at?.slice(0, 10)].filter(Boolean).join(', ')
