import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { type KeyboardEvent, useEffect, useMemo, useRef, useState } from 'react'
import { answered, client } from '../api/client'
import { useSection } from '../plan/onScreen'
import { useCommands, usePlan, useSelection } from '../plan/PlanDesk'
import { type PieceInSpace, type Side, SpaceScene } from './scene'

const SIDES: [Side, string][] = [
  ['front', 'From the front'],
  ['back', 'From behind'],
  ['left', 'From the left'],
  ['right', 'From the right'],
  ['above', 'From above'],
]
const STEP = 12
const NEARER = 1.2

/** The plan in space: turned, opened, taken apart; a piece that is chosen here is chosen in the part list. */
export default function InSpace({ onFlat }: { onFlat(): void }) {
  const { plan } = usePlan()
  const { chosenPart } = useSelection()
  const { choosePart } = useCommands()
  const findings = useSection('findings')
  const canvas = useRef<HTMLCanvasElement>(null)
  const scene = useRef<SpaceScene | null>(null)
  const [isFlat, setIsFlat] = useState(false)
  const [apart, setApart] = useState(0)
  const [hasFronts, setHasFronts] = useState(true)
  const [out, setOut] = useState<ReadonlySet<string>>(new Set())
  const asked = useQuery({
    queryKey: ['model', plan.id, plan.revision],
    queryFn: () =>
      answered(client.GET('/api/plans/{plan_id}/model', { params: { path: { plan_id: plan.id } } })),
    placeholderData: keepPreviousData,
  })
  const pieces = asked.data?.pieces
  const met = useMemo(() => new Set(findings.flatMap((one) => one.pieces)), [findings])
  const drawers = useMemo(() => drawersOf(pieces ?? []), [pieces])
  const chosen = pieces?.find((one) => one.id === chosenPart) ?? null

  useEffect(() => {
    if (!canvas.current) return
    if (!canDraw()) {
      setIsFlat(true)
      return
    }
    const made = new SpaceScene(canvas.current)
    scene.current = made
    const watch = new ResizeObserver(() => made.resize())
    watch.observe(canvas.current)
    made.resize()
    return () => {
      watch.disconnect()
      made.dispose()
      scene.current = null
    }
  }, [])
  useEffect(() => {
    if (asked.data) scene.current?.show(asked.data)
  }, [asked.data])
  useEffect(() => {
    scene.current?.set({ apart, out, hasFronts, chosen: chosen?.id ?? null, met })
  }, [apart, out, hasFronts, chosen, met])

  if (isFlat)
    return (
      <div className="empty" data-ready>
        <p>This browser cannot draw in space.</p>
        <button type="button" className="btn btn-primary" onClick={onFlat}>
          The flat drawing
        </button>
      </div>
    )

  const onKey = (event: KeyboardEvent) => {
    const acts: Record<string, () => void> = {
      ArrowLeft: () => scene.current?.turn(-STEP, 0),
      ArrowRight: () => scene.current?.turn(STEP, 0),
      ArrowUp: () => scene.current?.turn(0, STEP),
      ArrowDown: () => scene.current?.turn(0, -STEP),
      '+': () => scene.current?.zoom(NEARER),
      '-': () => scene.current?.zoom(1 / NEARER),
      Escape: () => choosePart(null),
    }
    const act = acts[event.key]
    if (!act) return
    event.preventDefault()
    event.stopPropagation()
    act()
  }

  const open = (place: string) => {
    const next = new Set(out)
    if (!next.delete(place)) next.add(place)
    setOut(next)
  }

  return (
    <div className="in-space" data-ready={pieces ? true : undefined} data-pieces={pieces?.length}>
      <div className="hands">
        <select
          className="form-select form-select-sm"
          aria-label="Look from"
          value=""
          onChange={(event) => scene.current?.lookFrom(event.target.value as Side)}
        >
          <option value="">Look from …</option>
          {SIDES.map(([side, title]) => (
            <option key={side} value={side}>
              {title}
            </option>
          ))}
        </select>
        <button
          type="button"
          className="btn btn-sm"
          onClick={() => scene.current?.zoom(NEARER)}
          aria-label="Nearer"
        >
          +
        </button>
        <button
          type="button"
          className="btn btn-sm"
          onClick={() => scene.current?.zoom(1 / NEARER)}
          aria-label="Farther"
        >
          −
        </button>
        <label className="apart">
          apart
          <input
            type="range"
            min="0"
            max="1"
            step="0.05"
            value={apart}
            onChange={(event) => setApart(Number(event.target.value))}
          />
        </label>
        <button
          type="button"
          className="btn btn-sm"
          aria-pressed={!hasFronts}
          onClick={() => setHasFronts(!hasFronts)}
        >
          Without fronts
        </button>
        {drawers.map(([place, number]) => (
          <button
            key={place}
            type="button"
            className="btn btn-sm"
            aria-pressed={out.has(place)}
            aria-label={`Drawer ${number} out`}
            onClick={() => open(place)}
          >
            {number} out
          </button>
        ))}
      </div>
      <canvas
        ref={canvas}
        tabIndex={0}
        role="img"
        aria-label={`${plan.document.name} in space. Arrow keys turn it, plus and minus come nearer.`}
        onKeyDown={onKey}
        onClick={(event) => choosePart(scene.current?.at(event.clientX, event.clientY)?.id ?? null)}
      />
      <p className="piece" aria-live="polite">
        {chosen
          ? [chosen.mark, chosen.name, chosen.place_name].filter(Boolean).join(', ')
          : 'Press a piece to see what it is; drag to turn.'}
      </p>
    </div>
  )
}

const canDraw = () => document.createElement('canvas').getContext('webgl2') !== null

/** What comes out, by place, with its number. */
function drawersOf(pieces: PieceInSpace[]): [string, number][] {
  const moving = pieces.filter((one) => (one.travel ?? 0) > 0 && one.number > 0)
  return [...new Map(moving.map((one) => [one.place, one.number]))].sort((a, b) => a[1] - b[1])
}
