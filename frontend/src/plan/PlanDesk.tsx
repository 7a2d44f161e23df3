import { useQueryClient } from '@tanstack/react-query'
import {
  createContext,
  type ReactNode,
  useCallback,
  useContext,
  useEffect,
  useMemo,
  useRef,
  useState,
} from 'react'
import {
  answered,
  type ChangeAnswer,
  client,
  type Moved,
  type PatchStep,
  type PlanAnswer,
  type PlanDocument,
  type PreviewAnswer,
  Refused,
  type Schemas,
  type Solution,
} from '../api/client'
import { planKey, useHead, useNetwork } from '../api/queries'
import { settled, useIsInHand } from '../lengths/inHand'
import { cellsOf, spaceOf } from './layout'
import { useDrag } from './useDrag'

export type MakePatch = (document: PlanDocument) => PatchStep[]

/** A change a person made: as a patch on the newest document, with a name and the field it belongs to. */
export interface Change {
  patch: MakePatch
  label: string
  field: string
}

export type View = Schemas['View']

export interface Conflict {
  change: Change
  moved: Moved[]
}

interface Desk {
  plan: PlanAnswer
  solution: Solution
  drawings: PlanAnswer['drawings']
  isPreview: boolean
  keeping: 'kept' | 'keeping' | 'not kept'
  lastMoved: { label: string; moved: Moved[] } | null
  conflict: Conflict | null
  chosenPart: string | null
  /** The cell or split that is chosen; always one that is there. */
  chosenPlace: string
  choosePlace(id: string): void
  /** The sheet in view. */
  view: View
  show(name: View['name']): void
  whyKey: string | null
  /** A change from a field: answers why it was refused, for the field to show. */
  edit(change: Change): Promise<string | null>
  /** A change by one press: a refusal is shown above the bench. */
  act(change: Change): void
  refusal: string | null
  preview(patch: MakePatch | null): void
  /** Shows where the divider after a place comes to stand, the latest wins; `drop` keeps it, or leaves it as it was. */
  drag(place: string, by: number): void
  drop(isKept: boolean): void
  /** Moves the divider after a place by whole increments. */
  nudge(place: string, steps: number): void
  /** The same for what stands in the way, along its wall: by mm, or by whole increments. */
  push(id: string, across: number, up: number): void
  shove(id: string, across: number, up: number): void
  /** The new clear size of the part that is being dragged. */
  dragged: string | null
  step(way: 'undo' | 'redo'): Promise<void>
  sendAgain(): void
  settle(again: boolean): void
  choosePart(id: string | null): void
  askWhy(key: string | null): void
}

const DeskContext = createContext<Desk | null>(null)

/** The plan on the bench, and everything that may be done with it. */
export function useDesk(): Desk {
  const desk = useContext(DeskContext)
  if (desk === null) throw new Error('useDesk needs a PlanDesk around it')
  return desk
}

function merged(before: PlanAnswer, change: ChangeAnswer): PlanAnswer {
  const quantities = { ...before.solution.quantities, ...change.changed }
  for (const key of change.gone) delete quantities[key]
  const {
    parts,
    hardware,
    shopping,
    travels,
    findings,
    tape_checks,
    assumed,
    stages,
    assembled,
    changed,
    gone,
    moved,
    ...rest
  } = change
  return {
    ...rest,
    solution: {
      quantities,
      parts,
      hardware,
      shopping,
      travels,
      findings,
      tape_checks,
      assumed,
      stages,
      assembled,
    },
  }
}

const NO_VIEW: View = { name: 'elevation', of: '' }

/** Keeps changes in order: each is sent against the revision the one before it made. */
export function PlanDesk({ plan, children }: { plan: PlanAnswer; children: ReactNode }) {
  const queries = useQueryClient()
  const [sent, setKeeping] = useState<Desk['keeping']>('kept')
  const isInHand = useIsInHand()
  const keeping = sent === 'kept' && isInHand ? 'keeping' : sent
  const [lastMoved, setLastMoved] = useState<Desk['lastMoved']>(null)
  const [conflict, setConflict] = useState<Conflict | null>(null)
  const [refusal, setRefusal] = useState<string | null>(null)
  const [shown, setShown] = useState<PreviewAnswer | null>(null)
  const [chosenPart, choosePart] = useState<string | null>(null)
  const [wantedPlace, choosePlace] = useState('')
  const [viewName, show] = useState<View['name']>('elevation')
  const [whyKey, askWhy] = useState<string | null>(null)
  const queue = useRef<Promise<unknown>>(Promise.resolve())
  const unsent = useRef<Change[]>([])
  const abort = useRef<AbortController | null>(null)
  const path = useMemo(() => ({ params: { path: { plan_id: plan.id } } }), [plan.id])
  const cells = cellsOf(plan.document)
  const chosenPlace = wantedPlace in plan.document.places ? wantedPlace : (cells[0]?.id ?? '')
  const view = useMemo<View>(() => {
    if (viewName === 'part') return chosenPart ? { name: 'part', of: chosenPart } : NO_VIEW
    return {
      name: viewName,
      of: viewName === 'elevation' ? spaceOf(plan.document, chosenPlace) : chosenPlace,
    }
  }, [viewName, chosenPart, chosenPlace, plan.document])

  const newest = useCallback(
    () => queries.getQueryData<PlanAnswer>(planKey(plan.id)) ?? plan,
    [queries, plan],
  )

  const take = useCallback(
    (change: ChangeAnswer) => {
      queries.setQueryData<PlanAnswer>(planKey(plan.id), (before) => merged(before ?? plan, change))
      queries.invalidateQueries({ queryKey: ['plans'] })
      if (change.moved.length > 0) setLastMoved({ label: change.label, moved: change.moved })
      setShown(null)
    },
    [queries, plan],
  )

  const reload = useCallback(
    () =>
      answered(client.GET('/api/plans/{plan_id}', path)).then((whole) =>
        queries.setQueryData(planKey(plan.id), whole),
      ),
    [queries, path, plan.id],
  )

  const send = useCallback(
    async (change: Change): Promise<string | null> => {
      setKeeping('keeping')
      const base = newest()
      const body = {
        base: base.revision,
        patch: change.patch(base.document),
        label: change.label,
        field: change.field,
        view,
      }
      try {
        if (body.patch.length > 0)
          take(await answered(client.POST('/api/plans/{plan_id}/edits', { ...path, body })))
        setKeeping('kept')
        return null
      } catch (failure) {
        if (!(failure instanceof Refused)) throw failure
        const problem = failure.problem
        if (problem === null) {
          unsent.current.push(change)
          setKeeping('not kept')
          return null
        }
        setKeeping('kept')
        if (problem.code !== 'plan-moved-on') return failure.message
        setConflict({ change, moved: problem.moved ?? [] })
        await reload()
        return null
      }
    },
    [newest, path, reload, take, view],
  )

  const inTurn = useCallback(<T,>(act: () => Promise<T>): Promise<T> => {
    const done = queue.current.then(act)
    queue.current = done.catch(() => undefined)
    return done
  }, [])

  const preview = useCallback(
    (patch: MakePatch | null) => {
      abort.current?.abort()
      if (patch === null) {
        setShown(null)
        return
      }
      const mine = new AbortController()
      abort.current = mine
      const base = newest()
      const body = { base: base.revision, patch: patch(base.document), label: '', field: '', view }
      answered(client.POST('/api/plans/{plan_id}/preview', { ...path, body, signal: mine.signal }))
        .then((answer) => {
          if (!mine.signal.aborted) setShown(answer)
        })
        .catch(() => {
          if (!mine.signal.aborted) setShown(null)
        })
    },
    [newest, path, view],
  )

  const edit = useCallback(
    (change: Change) => {
      abort.current?.abort()
      return inTurn(() => {
        if (unsent.current.length === 0) return send(change)
        unsent.current.push(change)
        return Promise.resolve(null)
      })
    },
    [inTurn, send],
  )

  const act = useCallback(
    (change: Change) =>
      void settled()
        .then(() => edit(change))
        .then(setRefusal),
    [edit],
  )

  const { drag, drop, nudge, push, shove, dragged } = useDrag({
    planId: plan.id,
    newest,
    inTurn,
    send,
    act,
    show: setShown,
    refuse: setRefusal,
  })

  const sendAgain = useCallback(() => {
    inTurn(async () => {
      const waiting = unsent.current
      unsent.current = []
      for (const [at, change] of waiting.entries()) {
        await send(change)
        if (unsent.current.length > 0) {
          unsent.current.push(...waiting.slice(at + 1))
          return
        }
      }
    })
  }, [inTurn, send])

  const step = useCallback(
    async (way: 'undo' | 'redo') => {
      await settled()
      return inTurn(async () => {
        const body = { base: newest().revision }
        try {
          const url = way === 'undo' ? '/api/plans/{plan_id}/undo' : '/api/plans/{plan_id}/redo'
          take(await answered(client.POST(url, { ...path, body })))
        } catch (failure) {
          if (!(failure instanceof Refused)) throw failure
          if (failure.problem === null) setKeeping('not kept')
          else await reload()
        }
      })
    },
    [inTurn, newest, path, reload, take],
  )

  const settle = useCallback(
    (again: boolean) => {
      if (conflict && again) act(conflict.change)
      setConflict(null)
    },
    [conflict, act],
  )

  const network = useNetwork()
  const head = useHead(plan.id, network.data?.is_on ?? false)
  const newestElsewhere = head.data?.revision ?? 0
  useEffect(() => {
    if (keeping === 'kept' && newestElsewhere > newest().revision) inTurn(reload).catch(() => undefined)
  }, [inTurn, keeping, newest, newestElsewhere, reload])

  useEffect(() => {
    if (keeping === 'kept') return
    const ask = (event: BeforeUnloadEvent) => event.preventDefault()
    window.addEventListener('beforeunload', ask)
    return () => window.removeEventListener('beforeunload', ask)
  }, [keeping])

  const desk: Desk = {
    plan,
    solution: shown?.solution ?? plan.solution,
    drawings: shown?.drawings ?? plan.drawings,
    isPreview: shown !== null,
    keeping,
    lastMoved: shown ? { label: 'While typing', moved: shown.moved } : lastMoved,
    conflict,
    chosenPart,
    chosenPlace,
    choosePlace,
    view,
    show,
    whyKey,
    edit,
    act,
    refusal,
    preview,
    drag,
    drop,
    nudge,
    push,
    shove,
    dragged,
    step,
    sendAgain,
    settle,
    choosePart,
    askWhy,
  }
  return <DeskContext.Provider value={desk}>{children}</DeskContext.Provider>
}
