import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { useRef } from 'react'
import Button from 'react-bootstrap/Button'
import { answered, client, type Schemas } from '../../api/client'
import { useCatalogue } from '../../api/queries'
import { useSeen } from '../../app/useSeen'
import { Fractions } from '../../lengths/Num'
import { setOpen, useOpen } from '../../panels/open'
import { change } from '../../plan/acts'
import { useCommands, usePlan } from '../../plan/PlanDesk'
import { useChosen } from './chosen'
import { AlternativePicture } from './Pictures'

/** One family of alternatives, for the plan or one of its spaces: the chosen one large, the others one press away. */
export function Alternatives({ family, place }: { family: string; place?: string }) {
  const { plan } = usePlan()
  const { act } = useCommands()
  const catalogue = useCatalogue()
  const own = useRef<HTMLFieldSetElement>(null)
  const { weighed, isOfNow } = useWeighed(family, useSeen(own))
  const all = inOrder(catalogue.data?.alternatives.filter((one) => one.family === family) ?? [], weighed)
  const chosen = useChosen(family, place)
  const isOpen = useOpen(`others-${family}`)
  const now = all.find((one) => one.value === chosen)
  const costOf = (one: Schemas['AlternativeShown']) => weighed?.find((other) => other.kind === one.kind)
  /** A runner is chosen by a row of the library, which the program picks or adds. */
  const choose = async (one: Schemas['AlternativeShown']) => {
    const isRow = family === 'runner'
    const known = isRow ? (isOfNow && weighed) || (await askWeighed(plan.id, family)) : []
    const patch = known.find((other) => other.kind === one.kind)?.patch
    act(
      patch && !place ? change(patch) : { do: 'choose', at: place ?? null, name: family, value: one.value },
      one.title,
    )
  }
  return (
    <fieldset ref={own} data-field={`${place ?? 'plan'}/${family}`} className="family">
      <legend className="visually-hidden">{now?.title}</legend>
      {now && (
        <div className="family-chosen">
          <OwnPicture of={costOf(now)?.picture} kind={now.kind} />
          <div>
            <strong>{now.title}</strong>
            <small>{now.about}</small>
            <Cost of={costOf(now)} />
          </div>
        </div>
      )}
      <Button
        size="sm"
        variant="outline-secondary"
        className="discloses"
        aria-expanded={isOpen}
        onClick={() => setOpen(`others-${family}`, !isOpen)}
      >
        {isOpen ? 'Shut the others' : `Others (${Math.max(all.length - 1, 0)})`}
      </Button>
      {isOpen && (
        <div className="kind-cards kind-cards--compact">
          {all.map((one) => (
            <label key={one.kind} className="kind-card" title={one.about}>
              <input type="radio" name={family} checked={one.value === chosen} onChange={() => choose(one)} />
              <OwnPicture of={costOf(one)?.picture} kind={one.kind} />
              <strong>{one.title}</strong>
              {one.value === chosen ? (
                <small>as it is</small>
              ) : (
                <Against of={costOf(one)} now={now && costOf(now)} />
              )}
            </label>
          ))}
        </div>
      )}
    </fieldset>
  )
}

/** As they were weighed: the best fitting first, what needs tools that are not there last. */
function inOrder(all: Schemas['AlternativeShown'][], weighed: Schemas['WeighedShown'][] | undefined) {
  const place = new Map(weighed?.map((one, at) => [one.kind, at]))
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

/** What the chosen one costs and gives in this plan. */
function Cost({ of }: { of: Schemas['WeighedShown'] | undefined }) {
  if (!of) return null
  const told = [
    of.volume && `${of.volume} inside`,
    of.height && `${of.height} high inside`,
    of.pull && `pull ${of.pull}`,
  ]
  return (
    <small className="cost">
      <Fractions>{told.filter(Boolean).join(', ')}</Fractions>
      <Lacks of={of} />
    </small>
  )
}

/** How many more or fewer: *+1 part*, *−2 parts*. */
const signed = (by: number, what: string) =>
  by !== 0 && `${by > 0 ? '+' : '−'}${Math.abs(by)} ${Math.abs(by) === 1 ? what.replace(/s$/, '') : what}`

/** What another one would change: only what differs from the chosen one. */
function Against({
  of,
  now,
}: {
  of: Schemas['WeighedShown'] | undefined
  now: Schemas['WeighedShown'] | undefined
}) {
  if (!of || !now) return null
  const told = [
    of.more.replace('-', '−'),
    signed(of.parts - now.parts, 'parts'),
    of.height !== now.height && `${of.height} high inside`,
    of.pull !== now.pull && `pull ${of.pull}`,
    signed(of.to_buy - now.to_buy, 'to buy'),
  ].filter(Boolean)
  return (
    <small className="cost">
      <Fractions>{told.join(', ') || 'the same sizes'}</Fractions>
      <Lacks of={of} />
      {of.stops > 0 && (
        <span className="stops" title={of.says}>
          {of.stops === 1 ? ', one more finding' : `, ${of.stops} more findings`}
        </span>
      )}
    </small>
  )
}

function Lacks({ of }: { of: Schemas['WeighedShown'] }) {
  return of.lacks && <span className="lacks">{`, needs a ${of.lacks}. ${of.instead}`}</span>
}

async function askWeighed(planId: string, family: string) {
  const path = { params: { path: { plan_id: planId }, query: { family } } }
  return (await answered(client.GET('/api/plans/{plan_id}/alternatives', path))).alternatives
}

const WEIGHED = [
  'joint',
  'bottom',
  'front',
  'runner',
  'through',
  'case_joint',
  'case_back',
  'case_top',
  'case_bottom',
]

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
