import { useMutation } from '@tanstack/react-query'
import { type RefObject, useCallback, useEffect, useRef, useState } from 'react'
import {
  type Act,
  answered,
  type ChangeAnswer,
  client,
  type Moved,
  type PlanAnswer,
  Refused,
} from '../api/client'
import { settled } from '../lengths/inHand'
import type { View } from './PlanDesk'
import { type Done, type Unsent, UnsentQueue } from './unsent'

/** How often what is not kept is sent again by itself, ms. */
const AGAIN_AFTER = 4000

export interface Conflict {
  done: Done
  moved: Moved[]
  /** It was sent before, and its answer was lost. */
  mayBeKept: boolean
}

/** Why changes wait, and which. */
export interface Stuck {
  message: string
  waiting: readonly Unsent[]
}

interface With {
  planId: string
  newest(): PlanAnswer
  looking: RefObject<View>
  take(change: ChangeAnswer): void
  reload(): Promise<unknown>
  refuse(said: string | null): void
}

/** No answer, or a fault on the other side: what was sent may be sent again. */
const isStuck = (failure: Refused) => failure.problem === null || failure.problem.status >= 500
/** Sent again it would fail again. */
const isHopeless = (failure: Refused) => failure.problem?.code === 'our-fault'

/** Keeps changes in order: each is sent against the revision the one before it made; what has no answer stays and waits. */
export function useSending({ planId, newest, looking, take, reload, refuse }: With) {
  const queue = useRef<UnsentQueue>(undefined)
  queue.current ??= new UnsentQueue(planId)
  const unsent = queue.current
  const [sent, setSent] = useState<'kept' | 'keeping' | 'not kept'>(unsent.first ? 'not kept' : 'kept')
  const [stuck, setStuck] = useState<Stuck | null>(null)
  const [triesAgain, setTriesAgain] = useState(unsent.first !== undefined)
  const [conflict, setConflict] = useState<Conflict | null>(null)

  const { mutateAsync } = useMutation({
    mutationFn: (work: () => Promise<unknown>) => work(),
    scope: { id: `plan ${planId}` },
    networkMode: 'always',
  })
  const inTurn = useCallback(
    <T>(work: () => Promise<T>): Promise<T> => mutateAsync(work) as Promise<T>,
    [mutateAsync],
  )

  /** Sends the change that waits longest: answers why it was refused, and `undefined` where it still waits. */
  const sendFirst = useCallback(
    async (done: Unsent): Promise<string | null | undefined> => {
      const mayBeKept = done.base !== undefined
      const base = done.base ?? newest().revision
      unsent.sentAgainst(base)
      const { act, label, field } = done
      try {
        const path = { params: { path: { plan_id: planId } } }
        const body = { base, act, label, field, view: looking.current }
        take(await answered(client.POST('/api/plans/{plan_id}/edits', { ...path, body })))
        unsent.answered()
        return null
      } catch (failure) {
        if (!(failure instanceof Refused)) throw failure
        if (isStuck(failure)) {
          setStuck({ message: failure.message, waiting: unsent.all })
          setTriesAgain(!isHopeless(failure))
          setSent('not kept')
          return undefined
        }
        unsent.answered()
        if (failure.problem?.code !== 'plan-moved-on') return failure.message
        setConflict({ done: { act, label, field }, moved: failure.problem.moved ?? [], mayBeKept })
        await reload().catch(() => undefined)
        return null
      }
    },
    [newest, planId, looking, take, reload, unsent],
  )

  const sendAll = useCallback(async (): Promise<string | null> => {
    let refused: string | null = null
    if (unsent.first) setSent('keeping')
    while (unsent.first) {
      const said = await sendFirst(unsent.first)
      if (said === undefined) return refused
      refused = said ?? refused
    }
    setStuck(null)
    setSent('kept')
    return refused
  }, [sendFirst, unsent])

  const edit = useCallback(
    (act: Act, label = '', field = ''): Promise<string | null> =>
      inTurn(() => {
        const isWaiting = unsent.first !== undefined
        unsent.push({ act, label, field })
        if (!isWaiting) return sendAll()
        setStuck((why) => why && { ...why, waiting: unsent.all })
        return Promise.resolve(null)
      }),
    [inTurn, sendAll, unsent],
  )

  const sendAgain = useCallback(() => void inTurn(sendAll).then(refuse), [inTurn, sendAll, refuse])

  const leaveOut = useCallback(
    () =>
      void inTurn(() => {
        unsent.answered()
        return sendAll()
      }).then(refuse),
    [inTurn, sendAll, refuse, unsent],
  )

  const step = useCallback(
    async (way: 'undo' | 'redo') => {
      await settled()
      return inTurn(async () => {
        if (unsent.first) return refuse('First keep what is not kept yet, or leave it out.')
        try {
          const path = { params: { path: { plan_id: planId } } }
          const url = way === 'undo' ? '/api/plans/{plan_id}/undo' : '/api/plans/{plan_id}/redo'
          take(await answered(client.POST(url, { ...path, body: { base: newest().revision } })))
          refuse(null)
        } catch (failure) {
          if (!(failure instanceof Refused)) throw failure
          if (isStuck(failure)) refuse(failure.message)
          else await reload().catch(() => undefined)
        }
      })
    },
    [inTurn, newest, planId, refuse, reload, take, unsent],
  )

  const moot = useRef(conflict)
  moot.current = conflict
  const settle = useCallback(
    (again: boolean) => {
      const done = moot.current?.done
      setConflict(null)
      if (done && again) void edit(done.act, done.label, done.field).then(refuse)
    },
    [edit, refuse],
  )

  useEffect(() => {
    if (sent !== 'not kept' || !triesAgain) return
    if (stuck === null) sendAgain()
    const timer = setInterval(sendAgain, AGAIN_AFTER)
    window.addEventListener('online', sendAgain)
    return () => {
      clearInterval(timer)
      window.removeEventListener('online', sendAgain)
    }
  }, [sent, triesAgain, stuck, sendAgain])

  return { sent, stuck, conflict, inTurn, edit, sendAgain, leaveOut, step, settle }
}
