import { type RefObject, useCallback, useRef, useState } from 'react'
import { type Act, answered, client, type PlanAnswer, type PreviewAnswer, Refused } from '../api/client'
import { parentOf } from './layout'
import type { View } from './PlanDesk'
import type { OnScreen } from './screen'

interface Moves {
  wanted: Act | null
  running: Promise<void> | null
  last: Act | null
}

interface With {
  planId: string
  newest(): PlanAnswer
  looking: RefObject<View>
  onScreen: RefObject<OnScreen>
  act(act: Act, label: string, field: string): void
  show(preview: PreviewAnswer | null): void
  refuse(said: string | null): void
}

/** What is moved, so that several small moves of it are one step of the history. */
function fieldOf(act: Act): string {
  if (act.do === 'drag') return `drag/${act.place}`
  if (act.do === 'push') return `drag/${act.obstruction}`
  return act.do === 'lay-thing' ? `drag/${act.thing}/${act.stack}` : 'drag/'
}

/** A stack as the drawing calls it: the thing, and which of it. */
export function stackOf(id: string) {
  const [thing = '', stack = '0'] = id.split('#')
  return { thing, stack: Number(stack) }
}

/** The clear size of the part before a divider. */
function sizeKey({ document }: PlanAnswer, what: Act): string | null {
  if (what.do !== 'drag') return null
  const isOfRows = document.places[parentOf(document, what.place) ?? '']?.holds === 'rows'
  return `${what.place}/cell_${isOfRows ? 'height' : 'width'}`
}

/** Moving dividers and what stands in the way: the browser says how far the pointer went, the program where it stands. */
export function useDrag({ planId, newest, looking, onScreen, act, show, refuse }: With) {
  const [dragged, setDragged] = useState<string | null>(null)
  const moves = useRef<Moves>({ wanted: null, running: null, last: null })

  const ask = useCallback(
    (what: Act) => {
      const path = { params: { path: { plan_id: planId } } }
      const dragged = sizeKey(newest(), what)
      const shows = onScreen.current.told(dragged === null ? [] : [dragged])
      const body = { base: newest().revision, act: what, view: looking.current, shows }
      return answered(client.POST('/api/plans/{plan_id}/preview', { ...path, body }))
    },
    [newest, planId, looking, onScreen],
  )

  /** The clear size that the part before a divider comes to. */
  const sizeOf = useCallback(
    (what: Act, answer: PreviewAnswer): string | null => {
      const plan = newest()
      const key = sizeKey(plan, what) ?? ''
      return (answer.outcome.quantities?.[key] ?? plan.solution.quantities[key])?.value?.text ?? null
    },
    [newest],
  )

  const move = useCallback(
    (wanted: Act) => {
      const state = moves.current
      state.wanted = wanted
      if (state.running !== null) return
      const answerAll = async () => {
        while (state.wanted !== null) {
          const next: Act = state.wanted
          state.wanted = null
          try {
            const answer = await ask(next)
            state.last = next
            show(answer)
            setDragged(sizeOf(next, answer))
          } catch (failure) {
            if (!(failure instanceof Refused)) throw failure
            refuse(failure.message)
          }
        }
        state.running = null
      }
      state.running = answerAll()
    },
    [ask, show, sizeOf, refuse],
  )

  const drag = useCallback((place: string, by: number) => move({ do: 'drag', place, by }), [move])
  const push = useCallback(
    (obstruction: string, across: number, up: number) => move({ do: 'push', obstruction, across, up }),
    [move],
  )
  const nudged = useCallback((what: Act) => act(what, '', fieldOf(what)), [act])
  const nudge = useCallback(
    (place: string, by: number) => nudged({ do: 'drag', place, by, in_steps: true }),
    [nudged],
  )
  const shove = useCallback(
    (obstruction: string, across: number, up: number) =>
      nudged({ do: 'push', obstruction, across, up, in_steps: true }),
    [nudged],
  )

  const lay = useCallback(
    (id: string, across: number, back: number) => move({ do: 'lay-thing', ...stackOf(id), across, back }),
    [move],
  )
  const layBy = useCallback(
    (id: string, across: number, back: number) =>
      nudged({ do: 'lay-thing', ...stackOf(id), across, back, in_steps: true }),
    [nudged],
  )

  const drop = useCallback(
    async (isKept: boolean) => {
      const state = moves.current
      await state.running
      const { last } = state
      state.last = null
      setDragged(null)
      if (last === null) return
      if (isKept) nudged(last)
      else show(null)
    },
    [nudged, show],
  )

  return { drag, drop, nudge, push, shove, lay, layBy, dragged }
}
