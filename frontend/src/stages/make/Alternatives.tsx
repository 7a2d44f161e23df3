import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { useRef } from 'react'
import { answered, client, type Schemas } from '../../api/client'
import { useCatalogue } from '../../api/queries'
import { Fractions } from '../../lengths/Num'
import { change } from '../../plan/acts'
import { choicesOf } from '../../plan/layout'
import { useCommands, usePlan } from '../../plan/PlanDesk'
import { AlternativePicture } from './Pictures'
import { useSeen } from './useSeen'

/** One family of alternatives, for the plan or one of its spaces: chosen by picture, with what each would cost and gain. */
export function Alternatives({ family, choice, place }: { family: string; choice: string; place?: string }) {
  const { plan } = usePlan()
  const { act } = useCommands()
  const catalogue = useCatalogue()
  const own = useRef<HTMLFieldSetElement>(null)
  const { weighed, isOfNow } = useWeighed(family, useSeen(own))
  const all = inOrder(catalogue.data?.alternatives.filter((one) => one.family === family) ?? [], weighed)
  const isLong = all.length > 4
  const fallback = catalogue.data?.choosables.find((one) => one.name === choice)?.default_in
  const said = (place && choicesOf(plan.document, place)[choice]) || plan.document.choices[choice]
  const chosen = family === 'runner' ? plan.document.library.runners?.[said ?? '']?.kind : (said ?? fallback)
  /** A runner is chosen by a row of the library, which the program picks or adds. */
  const choose = async (one: Schemas['AlternativeShown']) => {
    const isRow = family === 'runner'
    const known = isRow ? (isOfNow && weighed) || (await askWeighed(plan.id, family)) : []
    const patch = known.find((other) => other.kind === one.kind)?.patch
    act(
      patch && !place ? change(patch) : { do: 'choose', at: place ?? null, name: choice, value: one.value },
      one.title,
    )
  }
  return (
    <fieldset ref={own} className={`kind-cards${isLong ? ' kind-cards--compact' : ''}`}>
      <legend className="visually-hidden">{family}</legend>
      {all.map((one) => (
        <label key={one.kind} className="kind-card">
          <input type="radio" name={family} checked={one.value === chosen} onChange={() => choose(one)} />
          <OwnPicture of={weighed?.find((other) => other.kind === one.kind)?.picture} kind={one.kind} />
          <strong>{one.title}</strong>
          {!isLong && <small>{one.about}</small>}
          <Cost of={weighed?.find((other) => other.kind === one.kind)} />
        </label>
      ))}
      {isLong && <p className="lead-in about">{all.find((one) => one.value === chosen)?.about}</p>}
    </fieldset>
  )
}

/** What needs tools that are not there comes last. */
function inOrder(all: Schemas['AlternativeShown'][], weighed: Schemas['WeighedShown'][] | undefined) {
  if (!weighed) return all
  const place = new Map(weighed.map((one, at) => [one.kind, at]))
  return [...all].sort((one, other) => (place.get(one.kind) ?? 0) - (place.get(other.kind) ?? 0))
}

/** Drawn from the numbers it would have in this plan; until they are there, what it is in general. */
function OwnPicture({ of, kind }: { of: Schemas['Picture'] | null | undefined; kind: string }) {
  if (!of) return <AlternativePicture kind={kind} />
  return (
    <svg
      viewBox={`${of.left} ${of.top} ${of.width} ${of.height}`}
      aria-hidden="true"
      className="alternative-picture alternative-picture--own"
    >
      {of.shapes.map((shape) => (
        <polygon
          key={shape.points.join(' ')}
          className={CLASSES[shape.role]}
          points={shape.points.join(' ')}
        />
      ))}
    </svg>
  )
}

const CLASSES = { wood: 'wood', end: 'wood wood--end', metal: 'metal' }

/** What one alternative would cost and gain in this plan. */
function Cost({ of }: { of: Schemas['WeighedShown'] | undefined }) {
  if (!of) return null
  return (
    <small className="cost">
      {of.is_chosen ? `${of.volume} inside` : of.more || 'as much inside'}
      {`, ${of.parts} parts, pull ${of.pull}`}
      {of.height && (
        <>
          {', '}
          <Fractions>{of.height}</Fractions>
          {' high inside'}
        </>
      )}
      {`, ${of.to_buy} to buy`}
      {of.lacks && <span className="lacks">{`, needs a ${of.lacks}. ${of.instead}`}</span>}
      {of.stops > 0 && <span className="stops" title={of.says}>{`, ${of.stops} to look at`}</span>}
    </small>
  )
}

async function askWeighed(planId: string, family: string) {
  const path = { params: { path: { plan_id: planId }, query: { family } } }
  return (await answered(client.GET('/api/plans/{plan_id}/alternatives', path))).alternatives
}

const WEIGHED = ['joint', 'bottom', 'front', 'runner', 'through', 'case_joint', 'case_back', 'case_top']

/** Asked anew for each revision, while it is in view; families that are not weighed have none. */
function useWeighed(family: string, isSeen: boolean) {
  const { plan } = usePlan()
  const asked = useQuery({
    queryKey: ['weighed', plan.id, plan.revision, family],
    queryFn: () => askWeighed(plan.id, family),
    enabled: WEIGHED.includes(family) && isSeen,
    placeholderData: keepPreviousData,
  })
  return { weighed: asked.data, isOfNow: asked.isSuccess && !asked.isPlaceholderData }
}
