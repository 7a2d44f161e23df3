import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import { useCatalogue } from '../../api/queries'
import { useNarrow } from '../../app/useNarrow'
import { wantDrawing } from '../../drawing/wanted'
import { Panel } from '../../panels/Panel'
import { takenNow } from '../../plan/acts'
import { spaceOf } from '../../plan/layout'
import { useQuantity, useSection } from '../../plan/onScreen'
import { usePlan, useSelection } from '../../plan/PlanDesk'
import { PlanLength } from '../../plan/PlanLength'
import { Figures } from '../../reasons/Figures'
import { Origin } from '../../reasons/Origin'
import { Size } from '../../reasons/Size'
import { Value } from '../../reasons/Value'
import { ChoiceFields } from '../ChoiceFields'
import { InTheWay } from './InTheWay'
import { Neighbours } from './Neighbours'
import { OneStation } from './OneStation'
import { PasteReadings } from './PasteReadings'
import { ScribeStrips } from './ScribeStrips'
import { Spaces } from './Spaces'
import { StationPicture } from './StationPicture'
import { bareOf, type Group, isAt, nameOf, type Station, takenIn } from './stations'
import { type InFocus, Tape } from './Tape'
import { WhatIsBuilt } from './WhatIsBuilt'
import { WhatIsThere } from './WhatIsThere'
import { WhoMeasures } from './WhoMeasures'

/** What the tape says, station by station; the smallest governs. */
export function MeasureStage() {
  const { plan } = usePlan()
  const { chosenPlace } = useSelection()
  const catalogue = useCatalogue()
  const isNarrow = useNarrow()
  const [isList, setIsList] = useState(false)
  const [inFocus, setInFocus] = useState<InFocus | null>(null)
  const spaceId = spaceOf(plan.document, chosenPlace)
  const space = plan.document.spaces[spaceId]
  if (!space || !catalogue.data) return <p>Opening …</p>
  const what = space.what ?? 'cabinet'
  const setting = catalogue.data.settings.find((one) => one.what === what)
  const groups = catalogue.data.stations.filter((one) => one.space === space.kind && one.what === what)
  const outer = space.frame ?? space.case
  const taken = groups.map((group) => ({ group, survey: group.survey === 'frame' ? outer : space.case }))
  const stations = taken.flatMap(({ group, survey }) =>
    group.stations.map((station) => ({ station, survey })),
  )
  const read = Object.values(plan.document.readings)
  const surveys = new Set(taken.map((one) => one.survey))
  const count = read.filter((one) => surveys.has(one.survey)).length
  const missing = stations.filter(
    ({ station, survey }) => !read.some((one) => isAt(one, station, survey)),
  ).length
  if (isNarrow && !isList)
    return (
      <div>
        <h1 className="visually-hidden">Measure</h1>
        <OneStation
          key={spaceId}
          groups={taken}
          onDrawing={() => {
            setIsList(true)
            wantDrawing(true)
          }}
        />
      </div>
    )
  return (
    <div data-ready>
      <h1>Measure</h1>
      {isNarrow && (
        <button type="button" className="btn btn-primary w-100 mb-2" onClick={() => setIsList(false)}>
          Station by station
        </button>
      )}
      <Spaces chosen={spaceId} />
      <dl className="governing">
        <Governing title="Width" of={`${outer}/governing_width`} />
        <Governing title="Height" of={`${outer}/governing_height`} />
        <Governing title="Depth" of={`${space.case}/governing_depth`} />
      </dl>
      <WhatIsBuilt key={`built ${spaceId}`} space={spaceId} />
      <Panel id="readings" says={`${count} taken${missing > 0 ? `, ${missing} stations open` : ''}`}>
        <WhereToHold groups={groups} at={inFocus} />
        {taken.map(({ group, survey }) => (
          <Stations key={survey + group.of} group={group} survey={survey} onFocus={setInFocus} />
        ))}
        <Ways about={setting?.about ?? ''} what={what} inFocus={inFocus} space={spaceId} />
      </Panel>
      <InTheWay space={spaceId} likely={setting?.look_for ?? []} />
      <WhatIsThere space={spaceId} />
      <Neighbours key={`beside ${spaceId} ${what}`} space={spaceId} asks={setting?.asks ?? []} />
      <Panel
        id="clear"
        says={
          <>
            <Value of={`${spaceId}/clear_width`} /> <Value of={`${spaceId}/clear_height`} before="× " />{' '}
            <Value of={`${spaceId}/clear_depth`} before="× " />
          </>
        }
      >
        <Figures place={spaceId} names={CLEAR} />
        <ChoiceFields group="Space" onlyAsked />
      </Panel>
      <ScribeStrips space={spaceId} />
    </div>
  )
}

/** Other ways to take readings: the tape that reads itself, a table, paper. */
function Ways({
  about,
  what,
  inFocus,
  space,
}: {
  about: string
  what: string
  inFocus: InFocus | null
  space: string
}) {
  const [isOpen, setIsOpen] = useState(false)
  const { plan } = usePlan()
  return (
    <div className="mt-2">
      <Button
        size="sm"
        variant="outline-secondary"
        className="discloses"
        aria-expanded={isOpen}
        onMouseDown={(event) => event.preventDefault()}
        onClick={() => setIsOpen(!isOpen)}
      >
        Tape, paste, paper
      </Button>
      {isOpen && (
        <div className="ways">
          <p className="lead-in mb-1">
            {about} Take each size at several stations; the smallest governs. Sums are fine: 30 3/8 - 3 * 3/4;
            so is 22 1/2 ± 1/32.
          </p>
          <div className="d-flex flex-wrap gap-2 mb-2">
            <Tape at={inFocus} />
            <WhoMeasures />
            <a
              className="btn btn-outline-secondary"
              href={`/api/plans/${plan.id}/measuring-sheet.pdf?what=${what}`}
              target="_blank"
              rel="noreferrer"
            >
              Blank measuring sheet to print
            </a>
          </div>
          <PasteReadings key={`paste ${space}`} space={space} />
        </div>
      )}
    </div>
  )
}

const CLEAR = ['clear_width', 'clear_height', 'clear_depth', 'packing_left', 'packing_right']

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

/** The picture of the station in hand: where to hold the tape, and what to look out for. */
function WhereToHold({ groups, at }: { groups: Group[]; at: InFocus | null }) {
  const group = groups.find((one) => one.title === at?.title) ?? groups[0]
  if (!group) return null
  return (
    <div className="station-head">
      <StationPicture what={group.what} stations={group.stations} here={at?.station ?? null} />
      <p>
        <b>{[group.title, at && nameOf(at.station)].filter(Boolean).join(', ')}.</b> {group.hint}
      </p>
    </div>
  )
}

/** A field of the grid; its key stays when its first reading is taken, so that the hand stays in it. */
interface Cell {
  key: string
  station: Station
  id: string | null
}

interface StationsProps {
  group: Group
  survey: string
  onFocus(at: InFocus): void
}

function Stations({ group, survey, onFocus }: StationsProps) {
  const { plan } = usePlan()
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
      <h3>{group.title}</h3>
      <div className={`stations stations--${columns}`}>
        {[...cells, ...elsewhere.map((id) => ({ key: id, station: readings[id] as Station, id }))].map(
          (cell) => (
            <ReadingField
              key={cell.key}
              station={cell.station}
              id={cell.id}
              survey={survey}
              title={group.title}
              onFocus={() =>
                onFocus({ station: bareOf(cell.station), survey, id: cell.id, title: group.title })
              }
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
  const { plan } = usePlan()
  const findings = useSection('findings')
  const reading = id ? plan.document.readings[id] : undefined
  const quantity = useQuantity(id ? `${id}/${station.of}` : '')
  const governing = useQuantity(`${survey}/governing_${station.of}`)
  const isGoverning = Boolean(quantity?.value?.mm && quantity.value.mm === governing?.value?.mm)
  const isDoubted =
    isGoverning && findings.some((one) => one.code.endsWith('-stands-alone') && one.places.includes(survey))
  const bare = bareOf(station)
  const where = nameOf(bare)
  return (
    <div data-field={`${id ?? survey}/${station.of}`}>
      <PlanLength
        label={
          <>
            {id && <Origin origin="measured" />}
            <span className="visually-hidden">{title}, </span>
            {where}
          </>
        }
        kept={reading?.value ?? null}
        after={
          reading
            ? [
                quantity?.value?.other,
                isGoverning && 'governs',
                isDoubted && 'read it again',
                reading.plus_minus && `± ${reading.plus_minus}`,
                takenIn(reading),
                reading.note,
              ]
                .filter(Boolean)
                .join(' · ')
            : ''
        }
        onFocus={onFocus}
        act={(value) => ({ do: 'measure', survey, station: bare, reading: id, value, ...takenNow() })}
        called={`${title}, ${where}`}
        emptied={`${title}, ${where}: taken out`}
        field={`${survey}/${JSON.stringify(bare)}`}
      />
    </div>
  )
}
