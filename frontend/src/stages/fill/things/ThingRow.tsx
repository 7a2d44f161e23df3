import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import type { Schemas } from '../../../api/client'
import { asTyped, counted } from '../../../lengths/kept'
import { Fractions } from '../../../lengths/Num'
import { WrittenField } from '../../../lengths/WrittenField'
import { put } from '../../../plan/acts'
import { tintOf } from '../../../plan/layout'
import { useCommands, usePlan } from '../../../plan/PlanDesk'
import { PlanLength } from '../../../plan/PlanLength'
import { Grip } from '../../../things/Grip'
import { LivesIn, type Thing } from '../../../things/LivesIn'

type Use = NonNullable<Thing['use']>
type Cell = Schemas['CellContents']

/** How often a thing is used. */
export const USES: Record<Use, string> = { daily: 'daily', weekly: 'weekly', seldom: 'seldom' }
const SIZES = [
  ['length', 'Length'],
  ['width', 'Width'],
  ['height', 'Height, standing'],
] as const

/** One thing: its size, where it lives, and what of it is left over; opened, everything that is said of it. */
export function ThingRow({
  id,
  thing,
  at,
}: {
  id: string
  thing: Thing
  at: { cell: Cell; one: Cell['things'][number] } | undefined
}) {
  const { document } = usePlan().plan
  const { act } = useCommands()
  const size = [thing.length, thing.width, thing.height]
    .map((one) => asTyped(one, document.units.length))
    .join(' × ')
  const left = at && at.one.left > 0 ? `${at.one.left} left over: ${at.one.why}` : ''
  return (
    <div className="things__row">
      <details>
        <summary>
          {thing.name} <span className="other">{(thing.count ?? 1) > 1 ? `× ${thing.count}` : ''}</span>
          <span className="other things__size">
            <Fractions>{size}</Fractions>
          </span>
        </summary>
        <ThingFields id={id} thing={thing} />
      </details>
      <div className="things__home">
        <Grip name={thing.name} onPut={(place) => act({ do: 'put-thing', thing: id, place })} />
        {at && (
          <span className={`number ${tintOf(at.cell.number)}`} aria-hidden="true">
            {at.cell.number}
          </span>
        )}
        <LivesIn id={id} thing={thing} />
      </div>
      {left && (
        <p className="things__left">
          <Fractions>{left}</Fractions>
        </p>
      )}
    </div>
  )
}

function ThingFields({ id, thing }: { id: string; thing: Thing }) {
  const { act, edit } = useCommands()
  const at = (name: string) => `/things/${id}/${name}`
  const whole = (name: 'count' | 'stacks', label: string) => (
    <WrittenField
      label={label}
      isCount
      kept={String(thing[name] ?? 1)}
      onKeep={(kept) => edit(put(at(name), counted(kept)), `${thing.name}: ${label.toLowerCase()}`)}
    />
  )
  const check = (name: 'may_turn' | 'may_lie', label: string, usual: boolean) => (
    <Form.Check
      id={`${id}-${name}`}
      label={label}
      checked={thing[name] ?? usual}
      onChange={(event) => act(put(at(name), event.target.checked), `${thing.name}: ${label.toLowerCase()}`)}
    />
  )
  return (
    <>
      <div className="pairs">
        <WrittenField
          label="Name"
          kept={thing.name}
          onKeep={(kept) => edit(put(at('name'), kept ?? ''), `${thing.name} is called ${kept ?? ''}`)}
        />
        {SIZES.map(([name, label]) => (
          <PlanLength
            key={name}
            label={label}
            kept={thing[name]}
            needed="A thing has all three sizes."
            act={(text) => ({ do: 'enter', path: at(name), text })}
            called={`${thing.name}: ${label.toLowerCase()}`}
            field={`things/${id}/${name}`}
          />
        ))}
        {whole('count', 'How many')}
        {whole('stacks', 'May stand on each other')}
        <WrittenField
          label="Weight of one"
          kept={thing.weight ?? null}
          placeholder="not said"
          onKeep={(kept) =>
            edit({ do: 'enter', path: at('weight'), text: kept, reads: 'weight' }, `${thing.name}: weight`)
          }
        />
        <Form.Group controlId={`${id}-use`} className="length-field">
          <Form.Label className="mb-0">Used</Form.Label>
          <Form.Select
            value={thing.use ?? 'weekly'}
            onChange={(event) =>
              act(put(at('use'), event.target.value), `${thing.name}: ${event.target.value}`)
            }
          >
            {Object.entries(USES).map(([value, title]) => (
              <option key={value} value={value}>
                {title}
              </option>
            ))}
          </Form.Select>
        </Form.Group>
        <WrittenField
          label="Belongs with"
          kept={thing.belongs_with || null}
          placeholder="nothing"
          onKeep={(kept) =>
            edit(put(at('belongs_with'), kept ?? ''), `${thing.name} belongs with ${kept ?? 'nothing'}`)
          }
        />
        <PlanLength
          label="Headroom of its own"
          kept={thing.headroom ?? null}
          placeholder="as the plan"
          act={(text) => ({ do: 'enter', path: at('headroom'), text })}
          called={`${thing.name}: headroom`}
          field={`things/${id}/headroom`}
        />
      </div>
      {check('may_turn', 'It may be turned', true)}
      {check('may_lie', 'It may lie on any side', false)}
      <Button
        size="sm"
        variant="outline-secondary"
        aria-label={`${thing.name} off the list`}
        onClick={() => act({ do: 'take-thing-out', thing: id })}
      >
        Off the list
      </Button>
    </>
  )
}
