import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import type { PlanDocument, Schemas } from '../api/client'
import { useCatalogue } from '../api/queries'
import { LengthField } from '../lengths/LengthField'
import { WrittenField } from '../lengths/WrittenField'
import { useAsked } from '../plan/asked'
import { type Change, useCommands, usePlan } from '../plan/PlanDesk'
import { choicesOf, withChoice, withPlaceChoice } from '../plan/patches'
import { Origin } from '../reasons/Origin'

type Choosable = Schemas['ChoosableShown']

/** What a bare weight is taken in, beside each unit of length. */
export const WEIGHT = { in: 'lb', mm: 'kg' }
/** Families that are chosen beside numbers, as a list. */
const KINDS = ['door', 'back', 'face', 'grain']
const NUMBERS = ['length', 'weight', 'count', 'ratio']

/** The lengths, weights, counts and ratios of one group that may be chosen, for the whole plan, a space or a place, each with its default as assumed. */
export function ChoiceFields({
  group,
  place,
  onlyAsked = false,
}: {
  group: string
  place?: string
  /** Only those that something in the plan reads. */
  onlyAsked?: boolean
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
        <ChoiceField key={`${place ?? ''}/${one.name}`} of={one} place={place} />
      ))}
    </div>
  )
}

function ChoiceField({ of, place }: { of: Choosable; place: string | undefined }) {
  const { plan } = usePlan()
  const { edit, act, preview } = useCommands()
  const { document } = plan
  const alternatives = useCatalogue().data?.alternatives ?? []
  const choices = place === undefined ? document.choices : choicesOf(document, place)
  const chosen = choices[of.name] ?? null
  const chosenBy = (kept: string | null) => (now: PlanDocument) =>
    place === undefined ? withChoice(now, of.name, kept) : withPlaceChoice(now, place, of.name, kept)
  const fallback = document.defaults_system === 'in' ? of.default_in : of.default_mm
  const origin = chosen === null ? 'assumed' : of.is_thing ? 'measured' : 'chosen'
  const named = (kept: string | null) =>
    alternatives.find((one) => one.family === of.kind && one.value === kept)?.title ?? kept
  const change = (kept: string | null): Change => ({
    patch: chosenBy(kept),
    label: `${of.title}: ${named(kept) ?? 'back to the default'}`,
    field: `${place ?? 'plan'}/choices/${of.name}`,
  })
  const label = (
    <>
      {(chosen !== null || fallback !== null) && <Origin origin={origin} />}
      {of.title}
    </>
  )
  const placeholder = fallback ?? (of.is_thing ? 'not measured' : 'not said')
  const said = { label, kept: chosen, placeholder, after: of.about }
  const onKeep = (kept: string | null) => edit(change(kept))
  if (KINDS.includes(of.kind))
    return (
      <Form.Group className="length-field" controlId={`${place ?? 'plan'}-${of.name}`}>
        <Form.Label className="mb-0">{label}</Form.Label>
        <Form.Select
          value={chosen ?? fallback ?? ''}
          onChange={(event) => act(change(event.target.value || null))}
        >
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
    <div>
      {of.kind === 'length' ? (
        <LengthField
          {...said}
          unit={document.units.length}
          onType={(kept) => preview(kept === null ? null : chosenBy(kept))}
          onKeep={onKeep}
        />
      ) : (
        <WrittenField
          {...said}
          unit={of.kind === 'weight' ? WEIGHT[document.units.length] : ''}
          onKeep={onKeep}
        />
      )}
      {chosen !== null && fallback !== null && chosen !== fallback && (
        <Button size="sm" variant="link" className="p-0" onClick={() => act(change(null))}>
          back to {fallback}
        </Button>
      )}
    </div>
  )
}
