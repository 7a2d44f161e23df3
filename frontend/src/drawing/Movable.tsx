import { type KeyboardEvent, type PointerEvent, useRef, useState } from 'react'
import type { Stroke } from '../api/client'
import { keysAreOn } from '../plan/keysSwitch'
import { pathOf } from './path'

interface Props {
  stroke: Stroke
  /** What it is to whoever moves it; else what its key begins with. */
  id?: string
  /** How far it is drawn from where it stands, while it is dragged. */
  shift?: [number, number] | undefined
  /** What it is and what may be done, as it is read out. */
  label: string
  onPush(id: string, across: number, up: number): void
  onShove(id: string, across: number, up: number): void
  onDrop(isKept: boolean): void
  /** It may be turned: by a double press, or by T. */
  onTurn?(id: string): void
}

const STEPS: Record<string, [number, number]> = {
  ArrowRight: [1, 0],
  ArrowLeft: [-1, 0],
  ArrowUp: [0, 1],
  ArrowDown: [0, -1],
}

/** What a hand may move where it stands: drag it, or move it with the arrows by one increment. */
export function Movable({ stroke, id: given, shift, label, onPush, onShove, onDrop, onTurn }: Props) {
  const id = given ?? stroke.key.split('/')[0] ?? ''
  const from = useRef<[number, number] | null>(null)
  const hasMoved = useRef(false)
  const [isHeld, setIsHeld] = useState(false)

  const at = (event: PointerEvent<SVGPathElement>): [number, number] => {
    const scale = event.currentTarget.ownerSVGElement?.getScreenCTM()?.a ?? 1
    return [event.clientX / scale, -event.clientY / scale]
  }
  const leave = (isKept: boolean) => {
    if (from.current === null) return
    from.current = null
    setIsHeld(false)
    if (hasMoved.current) onDrop(isKept)
    hasMoved.current = false
  }
  const onKeyDown = (event: KeyboardEvent) => {
    if (event.key === 'Escape') leave(false)
    if (onTurn && event.key.toLowerCase() === 't' && !event.ctrlKey && keysAreOn()) onTurn(id)
    const step = STEPS[event.key]
    if (!step) return
    event.preventDefault()
    event.stopPropagation()
    onShove(id, ...step)
  }
  return (
    // biome-ignore lint/a11y/useSemanticElements: a button cannot stand inside an SVG
    <path
      className={`movable${isHeld ? ' movable--held' : ''}`}
      d={pathOf(stroke)}
      transform={shift && `translate(${shift[0]} ${-shift[1]})`}
      role="button"
      tabIndex={0}
      aria-label={label}
      onDoubleClick={() => onTurn?.(id)}
      onKeyDown={onKeyDown}
      onPointerDown={(event) => {
        event.currentTarget.setPointerCapture(event.pointerId)
        event.preventDefault()
        event.currentTarget.focus()
        from.current = at(event)
        setIsHeld(true)
      }}
      onPointerMove={(event) => {
        if (from.current === null) return
        const [across, up] = at(event)
        hasMoved.current = true
        onPush(id, across - from.current[0], up - from.current[1])
      }}
      onPointerUp={() => leave(true)}
      onPointerCancel={() => leave(false)}
    />
  )
}
