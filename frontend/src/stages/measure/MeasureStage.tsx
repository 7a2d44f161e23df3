import { useState } from 'react'
import type { PlanDocument, Schemas } from '../../api/client'
import { useCatalogue } from '../../api/queries'
import { LengthField } from '../../lengths/LengthField'
import { useDesk } from '../../plan/PlanDesk'
import { withReading } from '../../plan/patches'
import { Origin } from '../../reasons/Origin'
import { Size } from '../../reasons/Size'
import { ChoiceFields } from '../ChoiceFields'
import { StationPicture } from './StationPicture'

type Group = Schemas['StationGroup']
type Station = Schemas['Station']

/** What the tape says, station by station; the smallest governs. */
export function MeasureStage() {
  const { plan, solution } = useDesk()
  const catalogue = useCatalogue()
  const space = plan.document.spaces[plan.document.space_order[0] ?? '']
  if (!space || !catalogue.data) return <p>Opening …</p>
  const groups = catalogue.data.stations.filter((one) => one.space === space.kind)
  const outer = space.frame ?? space.case
  return (
    <div data-ready>
      <h1>Measure</h1>
      <p className="lead-in">
        {space.kind === 'framed' ? 'Cabinet with a face frame' : 'Plain opening'}. Take each size at several
        stations; the smallest governs. Sums are fine: 30 3/8 - 3 * 3/4.{' '}
        <a href="/api/measuring-sheet.pdf" target="_blank" rel="noreferrer">
          Blank measuring sheet to print
        </a>
      </p>
      <dl className="governing">
        <Governing title="Width" of={`${outer}/governing_width`} />
        <Governing title="Height" of={`${outer}/governing_height`} />
        <Governing title="Depth" of={`${space.case}/governing_depth`} />
      </dl>
      {groups.map((group) => (
        <Stations
          key={group.survey + group.of}
          group={group}
          survey={group.survey === 'frame' ? outer : space.case}
        />
      ))}
      <h2>Clear and packing</h2>
      <table className="figures">
        <tbody>
          {['clear_width', 'clear_height', 'clear_depth', 'packing_left', 'packing_right'].map((name) => {
            const key = `${plan.document.space_order[0]}/${name}`
            return (
              solution.quantities[key] && (
                <tr key={name}>
                  <th scope="row">{solution.quantities[key]?.label}</th>
                  <td>
                    <Size of={key} />
                  </td>
                </tr>
              )
            )
          })}
        </tbody>
      </table>
      <ChoiceFields
        group="Space"
        without={space.kind === 'framed' ? [] : ['frame_lip_left', 'frame_lip_right', 'lip_clearance']}
      />
    </div>
  )
}

function Governing({ title, of }: { title: string; of: string }) {
  return (
    <div>
      <dt>{title}</dt>
      <dd>
        <Size of={of} label={`Governing ${title.toLowerCase()}`} />
      </dd>
    </div>
  )
}

const isAt = (reading: PlanDocument['readings'][string], station: Station, survey: string) =>
  reading.survey === survey &&
  reading.of === station.of &&
  (reading.level ?? null) === (station.level ?? null) &&
  (reading.along ?? null) === (station.along ?? null) &&
  (reading.side ?? null) === (station.side ?? null)

const nameOf = (station: Station) =>
  station.of.startsWith('diagonal_')
    ? station.of.replace('diagonal_', '').replace('_', ' ')
    : [station.along ?? station.side, station.level].filter(Boolean).join(', ')

/** A field of the grid; its key stays when its first reading is taken, so that the hand stays in it. */
interface Cell {
  key: string
  station: Station
  id: string | null
}

function Stations({ group, survey }: { group: Group; survey: string }) {
  const { plan } = useDesk()
  const [here, setHere] = useState<Station | null>(null)
  const { readings, reading_order: order } = plan.document
  const columns = group.stations.length % 3 === 0 ? 3 : group.stations.length % 2 === 0 ? 2 : 1
  const seen = new Set<string>()
  const cells = group.stations.flatMap((station): Cell[] => {
    const ids = order.filter((id) => readings[id] && isAt(readings[id], station, survey))
    for (const id of ids) seen.add(id)
    const name = nameOf(station)
    return ids.length === 0
      ? [{ key: `${name} 0`, station, id: null }]
      : ids.map((id, ordinal) => ({ key: `${name} ${ordinal}`, station, id }))
  })
  const elsewhere = order.filter(
    (id) =>
      !seen.has(id) &&
      readings[id]?.survey === survey &&
      group.stations.some((one) => one.of === readings[id]?.of),
  )
  return (
    <section aria-label={group.title}>
      <h2>{group.title}</h2>
      <div className="station-head">
        <StationPicture stations={group.stations} here={here} />
        <p>{group.hint}</p>
      </div>
      <div className={`stations stations--${columns}`}>
        {[...cells, ...elsewhere.map((id) => ({ key: id, station: readings[id] as Station, id }))].map(
          (cell) => (
            <ReadingField
              key={cell.key}
              station={cell.station}
              id={cell.id}
              survey={survey}
              title={group.title}
              onFocus={() => setHere(cell.station)}
            />
          ),
        )}
      </div>
    </section>
  )
}

interface ReadingProps {
  station: Station
  id: string | null
  survey: string
  title: string
  onFocus(): void
}

function ReadingField({ station, id, survey, title, onFocus }: ReadingProps) {
  const { plan, solution, edit, preview } = useDesk()
  const reading = id ? plan.document.readings[id] : undefined
  const quantity = id ? solution.quantities[`${id}/${station.of}`] : undefined
  const governing = solution.quantities[`${survey}/governing_${station.of}`]
  const isGoverning = Boolean(quantity?.value?.mm && quantity.value.mm === governing?.value?.mm)
  const bare: Station = {
    of: station.of,
    level: station.level ?? null,
    along: station.along ?? null,
    side: station.side ?? null,
  }
  const where = nameOf(bare)
  return (
    <LengthField
      label={
        <>
          {id && <Origin origin="measured" />}
          <span className="visually-hidden">{title}, </span>
          {where}
        </>
      }
      kept={reading?.value ?? null}
      unit={plan.document.units.length}
      after={
        reading
          ? `${quantity?.value?.other ?? ''}${isGoverning ? ' · governs' : ''}${reading.note ? ` · ${reading.note}` : ''}`
          : ''
      }
      onFocus={onFocus}
      onType={(kept) =>
        preview(kept === null ? null : (document) => withReading(document, id, bare, survey, kept))
      }
      onKeep={(kept) =>
        edit({
          patch: (document) => withReading(document, id, bare, survey, kept),
          label: `${title}, ${where}: ${kept ?? 'taken out'}`,
          field: `${survey}/${JSON.stringify(bare)}`,
        })
      }
    />
  )
}
