import { type KeyboardEvent, type PointerEvent, useRef, useState } from 'react'
import type { Stroke } from '../api/client'
import { pathOf } from './path'

interface Props {
  stroke: Stroke
  placeNames?: Record<string, string>
  onDrag?(place: string, by: number): void
  onDrop?(isKept: boolean): void
  onNudge?(place: string, steps: number): void
}

/** What stands between two parts of a split: drag it, or move it with the arrows by one increment. */
export function Handle({ stroke, placeNames, onDrag, onDrop, onNudge }: Props) {
  const [place = '', name = ''] = stroke.key.split('/')
  const isAcross = name === 'cell_width'
  const from = useRef<number | null>(null)
  const [isHeld, setIsHeld] = useState(false)

  const along = (event: PointerEvent<SVGPathElement>) => {
    const scale = event.currentTarget.ownerSVGElement?.getScreenCTM()?.a ?? 1
    return (isAcross ? event.clientX : event.clientY) / scale
  }
  const leave = (isKept: boolean) => {
    if (from.current === null) return
    from.current = null
    setIsHeld(false)
    onDrop?.(isKept)
  }
  const nudge = (event: KeyboardEvent) => {
    const steps = { ArrowRight: 1, ArrowDown: 1, ArrowLeft: -1, ArrowUp: -1 }[event.key]
    const isAlong = isAcross ? /Left|Right/ : /Up|Down/
    if (event.key === 'Escape') leave(false)
    if (steps === undefined) return
    event.preventDefault()
    event.stopPropagation()
    if (isAlong.test(event.key)) onNudge?.(place, steps)
  }
  return (
    // biome-ignore lint/a11y/useSemanticElements: a rule cannot stand inside an SVG
    <path
      className={`handle${isAcross ? ' handle--across' : ''}${isHeld ? ' handle--held' : ''}`}
      d={pathOf(stroke)}
      role="separator"
      tabIndex={0}
      aria-orientation={isAcross ? 'vertical' : 'horizontal'}
      aria-valuenow={Math.round(stroke.points[0]?.[isAcross ? 0 : 1] ?? 0)}
      aria-label={`${isAcross ? 'Right of' : 'Below'} ${placeNames?.[place] ?? place}: drag, or arrows move it by one increment`}
      onKeyDown={nudge}
      onPointerDown={(event) => {
        event.currentTarget.setPointerCapture(event.pointerId)
        event.preventDefault()
        event.currentTarget.focus()
        from.current = along(event)
        setIsHeld(true)
      }}
      onPointerMove={(event) => {
        if (from.current !== null) onDrag?.(place, along(event) - from.current)
      }}
      onPointerUp={() => leave(true)}
      onPointerCancel={() => leave(false)}
    />
  )
}
