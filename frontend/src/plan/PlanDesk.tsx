import { useQueryClient } from '@tanstack/react-query'
import {
  createContext,
  type Provider,
  type ReactNode,
  useCallback,
  useContext,
  useEffect,
  useMemo,
  useRef,
  useState,
} from 'react'
import {
  type Act,
  answered,
  type ChangeAnswer,
  client,
  type LengthRead,
  type PlanAnswer,
  type PreviewAnswer,
  readOf,
  type Schemas,
  type Solution,
} from '../api/client'
import { Edition, planKey, useHead, useNetwork } from '../api/queries'
import { settled, useIsInHand } from '../lengths/inHand'
import { type MovedSizes, movedSizes, withChange, withDrawings, withOutcome } from './held'
import { cellsOf, spaceOf } from './layout'
import { OnScreen, OnScreenContext } from './screen'
import { useDrag } from './useDrag'
import { type Conflict, type Stuck, useSending } from './useSending'

export type View = Schemas['View']

/** The place that a label's code asks for. */
const placeInAddress = () => new URLSearchParams(window.location.search).get('place') ?? ''

/** What is kept: it stays the same object while somebody types. */
interface Kept {
  plan: PlanAnswer
}

/** What is shown: the kept plan, or what a change would make of it. */
interface Outcome {
  solution: Solution
  drawings: PlanAnswer['drawings']
  isPreview: boolean
  lastMoved: MovedSizes | null
}

interface Keeping {
  keeping: 'kept' | 'keeping' | 'not kept'
  stuck: Stuck | null
  conflict: Conflict | null
  refusal: string | null
  /** The new clear size of the part that is being dragged. */
  dragged: string | null
}

interface Selection {
  chosenPart: string | null
  /** The cell or split that is chosen; always one that is there. */
  chosenPlace: string
  /** The sheet in view. */
  view: View
  whyKey: string | null
}

/** What may be done: the same functions for as long as the plan is open. */
interface Commands {
  choosePlace(id: string): void
  show(name: View['name']): void
  /** An act from a field: answers why it was refused, for the field to show. */
  edit(act: Act, label?: string, field?: string): Promise<string | null>
  /** An act by one press: a refusal is shown above the bench. */
  act(act: Act, label?: string, field?: string): void
  /** Shows what an act would do, the latest wins: answers how the length in it was read. Nothing shows what is kept. */
  preview(act: Act | null): Promise<LengthRead | null>
  /** Shows where the divider after a place comes to stand, the latest wins; `drop` keeps it, or leaves it as it was. */
  drag(place: string, by: number): void
  drop(isKept: boolean): void
  /** Moves the divider after a place by whole increments. */
  nudge(place: string, steps: number): void
  /** The same for what stands in the way, along its wall: by mm, or by whole increments. */
  push(id: string, across: number, up: number): void
  shove(id: string, across: number, up: number): void
  /** The same for a stack of a thing on the floor of its drawer. */
  lay(id: string, across: number, back: number): void
  layBy(id: string, across: number, back: number): void
  step(way: 'undo' | 'redo'): Promise<void>
  sendAgain(): void
  /** Gives up the change that waits longest. */
  leaveOut(): void
  /** Says above the bench why something was not done. */
  refuse(said: string | null): void
  settle(again: boolean): void
  choosePart(id: string | null): void
  askWhy(key: string | null): void
}

function context<T>(name: string): [Provider<T | null>, () => T] {
  const made = createContext<T | null>(null)
  return [
    made.Provider,
    () => {
      const held = useContext(made)
      if (held === null) throw new Error(`${name} needs a PlanDesk around it`)
      return held
    },
  ]
}

const [KeptProvider, usePlan] = context<Kept>('usePlan')
const [OutcomeProvider, useOutcome] = context<Outcome>('useOutcome')
const [KeepingProvider, useKeeping] = context<Keeping>('useKeeping')
const [SelectionProvider, useSelection] = context<Selection>('useSelection')
const [CommandsProvider, useCommands] = context<Commands>('useCommands')

export { useCommands, useKeeping, useOutcome, usePlan, useSelection }

/** Everything together: for what is redrawn with every change anyway. */
export function useDesk(): Kept & Outcome & Keeping & Selection & Commands {
  return { ...usePlan(), ...useOutcome(), ...useKeeping(), ...useSelection(), ...useCommands() }
}

const NO_VIEW: View = { name: 'elevation', of: '' }

/** One plan in hand: what is kept, what is shown, what is chosen, and what may be done. */
export function PlanDesk({ plan, children }: { plan: PlanAnswer; children: ReactNode }) {
  const queries = useQueryClient()
  const isInHand = useIsInHand()
  const [lastMoved, setLastMoved] = useState<MovedSizes | null>(null)
  const [refusal, setRefusal] = useState<string | null>(null)
  const [shown, setShown] = useState<PreviewAnswer | null>(null)
  const [chosenPart, choosePart] = useState<string | null>(null)
  const [wantedPlace, choosePlace] = useState(placeInAddress)
  const [viewName, show] = useState<View['name']>('elevation')
  const [whyKey, askWhy] = useState<string | null>(null)
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

  const held = useRef(plan)
  held.current = plan
  const onScreen = useRef(new OnScreen())
  const looking = useRef(view)
  looking.current = view
  const newest = useCallback(
    () => queries.getQueryData<PlanAnswer>(planKey(plan.id)) ?? held.current,
    [queries, plan.id],
  )

  const take = useCallback(
    (change: ChangeAnswer) => {
      const before = newest()
      const after = withChange(before, change)
      queries.setQueryData<PlanAnswer>(planKey(plan.id), after)
      if (after.document.name !== before.document.name) queries.invalidateQueries({ queryKey: ['plans'] })
      const moved = movedSizes(change.label, before.solution, after.solution, change.outcome)
      if (moved !== null) setLastMoved(moved)
      setShown(null)
    },
    [newest, queries, plan.id],
  )

  const reload = useCallback(
    () =>
      answered(client.GET('/api/plans/{plan_id}', path)).then((whole) =>
        queries.setQueryData(planKey(plan.id), whole),
      ),
    [queries, path, plan.id],
  )

  const sending = useSending({ planId: plan.id, newest, looking, take, reload, refuse: setRefusal })
  const { sent, stuck, conflict, inTurn, sendAgain, leaveOut, step, settle } = sending
  const keeping = sent === 'kept' && isInHand ? 'keeping' : sent

  const preview = useCallback(
    async (act: Act | null): Promise<LengthRead | null> => {
      abort.current?.abort()
      if (act === null) {
        setShown(null)
        return null
      }
      const mine = new AbortController()
      abort.current = mine
      const shows = onScreen.current.told()
      const body = { base: newest().revision, act, view: looking.current, shows }
      try {
        const answer = await answered(
          client.POST('/api/plans/{plan_id}/preview', { ...path, body, signal: mine.signal }),
        )
        if (mine.signal.aborted) return null
        const read = readOf(answer.typed)
        setShown(answer)
        return read
      } catch (failure) {
        if (mine.signal.aborted) return null
        setShown(null)
        throw failure
      }
    },
    [newest, path],
  )

  const keepEdit = sending.edit
  const edit = useCallback(
    (act: Act, label = '', field = '') => {
      abort.current?.abort()
      return keepEdit(act, label, field)
    },
    [keepEdit],
  )

  const act = useCallback(
    (what: Act, label = '', field = '') =>
      void settled()
        .then(() => edit(what, label, field))
        .then(setRefusal),
    [edit],
  )

  const { drag, drop, nudge, push, shove, lay, layBy, dragged } = useDrag({
    planId: plan.id,
    newest,
    act,
    looking,
    onScreen,
    show: setShown,
    refuse: setRefusal,
  })

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

  const kept = useMemo<Kept>(() => ({ plan }), [plan])
  const outcome = useMemo<Outcome>(() => {
    if (shown === null)
      return { solution: plan.solution, drawings: plan.drawings, isPreview: false, lastMoved }
    const solution = withOutcome(plan.solution, shown.outcome)
    return {
      solution,
      drawings: withDrawings(plan.drawings, shown.drawings),
      isPreview: true,
      lastMoved: movedSizes('While typing', plan.solution, solution, shown.outcome) ?? {
        label: 'While typing',
        sizes: [],
        more: 0,
      },
    }
  }, [plan, shown, lastMoved])
  const waiting = useMemo<Keeping>(
    () => ({ keeping, stuck, conflict, refusal, dragged }),
    [keeping, stuck, conflict, refusal, dragged],
  )
  const selection = useMemo<Selection>(
    () => ({ chosenPart, chosenPlace, view, whyKey }),
    [chosenPart, chosenPlace, view, whyKey],
  )
  const commands = useMemo<Commands>(
    () => ({
      choosePlace,
      show,
      edit,
      act,
      preview,
      drag,
      drop,
      nudge,
      push,
      shove,
      lay,
      layBy,
      step,
      sendAgain,
      leaveOut,
      refuse: setRefusal,
      settle,
      choosePart,
      askWhy,
    }),
    [edit, act, preview, drag, drop, nudge, push, shove, lay, layBy, step, sendAgain, leaveOut, settle],
  )
  return (
    <Edition.Provider value={plan.document.defaults_edition}>
      <CommandsProvider value={commands}>
        <KeptProvider value={kept}>
          <SelectionProvider value={selection}>
            <KeepingProvider value={waiting}>
              <OnScreenContext.Provider value={onScreen.current}>
                <OutcomeProvider value={outcome}>{children}</OutcomeProvider>
              </OnScreenContext.Provider>
            </KeepingProvider>
          </SelectionProvider>
        </KeptProvider>
      </CommandsProvider>
    </Edition.Provider>
  )
}
