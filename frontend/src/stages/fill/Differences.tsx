import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import type { Act, Schemas } from '../../api/client'
import { useCatalogue } from '../../api/queries'
import { WrittenField } from '../../lengths/WrittenField'
import { Panel } from '../../panels/Panel'
import { useAsked } from '../../plan/asked'
import { chosenFurtherOut, type Place } from '../../plan/layout'
import { useCommands, usePlan, useSelection } from '../../plan/PlanDesk'
import { PlanLength } from '../../plan/PlanLength'

type Choosable = Schemas['ChoosableShown']

const FAMILIES = ['joint', 'back', 'bottom', 'front', 'surplus', 'pull', 'face']
const WRITTEN = ['weight', 'lengths', 'count', 'ratio']
/** Before a system of runners, among rows of the library. */
const SYSTEM = 'system '

/** Where this one differs from the plan: each difference can be changed, and one press goes back. */
export function Differences({ place }: { place: Place }) {
  const { chosenPlace } = useSelection()
  const { act } = useCommands()
  const catalogue = useCatalogue()
  const asked = useAsked(chosenPlace)
  const [added, setAdded] = useState<string | null>(null)
  const all = (catalogue.data?.choosables ?? []).filter((one) => asked.has(one.name))
  if (all.length === 0 || (place.children ?? []).length > 0) return null
  const own = Object.keys(place.choices ?? {})
  const shown = (catalogue.data?.choosables ?? []).filter(
    (one) => own.includes(one.name) || (one.name === added && asked.has(added)),
  )
  const clear = () => act({ do: 'as-in-the-plan', at: chosenPlace })
  return (
    <Panel
      id="differs"
      says={own.length === 0 ? 'as in the plan' : shown.map((one) => one.title.toLowerCase()).join(', ')}
    >
      {shown.length > 0 && (
        <div className="pairs">
          {shown.map((one) => (
            <Difference key={`${chosenPlace}/${one.name}`} of={one} place={place} />
          ))}
        </div>
      )}
      <div className="d-flex flex-wrap gap-2 align-items-center">
        <Form.Select
          aria-label="Let it differ in"
          className="w-auto mw-100"
          value=""
          onChange={(event) => setAdded(event.target.value || null)}
        >
          <option value="">
            {own.length === 0 ? 'As in the plan. Let it differ in …' : 'Differ in more …'}
          </option>
          {all
            .filter((one) => !shown.includes(one))
            .map((one) => (
              <option key={one.name} value={one.name}>
                {one.group}: {one.title}
              </option>
            ))}
        </Form.Select>
        {own.length > 0 && (
          <Button variant="outline-secondary" onClick={clear}>
            As in the plan again
          </Button>
        )}
      </div>
    </Panel>
  )
}

function Difference({ of, place }: { of: Choosable; place: Place }) {
  const { plan } = usePlan()
  const { chosenPlace } = useSelection()
  const { act, edit } = useCommands()
  const { document } = plan
  const own = place.choices?.[of.name] ?? null
  const usual =
    (chosenPlace && chosenFurtherOut(document, chosenPlace, of.name)) ??
    (document.defaults_system === 'in' ? of.default_in : of.default_mm)
  const label = `${place.name}: ${of.title.toLowerCase()}`
  const field = `${chosenPlace}/${of.name}`
  const emptied = `${label} as in the plan`
  const chosen = (value: string | null): Act => ({ do: 'choose', at: chosenPlace, name: of.name, value })
  const set = (value: string | null) => act(chosen(value), value === null ? emptied : label)
  const back = own !== null && (
    <Button size="sm" variant="link" className="p-0" onClick={() => set(null)}>
      as in the plan again
    </Button>
  )
  if (of.kind === 'length') {
    return (
      <div data-field={field}>
        <PlanLength
          label={of.title}
          kept={own}
          placeholder={usual ? `${usual}, as in the plan` : 'as worked out'}
          after={of.about}
          act={chosen}
          called={label}
          emptied={emptied}
          field={field}
        />
        {back}
      </div>
    )
  }
  if (WRITTEN.includes(of.kind)) {
    return (
      <div data-field={field}>
        <WrittenField
          label={of.title}
          kept={own}
          isCount={of.kind !== 'weight' && of.kind !== 'lengths'}
          placeholder={usual ? `${usual}, as in the plan` : 'not said'}
          after={of.about}
          onKeep={(kept) => edit(chosen(kept), kept === null ? emptied : label, field)}
        />
        {back}
      </div>
    )
  }
  return (
    <Form.Group controlId={`differs-${of.name}`} data-field={field}>
      <Form.Label className="mb-0">{of.title}</Form.Label>
      <Options of={of} own={own} usual={usual} onChoose={set} />
      {back}
    </Form.Group>
  )
}

interface OptionsProps {
  of: Choosable
  own: string | null
  usual: string | null
  onChoose(value: string | null): void
}

/** The sheets, runners or alternatives that may be chosen instead. */
function Options({ of, own, usual, onChoose }: OptionsProps) {
  const { plan } = usePlan()
  const { act } = useCommands()
  const { chosenPlace } = useSelection()
  const catalogue = useCatalogue()
  const { sheets = {}, runners = {}, bands = {} } = plan.document.library
  const rows: Record<string, { name: string }> =
    of.kind === 'runner' ? runners : of.kind === 'band' ? bands : sheets
  const options: [string, string][] = FAMILIES.includes(of.kind)
    ? (catalogue.data?.alternatives ?? [])
        .filter((one) => one.family === of.kind)
        .map((one) => [one.value, one.title])
    : Object.entries(rows).map(([id, row]) => [id, row.name])
  /** Systems that no row of the plan is of: choosing one brings its stock row in. */
  const has = new Set(Object.values(runners).map((row) => row.kind))
  const more = (catalogue.data?.alternatives ?? []).filter(
    (one) => of.kind === 'runner' && one.family === 'runner' && !has.has(one.value as never),
  )
  const usualTitle =
    options.find(([value]) => value === usual)?.[1] ??
    { back: 'as at the front', band: 'none' }[of.kind] ??
    'as the sides'
  return (
    <Form.Select
      id={`differs-${of.name}`}
      value={own ?? ''}
      onChange={({ target: { value } }) =>
        value.startsWith(SYSTEM)
          ? act({ do: 'carry', at: chosenPlace, system: value.slice(SYSTEM.length) })
          : onChoose(value || null)
      }
    >
      <option value="">as in the plan: {usualTitle}</option>
      {options.map(([value, title]) => (
        <option key={value} value={value}>
          {title}
        </option>
      ))}
      {more.map((one) => (
        <option key={one.value} value={SYSTEM + one.value}>
          {one.title}
        </option>
      ))}
    </Form.Select>
  )
}
