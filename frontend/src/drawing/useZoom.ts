import { type PointerEvent, type RefObject, useEffect, useRef, useState } from 'react'
import type { Sheet } from '../api/client'

/** What part of a sheet is seen: its middle as shares of the sheet, and how much nearer than whole. */
interface Seen {
  x: number
  y: number
  nearer: number
}

const WHOLE: Seen = { x: 0.5, y: 0.5, nearer: 1 }
const MOST = 12
const STEP = 1.3
/** A hand that moves less than this has pressed, px. */
const STILL = 5

const within = (one: number, low: number, high: number) => Math.min(Math.max(one, low), high)

/** No farther than whole, and never beside the sheet. */
function held({ x, y, nearer }: Seen): Seen {
  const close = within(nearer, 1, MOST)
  const half = 0.5 / close
  return { x: within(x, half, 1 - half), y: within(y, half, 1 - half), nearer: close }
}

/** A sheet that fills its room is come nearer to by wheel, pinch, keys and buttons, and pushed about by hand. */
export function useZoom(sheet: Sheet, root: RefObject<SVGSVGElement | null>, canZoom: boolean) {
  const [seen, setSeen] = useState(WHOLE)
  const hands = useRef(new Map<number, { x: number; y: number }>())
  const isPushed = useRef(false)
  const frame = `${sheet.name} ${sheet.place} ${sheet.part_ids[0] ?? ''}`
  // biome-ignore lint/correctness/useExhaustiveDependencies: another sheet is seen whole
  useEffect(() => setSeen(WHOLE), [frame])

  /** Px of the screen → shares of the sheet, as it is seen. */
  const share = (x: number, y: number): [number, number] => {
    const room = root.current?.getBoundingClientRect()
    if (!room) return [0, 0]
    const scale = Math.min(room.width / sheet.width, room.height / sheet.height) * seen.nearer
    return [x / scale / sheet.width, y / scale / sheet.height]
  }

  /** Comes nearer, and what is under the hand stays there. */
  const zoom = (by: number, at?: { x: number; y: number }) => {
    const room = root.current?.getBoundingClientRect()
    setSeen((was) => {
      const nearer = within(was.nearer * by, 1, MOST)
      if (!room || !at) return held({ ...was, nearer })
      const [across, down] = share(at.x - room.left - room.width / 2, at.y - room.top - room.height / 2)
      const stays = 1 - was.nearer / nearer
      return held({ x: was.x + across * stays, y: was.y + down * stays, nearer })
    })
  }

  const latest = useRef(zoom)
  latest.current = zoom
  useEffect(() => {
    const svg = canZoom ? root.current : null
    const onWheel = (event: WheelEvent) => {
      event.preventDefault()
      latest.current(event.deltaY < 0 ? STEP : 1 / STEP, { x: event.clientX, y: event.clientY })
    }
    svg?.addEventListener('wheel', onWheel, { passive: false })
    return () => svg?.removeEventListener('wheel', onWheel)
  }, [root, canZoom])

  const onPointerDown = (event: PointerEvent) => {
    if (hands.current.size === 0) isPushed.current = false
    hands.current.set(event.pointerId, { x: event.clientX, y: event.clientY })
  }
  const onPointerMove = (event: PointerEvent) => {
    const was = hands.current.get(event.pointerId)
    if (!was || (event.target instanceof Element && event.target.closest('.handle, .movable'))) return
    const other = [...hands.current].find(([id]) => id !== event.pointerId)?.[1]
    const now = { x: event.clientX, y: event.clientY }
    if (other) {
      const [before, after] = [was, now].map((one) => Math.hypot(one.x - other.x, one.y - other.y))
      if (before && after) zoom(after / before, { x: (now.x + other.x) / 2, y: (now.y + other.y) / 2 })
      isPushed.current = true
    } else {
      if (!isPushed.current && Math.hypot(now.x - was.x, now.y - was.y) < STILL) return
      isPushed.current = seen.nearer > 1
      const [across, down] = share(now.x - was.x, now.y - was.y)
      setSeen((one) => held({ ...one, x: one.x - across, y: one.y - down }))
    }
    hands.current.set(event.pointerId, now)
  }
  const onPointerUp = (event: PointerEvent) => {
    hands.current.delete(event.pointerId)
  }

  const { x, y, nearer } = seen
  const width = sheet.width / nearer
  const height = sheet.height / nearer
  const left = sheet.left + x * sheet.width - width / 2
  const top = -(sheet.bottom + sheet.height) + y * sheet.height - height / 2
  return {
    viewBox: `${left} ${top} ${width} ${height}`,
    isWhole: nearer === 1,
    nearer: () => zoom(STEP),
    farther: () => zoom(1 / STEP),
    whole: () => setSeen(WHOLE),
    hands: {
      onPointerDown,
      onPointerMove,
      onPointerUp,
      onPointerLeave: onPointerUp,
      onPointerCancel: onPointerUp,
      /** A hand that pushed has pressed nothing. */
      onClickCapture: (event: { stopPropagation(): void }) => {
        if (isPushed.current) event.stopPropagation()
      },
    },
  }
}
