import { useCallback, useRef, useState } from 'react'
import { answered, client, type PlanAnswer, type PreviewAnswer, Refused, type Schemas } from '../api/client'
import type { Change } from './PlanDesk'

/** What a move would do: the change to keep, and for a divider the new clear size. */
type Answer = Schemas['PushAnswer'] & { size?: Schemas['Shown'] }

/** One move of something: asked of the program while it goes on, the latest wins. */
interface Move {
  id: string
  ask(): Promise<Answer>
}

interface Moves {
  wanted: Move | null
  running: Promise<void> | null
  last: { id: string; answer: Answer } | null
}

interface With {
  planId: string
  newest(): PlanAnswer
  inTurn<T>(act: () => Promise<T>): Promise<T>
  send(change: Change): Promise<string | null>
  act(change: Change): void
  show(preview: PreviewAnswer | null): void
  refuse(said: string | null): void
}

/** Moving dividers and what stands in the way: the browser says how far the pointer went, the program where it stands. */
export function useDrag({ planId, newest, inTurn, send, act, show, refuse }: With) {
  const [dragged, setDragged] = useState<string | null>(null)
  const moves = useRef<Moves>({ wanted: null, running: null, last: null })

  const divider = useCallback(
    (place: string, way: { by: number } | { steps: number }): Move => ({
      id: place,
      ask: () => {
        const body = { base: newest().revision, place, by: null, steps: null, view: null, ...way }
        return answered(
          client.POST('/api/plans/{plan_id}/drag', { params: { path: { plan_id: planId } }, body }),
        )
      },
    }),
    [newest, planId],
  )

  const obstruction = useCallback(
    (id: string, across: number, up: number, inSteps: boolean): Move => ({
      id,
      ask: () => {
        const body = {
          base: newest().revision,
          obstruction: id,
          across,
          up,
          in_steps: inSteps,
          view: null,
        }
        return answered(
          client.POST('/api/plans/{plan_id}/push', { params: { path: { plan_id: planId } }, body }),
        )
      },
    }),
    [newest, planId],
  )

  const movedTo = useCallback(
    (id: string, answer: Answer): Change => {
      const { places, obstructions } = newest().document
      const name = places[id]?.name ?? obstructions?.[id]?.name ?? ''
      return {
        patch: () => answer.keep,
        label: answer.size ? `${name}: ${answer.size.text}` : `${name} moved`,
        field: `drag/${id}`,
      }
    },
    [newest],
  )

  const move = useCallback(
    (wanted: Move) => {
      const state = moves.current
      state.wanted = wanted
      if (state.running !== null) return
      const answerAll = async () => {
        while (state.wanted !== null) {
          const next: Move = state.wanted
          state.wanted = null
          try {
            const answer = await next.ask()
            state.last = { id: next.id, answer }
            show(answer)
            setDragged(answer.size?.text ?? null)
          } catch (failure) {
            if (!(failure instanceof Refused)) throw failure
            refuse(failure.message)
          }
        }
        state.running = null
      }
      state.running = answerAll()
    },
    [show, refuse],
  )

  const nudged = useCallback(
    (wanted: Move) =>
      void inTurn(async () => {
        try {
          refuse(await send(movedTo(wanted.id, await wanted.ask())))
        } catch (failure) {
          if (!(failure instanceof Refused)) throw failure
          refuse(failure.message)
        }
      }),
    [inTurn, movedTo, send, refuse],
  )

  const drag = useCallback((place: string, by: number) => move(divider(place, { by })), [move, divider])
  const nudge = useCallback(
    (place: string, steps: number) => nudged(divider(place, { steps })),
    [nudged, divider],
  )
  const push = useCallback(
    (id: string, across: number, up: number) => move(obstruction(id, across, up, false)),
    [move, obstruction],
  )
  const shove = useCallback(
    (id: string, across: number, up: number) => nudged(obstruction(id, across, up, true)),
    [nudged, obstruction],
  )

  const drop = useCallback(
    async (isKept: boolean) => {
      const state = moves.current
      await state.running
      const { last } = state
      state.last = null
      setDragged(null)
      if (last === null) return
      if (isKept) act(movedTo(last.id, last.answer))
      else show(null)
    },
    [act, movedTo, show],
  )

  return { drag, drop, nudge, push, shove, dragged }
}
