import Button from 'react-bootstrap/Button'
import type { Schemas } from '../api/client'
import { useCatalogue } from '../api/queries'
import { LengthField } from '../lengths/LengthField'
import { type Change, useDesk } from '../plan/PlanDesk'
import { withChoice } from '../plan/patches'
import { Origin } from '../reasons/Origin'

type Choosable = Schemas['ChoosableShown']

/** The lengths of one group that may be chosen for the whole plan, each with its default as it is assumed. */
export function ChoiceFields({ group, without = [] }: { group: string; without?: string[] }) {
  const catalogue = useCatalogue()
  const fields = (catalogue.data?.choosables ?? []).filter(
    (one) => one.group === group && one.kind === 'length' && !without.includes(one.name),
  )
  return (
    <div className="pairs">
      {fields.map((one) => (
        <ChoiceField key={one.name} of={one} />
      ))}
    </div>
  )
}

function ChoiceField({ of }: { of: Choosable }) {
  const { plan, edit, act, preview } = useDesk()
  const { document } = plan
  const chosen = document.choices[of.name] ?? null
  const fallback = document.defaults_system === 'in' ? of.default_in : of.default_mm
  const origin = chosen === null ? 'assumed' : of.is_thing ? 'measured' : 'chosen'
  const change = (kept: string | null): Change => ({
    patch: (now) => withChoice(now, of.name, kept),
    label: `${of.title}: ${kept ?? 'back to the default'}`,
    field: `choices/${of.name}`,
  })
  return (
    <div>
      <LengthField
        label={
          <>
            {(chosen !== null || fallback !== null) && <Origin origin={origin} />}
            {of.title}
          </>
        }
        kept={chosen}
        unit={document.units.length}
        placeholder={fallback ?? 'as worked out'}
        after={of.about}
        onType={(kept) => preview(kept === null ? null : (now) => withChoice(now, of.name, kept))}
        onKeep={(kept) => edit(change(kept))}
      />
      {chosen !== null && fallback !== null && chosen !== fallback && (
        <Button size="sm" variant="link" className="p-0" onClick={() => act(change(null))}>
          back to {fallback}
        </Button>
      )}
    </div>
  )
}
