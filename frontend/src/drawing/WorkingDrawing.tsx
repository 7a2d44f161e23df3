import { useQuery } from '@tanstack/react-query'
import { lazy, Suspense, useCallback, useEffect, useMemo, useRef, useState } from 'react'
import { answered, client, type Sheet } from '../api/client'
import { useNetwork } from '../api/queries'
import { useNarrow } from '../app/useNarrow'
import { Num } from '../lengths/Num'
import { cellsOf } from '../plan/layout'
import { useSection } from '../plan/onScreen'
import { useCommands, useKeeping, useOutcome, usePlan, useSelection, type View } from '../plan/PlanDesk'
import { stackOf } from '../plan/useDrag'
import { useLabel } from '../reasons/labels'
import { CellActs, type Pressed } from './CellActs'
import { useCellKeys } from './cellKeys'
import { Drawing } from './Drawing'
import { Together } from './Together'
import { TypeOver, type Typing } from './TypeOver'
import { useDrawingWanted, wantDrawing } from './wanted'

/** Loaded when somebody wants it: it is large. */
const InSpace = lazy(() => import('../space/InSpace'))

/** How wide the field over a figure is, and the row of a cell's acts, in pixels. */
const TYPE_OVER = 260
const CELL_ACTS_WIDE = 480

const SHORT: [View['name'], string][] = [
  ['elevation', 'Elevation'],
  ['above', 'Plan view'],
  ['inside', 'Inside'],
  ['section', 'Section'],
  ['way_in', 'Way in'],
  ['panel', 'Panel'],
]

/** The sheet in view: it came with the last answer, or is asked for; meanwhile none, for another one is not it. */
function useSheet(): { sheet: Sheet | undefined; isAsked: boolean } {
  const { plan } = usePlan()
  const { drawings } = useOutcome()
  const { view } = useSelection()
  const isIt = (one: Sheet) =>
    one.name === view.name && (view.name === 'part' ? one.part_ids.includes(view.of) : one.place === view.of)
  const here =
    view.name === 'part' ? drawings.find((one) => one.part_ids.includes(view.of)) : drawings.find(isIt)
  const asked = useQuery({
    queryKey: ['drawing', plan.id, plan.revision, view.name, view.of],
    queryFn: () =>
      answered(
        client.GET('/api/plans/{plan_id}/drawing', {
          params: { path: { plan_id: plan.id }, query: { name: view.name, of: view.of } },
        }),
      ),
    enabled: here === undefined && view.of !== '',
  })
  return { sheet: here ?? asked.data, isAsked: here === undefined && asked.isFetching }
}

/** The drawing that is always in view: one of the sheets of the plan as it is now. */
export function WorkingDrawing({ stage }: { stage: string }) {
  const { plan } = usePlan()
  const findings = useSection('findings')
  const { quantities } = plan.solution
  const { chosenPart, chosenPlace, whyKey } = useSelection()
  const { choosePart, choosePlace, askWhy } = useCommands()
  const { dragged } = useKeeping()
  const { view } = useSelection()
  const { show, drag, drop, nudge, push, shove, lay, layBy, act } = useCommands()
  const keys = useCellKeys()
  const isGuest = useNetwork().data?.is_guest ?? false
  const { sheet, isAsked } = useSheet()
  const [isTurned, setIsTurned] = useState(false)
  const [isTogether, setIsTogether] = useState(false)
  useEffect(() => {
    if (chosenPart === null || isTurned) return
    setIsTogether(false)
    show('part')
  }, [chosenPart, isTurned, show])
  const isPart = view.name === 'part'
  const surface = useRef<HTMLDivElement>(null)
  const [typing, setTyping] = useState<Typing | null>(null)
  const leaveTyping = useCallback(() => setTyping(null), [])
  const [pressed, setPressed] = useState<Pressed | null>(null)
  const leaveCell = useCallback(() => setPressed(null), [])
  const isOfSeveral = plan.document.space_order.length > 1
  const press = (id: string, cell?: Element) => {
    choosePlace(id)
    const room = surface.current?.getBoundingClientRect()
    const box = cell?.getBoundingClientRect()
    const acts = view.name === 'elevation' && stage !== 'measure' && stage !== 'cut' && !isGuest
    if (!acts || !room || !box) return setPressed(null)
    const left = Math.max(0, Math.min(box.left - room.left, room.width - CELL_ACTS_WIDE))
    setPressed({ id, left, top: box.bottom - room.top })
  }
  const type = (key: string, figure: Element) => {
    const room = surface.current?.getBoundingClientRect()
    const box = (figure.querySelector('text') ?? figure).getBoundingClientRect()
    if (!room) return
    const left = Math.max(0, Math.min(box.left - room.left - 40, room.width - TYPE_OVER))
    setTyping({ key, left, top: Math.max(0, Math.min(box.bottom - room.top, room.height - 90)) })
  }
  const canPush = stage === 'measure' && view.name === 'elevation'
  const { carriedIn, isMatched } = useMemo(() => {
    const keys = Object.keys(quantities)
    return {
      carriedIn: keys.find((key) => key.endsWith('/passes_flat')),
      isMatched: keys.some((key) => key.endsWith('/panel_length_needed')),
    }
  }, [quantities])
  const things = plan.document.things ?? {}
  const hasView = (name: View['name']) => {
    if (name === 'way_in') return carriedIn
    if (name === 'inside') return Object.keys(things).length > 0
    return name !== 'panel' || isMatched
  }
  const names = Object.fromEntries(
    cellsOf(plan.document).map((one) => [one.id, `${one.number}, ${one.place.name}`]),
  )
  const placeNames = Object.fromEntries(
    Object.entries(plan.document.places).map(([id, place]) => [id, place.name]),
  )
  const obstructionNames = Object.fromEntries(
    Object.entries(plan.document.obstructions ?? {}).map(([id, one]) => [id, one.name]),
  )
  const met = useMemo(
    () => new Set(findings.filter((one) => one.pieces.length > 0).flatMap((one) => one.keys)),
    [findings],
  )
  const label = useLabel()

  const look = (name: View['name']) => {
    const isBox = `${chosenPlace}/passes_flat` in quantities
    if (name === 'way_in' && !isBox) choosePlace(carriedIn?.split('/')[0] ?? '')
    setIsTurned(false)
    setIsTogether(false)
    setPressed(null)
    show(name)
    choosePart(null)
  }

  const isNarrow = useNarrow()
  const isWanted = useDrawingWanted()
  if (isNarrow && !isWanted)
    return (
      <section className="working working--shut" aria-label="Working drawing">
        <button
          type="button"
          className="btn btn-sm"
          aria-expanded={false}
          data-ready
          onClick={() => wantDrawing(true)}
        >
          Show the drawing
        </button>
      </section>
    )
  return (
    <section className="working" aria-label="Working drawing">
      <div className="views">
        {isNarrow && (
          <button
            type="button"
            className="btn btn-sm"
            aria-expanded={true}
            aria-label="Shut the drawing"
            onClick={() => wantDrawing(false)}
          >
            ×
          </button>
        )}
        {SHORT.filter(([name]) => hasView(name)).map(([name, title]) => (
          <button
            type="button"
            className="btn btn-sm"
            key={name}
            aria-pressed={view.name === name && !isTurned && !isTogether}
            onClick={() => look(name)}
          >
            {title}
          </button>
        ))}
        {isOfSeveral && (
          <button
            type="button"
            className="btn btn-sm"
            aria-pressed={isTogether && !isTurned}
            onClick={() => {
              if (isPart) show('elevation')
              setIsTurned(false)
              setIsTogether(true)
            }}
          >
            Together
          </button>
        )}
        <button
          type="button"
          className="btn btn-sm"
          aria-pressed={isTurned}
          onClick={() => {
            if (isPart) show('elevation')
            setIsTurned(true)
          }}
        >
          In space
        </button>
        {isPart && !isTurned && (
          <button type="button" className="btn btn-sm" aria-pressed="true">
            {sheet?.title ?? 'Part'}
          </button>
        )}
        <span className="scale">
          {sheet && sheet.strokes.length > 0 && !isTurned && !isTogether ? `1:${sheet.scale}` : ''}
        </span>
      </div>
      {dragged !== null && (
        <output className="dragged">
          <Num>{dragged}</Num>
        </output>
      )}
      <div className="surface d-flex" ref={surface}>
        {pressed && pressed.id === chosenPlace && !isTurned && !isTogether && (
          <CellActs key={pressed.id} at={pressed} name={placeNames[pressed.id] ?? ''} onLeave={leaveCell} />
        )}
        {typing && <TypeOver key={typing.key} at={typing} onLeave={leaveTyping} />}
        {isTurned ? (
          <Suspense fallback={<p className="empty">Putting it together …</p>}>
            <InSpace onFlat={() => setIsTurned(false)} />
          </Suspense>
        ) : isTogether ? (
          <Together cells={names} />
        ) : sheet && sheet.strokes.length > 0 ? (
          <Drawing
            sheet={sheet}
            canZoom
            without={
              isPart ? [] : stage !== 'measure' ? ['readings'] : view.name === 'elevation' ? ['label'] : []
            }
            chosenKey={whyKey}
            met={met}
            label={label}
            onWhy={askWhy}
            {...(isGuest ? {} : { onType: type })}
            cells={names}
            chosenCell={chosenPlace}
            onCell={press}
            onCellKey={keys}
            placeNames={placeNames}
            onDrag={drag}
            onDrop={drop}
            onNudge={nudge}
            obstructionNames={obstructionNames}
            lying={{
              nameOf: (stack) => things[stackOf(stack).thing]?.name ?? '',
              onPush: lay,
              onShove: layBy,
              onTurn: (stack) => act({ do: 'lay-thing', ...stackOf(stack), turn: true }),
            }}
            {...(canPush ? { onPush: push, onShove: shove } : {})}
          />
        ) : (
          !isAsked && <Empty view={view.name} />
        )}
      </div>
    </section>
  )
}

function Empty({ view }: { view: string }) {
  return (
    <div className="empty" data-ready>
      <svg viewBox="0 0 200 110" width="200" height="110" aria-hidden="true" className="station-picture">
        <rect className="space" x="20" y="12" width="160" height="86" />
        <path className="tape tape--here" d="M22 55H178" />
      </svg>
      <p className="mb-0">
        {view === 'section'
          ? 'The section is drawn once a depth and a height have been read.'
          : view === 'above'
            ? 'The plan view is drawn once a width and a depth have been read.'
            : view === 'way_in'
              ? 'The way in is drawn once the mouth has been measured, and the box has its sizes.'
              : view === 'panel'
                ? 'The fronts of this drawer are not cut from one panel.'
                : 'The opening is drawn once a width and a height have been read.'}
      </p>
    </div>
  )
}
