import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import type { Act, Schemas } from '../api/client'
import { useCatalogue } from '../api/queries'
import { WrittenField } from '../lengths/WrittenField'
import { useAsked } from '../plan/asked'
import { choicesOf, chosenFurtherOut } from '../plan/layout'
import { useCommands, usePlan } from '../plan/PlanDesk'
import { PlanLength } from '../plan/PlanLength'
import { Origin } from '../reasons/Origin'

type Choosable = Schemas['ChoosableShown']

/** Families that are chosen beside numbers, as a list. */
const KINDS = [
  'door',
  'back',
  'face',
  'grain',
  'corner_held',
  'bottom_held',
  'back_held',
  'marking_datum',
  'case_edges',
  'outside_shown',
  'packing_made',
  'rail_reach',
  'fixed_to',
  'front_edge',
  'posts_are',
  'pull_held',
  'base_skirt',
  'top_held',
  'bottom_spans',
  'tray_kept',
  'old_back',
  'shelf_holds',
  'rack_made',
  'carried_on',
]
const NUMBERS = ['length', 'lengths', 'weight', 'count', 'ratio']

/** The lengths, weights, counts and ratios of one group that may be chosen, for the whole plan, a space or a place, each with its default as assumed. */
export function ChoiceFields({
  group,
  place,
  onlyAsked = false,
  isOwn = false,
}: {
  group: string
  place?: string
  /** Only those that something in the plan reads. */
  onlyAsked?: boolean
  /** Chosen for this place alone: nothing of it holds from further out. */
  isOwn?: boolean
}) {
  const catalogue = useCatalogue()
  const asked = useAsked(place)
  const fields = (catalogue.data?.choosables ?? []).filter(
    (one) =>
      one.group === group && [...NUMBERS, ...KINDS].includes(one.kind) && (!onlyAsked || asked.has(one.name)),
  )
  return (
    <div className="pairs">
      {fields.map((one) => (
        <ChoiceField key={`${place ?? ''}/${one.name}`} of={one} place={place} isOwn={isOwn} />
      ))}
    </div>
  )
}

function ChoiceField({ of, place, isOwn }: { of: Choosable; place: string | undefined; isOwn: boolean }) {
  const { plan } = usePlan()
  const { edit, act } = useCommands()
  const { document } = plan
  const alternatives = useCatalogue().data?.alternatives ?? []
  const choices = place === undefined ? document.choices : choicesOf(document, place)
  const chosen = choices[of.name] ?? null
  const choose = (value: string | null): Act => ({ do: 'choose', at: place ?? null, name: of.name, value })
  const field = `${place ?? 'plan'}/choices/${of.name}`
  const key = `${place ?? 'plan'}/${of.name}`
  const furtherOut = place === undefined || isOwn ? undefined : chosenFurtherOut(document, place, of.name)
  const fallback = furtherOut ?? (document.defaults_system === 'in' ? of.default_in : of.default_mm)
  const isAssumed = chosen === null && furtherOut === undefined
  const origin = isAssumed ? 'assumed' : of.is_thing ? 'measured' : 'chosen'
  const named = (kept: string | null) =>
    alternatives.find((one) => one.family === of.kind && one.value === kept)?.title ?? kept
  const called = (kept: string | null) => `${of.title}: ${named(kept) ?? 'back to the default'}`
  const set = (kept: string | null) => act(choose(kept), called(kept), field)
  const label = (
    <>
      {(chosen !== null || fallback !== null) && <Origin origin={origin} />}
      {of.title}
    </>
  )
  const placeholder = fallback ?? (of.is_thing ? 'not measured' : 'not said')
  const said = { label, kept: chosen, placeholder, after: of.about }
  if (KINDS.includes(of.kind))
    return (
      <Form.Group className="length-field" controlId={`${place ?? 'plan'}-${of.name}`} data-field={key}>
        <Form.Label className="mb-0">{label}</Form.Label>
        <Form.Select value={chosen ?? fallback ?? ''} onChange={(event) => set(event.target.value || null)}>
          {fallback === null && <option value="">As at the front</option>}
          {alternatives
            .filter((one) => one.family === of.kind)
            .map((one) => (
              <option key={one.kind} value={one.value}>
                {one.title}
              </option>
            ))}
        </Form.Select>
        <div className="said">{of.about}</div>
      </Form.Group>
    )
  return (
    <div data-field={key}>
      {of.kind === 'length' ? (
        <PlanLength {...said} act={choose} called={of.title} emptied={called(null)} field={field} />
      ) : (
        <WrittenField
          {...said}
          isCount={of.kind !== 'weight' && of.kind !== 'lengths'}
          onKeep={(kept) => edit(choose(kept), kept === null ? called(null) : of.title, field)}
        />
      )}
      {chosen !== null && fallback !== null && chosen !== fallback && (
        <Button size="sm" variant="link" className="p-0" onClick={() => set(null)}>
          back to {fallback}
        </Button>
      )}
    </div>
  )
}
