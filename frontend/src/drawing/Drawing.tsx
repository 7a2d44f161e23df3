import { type KeyboardEvent, memo, useRef, useState } from 'react'
import type { Sheet, Stroke } from '../api/client'
import { runsOf } from '../lengths/Num'
import { keysAreOn } from '../plan/keysSwitch'
import { tintOf } from '../plan/layout'
import { originClass } from '../reasons/Origin'
import { Handle } from './Handle'
import { Movable } from './Movable'
import { pathOf } from './path'
import { useZoom } from './useZoom'

interface Props {
  sheet: Sheet
  /** It fills its room, and one can come nearer. */
  canZoom?: boolean
  /** Layers and roles to leave out: where readings are shown, names of cells would lie on them. */
  without?: string[]
  chosenKey?: string | null
  /** Keys of what meets something: lit. */
  met?: ReadonlySet<string>
  label(key: string): string
  onWhy(key: string): void
  /** A dimension that is a choice was pressed, and its figure: another length can be typed over it. */
  onType?(key: string, figure: Element): void
  /** Names of the cells that may be chosen, by place. */
  cells?: Record<string, string>
  chosenCell?: string
  /** A cell was chosen; by a press with the cell that was pressed. */
  onCell?(id: string, pressed?: Element): void
  /** A key on the cell in focus; answers whether it acted. */
  onCellKey?(id: string, key: string, isShift: boolean): boolean
  /** Names of all places, for the dividers after them. */
  placeNames?: Record<string, string>
  onDrag?(place: string, by: number): void
  onDrop?(isKept: boolean): void
  onNudge?(place: string, steps: number): void
  /** What stands in the way and may be moved along its wall, by id. */
  obstructionNames?: Record<string, string>
  onPush?(id: string, across: number, up: number): void
  onShove?(id: string, across: number, up: number): void
  /** Parts that may be laid elsewhere on their sheet, by the key of their stroke. */
  loose?: {
    nameOf(part: string): string
    /** Which is dragged, and how far. */
    held: { part: string; by: [number, number] } | null
    onPush(part: string, across: number, up: number): void
    onShove(part: string, across: number, up: number): void
  }
  /** What lies on the floor and may be moved there, by stack: its name, and what a hand does with it. */
  lying?: {
    nameOf(stack: string): string
    onPush(stack: string, across: number, back: number): void
    onShove(stack: string, across: number, back: number): void
    onTurn(stack: string): void
  }
}

const idOf = (stroke: Stroke) => stroke.key.split('/')[0] ?? ''

const FOR_HANDS = ['cell', 'handle']

/** The strokes of one sheet. Dimensions can be walked with the arrows and asked why. */
export function Drawing(props: Props) {
  const { sheet, without = [], chosenKey, label, onWhy } = props
  const [at, setAt] = useState(0)
  const root = useRef<SVGSVGElement>(null)
  const zoom = useZoom(sheet, root, props.canZoom ?? false)
  const strokes = sheet.strokes.filter((one) => !without.includes(one.layer) && !without.includes(one.role))
  const dimensions = groupedByKey(strokes.filter((stroke) => stroke.role === 'dimension'))
  const plain = strokes.filter((stroke) => stroke.role !== 'dimension' && !FOR_HANDS.includes(stroke.role))
  const cells = strokes.filter((stroke) => stroke.role === 'cell' && props.cells)
  const movables = strokes.filter((stroke) => stroke.layer === 'obstructions' && props.onPush)
  // In the order of their keys, whatever lies first: what has the focus keeps it.
  const lying = strokes
    .filter((stroke) => stroke.layer === 'things' && stroke.kind === 'path' && props.lying)
    .sort((one, other) => one.key.localeCompare(other.key))
  const loose = strokes.filter((stroke) => stroke.role === 'fill' && stroke.key !== '' && props.loose)
  const handles = strokes.filter((stroke) => stroke.role === 'handle' && props.onDrag)

  const walk = (event: KeyboardEvent) => {
    const near = { z: zoom.nearer, Z: zoom.farther, '0': zoom.whole }[event.key]
    if (props.canZoom && near && !event.ctrlKey && !event.metaKey && keysAreOn()) return near()
    const steps: Record<string, number> = { ArrowRight: 1, ArrowDown: 1, ArrowLeft: -1, ArrowUp: -1 }
    const step = steps[event.key]
    if (step === undefined || dimensions.length === 0) return
    event.preventDefault()
    const next = (at + step + dimensions.length) % dimensions.length
    setAt(next)
    root.current?.querySelectorAll<SVGGElement>('.dim')[next]?.focus()
  }

  return (
    <>
      {props.canZoom && (
        <div className="zoom">
          <button type="button" className="btn btn-sm" aria-label="Nearer" onClick={zoom.nearer}>
            +
          </button>
          <button
            type="button"
            className="btn btn-sm"
            aria-label="Farther"
            disabled={zoom.isWhole}
            onClick={zoom.farther}
          >
            −
          </button>
          <button type="button" className="btn btn-sm" disabled={zoom.isWhole} onClick={zoom.whole}>
            whole
          </button>
        </div>
      )}
      {/* biome-ignore lint/a11y/useSemanticElements: an SVG is the only element that draws */}
      <svg
        ref={root}
        className={zoom.isWhole ? 'drawing' : 'drawing drawing--near'}
        viewBox={zoom.viewBox}
        {...(props.canZoom ? zoom.hands : {})}
        preserveAspectRatio="xMidYMid meet"
        role="group"
        aria-label={`${sheet.title}. Arrow keys walk the dimensions.`}
        data-ready
        onKeyDown={walk}
      >
        {plain.map((stroke, index) => (
          <Mark
            // biome-ignore lint/suspicious/noArrayIndexKey: strokes have no identity of their own
            key={index}
            stroke={stroke}
            isTold={chosenKey !== null && chosenKey === stroke.key}
            isMet={props.met?.has(stroke.key) ?? false}
          />
        ))}
        {cells.map((stroke) => (
          <Cell key={stroke.key} stroke={stroke} isAlone={cells.length === 1} {...props} />
        ))}
        {movables.map((stroke) => (
          <Movable
            key={stroke.key}
            stroke={stroke}
            label={`${props.obstructionNames?.[idOf(stroke)] ?? ''}, in the way: drag it, or arrows move it by one increment`}
            onPush={(id, across, up) => props.onPush?.(id, across, up)}
            onShove={(id, across, up) => props.onShove?.(id, across, up)}
            onDrop={(isKept) => props.onDrop?.(isKept)}
          />
        ))}
        {lying.map((stroke) => (
          <Movable
            key={stroke.key}
            stroke={stroke}
            label={`${props.lying?.nameOf(idOf(stroke))}, lies here: drag it, or arrows move it by one increment, T turns it`}
            onPush={(id, across, up) => props.lying?.onPush(id, across, up)}
            onShove={(id, across, up) => props.lying?.onShove(id, across, up)}
            onTurn={(id) => props.lying?.onTurn(id)}
            onDrop={(isKept) => props.onDrop?.(isKept)}
          />
        ))}
        {loose.map((stroke) => (
          <Movable
            key={stroke.key}
            stroke={stroke}
            id={stroke.key}
            shift={props.loose?.held?.part === stroke.key ? props.loose.held.by : undefined}
            label={`${props.loose?.nameOf(stroke.key)}: drag it to another place, or arrows move it that way`}
            onPush={(id, across, up) => props.loose?.onPush(id, across, up)}
            onShove={(id, across, up) => props.loose?.onShove(id, across, up)}
            onDrop={(isKept) => props.onDrop?.(isKept)}
          />
        ))}
        {handles.map((stroke) => (
          <Handle key={stroke.key} stroke={stroke} {...props} />
        ))}
        {dimensions.map(([key, parts], index) => {
          const text = parts.find((part) => part.kind === 'text')
          const onType = text?.is_choice ? props.onType : undefined
          const press = (figure: Element) => (onType ? onType(key, figure) : onWhy(key))
          return (
            // biome-ignore lint/a11y/useSemanticElements: a button cannot stand inside an SVG
            <g
              key={key + String(index)}
              className={`dim ${originClass(text?.origin ?? '')}${chosenKey === key ? ' chosen' : ''}${onType ? ' dim--choice' : ''}`}
              role="button"
              tabIndex={index === Math.min(at, dimensions.length - 1) ? 0 : -1}
              aria-label={`${label(key)} ${text?.text ?? ''}: ${onType ? 'another?' : 'why?'}`}
              onFocus={() => setAt(index)}
              onClick={(event) => press(event.currentTarget)}
              onKeyDown={(event) => {
                if (!['Enter', ' ', 'w', 'W'].includes(event.key)) return
                event.preventDefault()
                if (event.key.toLowerCase() === 'w') onWhy(key)
                else press(event.currentTarget)
              }}
            >
              {parts.map((part, partIndex) => (
                // biome-ignore lint/suspicious/noArrayIndexKey: strokes have no identity of their own
                <Mark key={partIndex} stroke={part} isTold={false} isMet={false} />
              ))}
              {parts
                .filter((part) => part.kind === 'path')
                .slice(2, 3)
                .map((part) => (
                  <path key="hit" className="hit" d={pathOf(part)} />
                ))}
            </g>
          )
        })}
      </svg>
    </>
  )
}

/** One cell, to be chosen by pointer or key; arrows walk to the next. */
function Cell({
  stroke,
  isAlone,
  cells,
  chosenCell,
  onCell,
  onCellKey,
}: { stroke: Stroke; isAlone: boolean } & Props) {
  const id = idOf(stroke)
  const step = (event: KeyboardEvent<SVGPathElement>) => {
    if (['Enter', ' '].includes(event.key)) {
      event.preventDefault()
      onCell?.(id)
      return
    }
    if (onCellKey?.(id, event.key, event.shiftKey)) {
      event.preventDefault()
      return
    }
    const way = { ArrowRight: 1, ArrowDown: 1, ArrowLeft: -1, ArrowUp: -1 }[event.key]
    if (way === undefined || isAlone) return
    event.preventDefault()
    event.stopPropagation()
    const all = [...(event.currentTarget.ownerSVGElement?.querySelectorAll<SVGPathElement>('.cell') ?? [])]
    all[(all.indexOf(event.currentTarget) + way + all.length) % all.length]?.focus()
  }
  return (
    // biome-ignore lint/a11y/useSemanticElements: a button cannot stand inside an SVG
    <path
      className={`cell${chosenCell === id && !isAlone ? ' cell--chosen' : ''}`}
      d={pathOf(stroke)}
      data-place={id}
      role="button"
      tabIndex={0}
      aria-label={`Cell ${cells?.[id] ?? id}`}
      aria-pressed={chosenCell === id}
      onClick={(event) => onCell?.(id, event.currentTarget)}
      // A hand chooses where it presses, not where it begins to push.
      onFocus={(event) => event.currentTarget.matches(':focus-visible') && onCell?.(id)}
      onKeyDown={step}
    />
  )
}

/** Neighbouring strokes of one dimension belong together. */
function groupedByKey(strokes: Stroke[]): [string, Stroke[]][] {
  const groups: [string, Stroke[]][] = []
  for (const stroke of strokes) {
    const last = groups.at(-1)
    const isNext = last && last[0] === stroke.key && last[1].at(-1)?.kind !== 'text'
    if (isNext) last[1].push(stroke)
    else groups.push([stroke.key, [stroke]])
  }
  return groups
}

/** One stroke; drawn again only when it became otherwise. */
export const Mark = memo(function Mark({
  stroke,
  isTold,
  isMet,
}: {
  stroke: Stroke
  isTold: boolean
  isMet: boolean
}) {
  const name = `${stroke.role}${isTold ? ' told' : ''}${isMet ? ' met' : ''}${stroke.tint ? ` tinted ${tintOf(stroke.tint)}` : ''}`
  if (stroke.kind === 'path') return <path className={name} d={pathOf(stroke)} />
  const [x = 0, y = 0] = stroke.points[0] ?? []
  return (
    <text
      className={name}
      x={x}
      y={-y}
      fontSize={stroke.height}
      textAnchor={stroke.anchor ?? 'middle'}
      transform={stroke.turn ? `rotate(${-stroke.turn} ${x} ${-y})` : undefined}
    >
      {runsOf(stroke.text ?? '').map((run, at) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: runs have no identity of their own
        <tspan key={at} className={run.isFraction ? 'frac' : undefined}>
          {run.text}
        </tspan>
      ))}
    </text>
  )
})
