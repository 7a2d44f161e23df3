import { useRef, useState } from 'react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import { answered, client, type PlanDocument, type Schemas } from '../../api/client'
import { asTyped, counted } from '../../lengths/kept'
import { Fractions } from '../../lengths/Num'
import { WrittenField } from '../../lengths/WrittenField'
import { Panel } from '../../panels/Panel'
import { change, put } from '../../plan/acts'
import { tintOf, walk } from '../../plan/layout'
import { useSection } from '../../plan/onScreen'
import { useCommands, usePlan } from '../../plan/PlanDesk'
import { PlanLength } from '../../plan/PlanLength'
import { ChoiceFields } from '../ChoiceFields'
import { PasteTable } from '../PasteTable'

type Thing = NonNullable<PlanDocument['things']>[string]
type Use = NonNullable<Thing['use']>
type Cell = Schemas['CellContents']

const USES: Record<Use, string> = { daily: 'daily', weekly: 'weekly', seldom: 'seldom' }
const SIZES = [
  ['length', 'Length'],
  ['width', 'Width'],
  ['height', 'Height, standing'],
] as const
const EXAMPLE = 'name,length,width,height,count,weight,use\nSeed tray,14,8 1/2,2 1/4,6,1 lb,daily'
const LABEL =
  'A table, its columns named in the first row: name, length, width, height, and count, weight, use, turn, lie, stack, headroom, belongs_with, note'

/** What goes in: the list, where each thing lives, and what of it is left over. */
export function Things() {
  const { document, id } = usePlan().plan
  const contents = useSection('contents')
  const { choosePlace } = useCommands()
  const [wanted, setWanted] = useState('')
  const things = Object.entries(document.things ?? {})
  const word = wanted.trim().toLowerCase()
  const found = things.filter(([, one]) => matches(one, word))
  const find = (said: string) => {
    setWanted(said)
    const asked = said.trim().toLowerCase()
    const home = asked && things.find(([, one]) => one.lives_in && matches(one, asked))?.[1].lives_in
    if (home) choosePlace(home)
  }
  const kept = new Map(contents.cells.flatMap((cell) => cell.things.map((one) => [one.id, { cell, one }])))
  const left = contents.cells.flatMap((cell) => cell.things).filter((one) => one.left > 0).length
  const nowhere = contents.nowhere.length
  const says = [
    things.length === 0 ? 'nothing listed' : `${things.length} on the list`,
    nowhere > 0 && things.length > 0 ? `${nowhere} without a place` : '',
    left > 0 ? `${left} left over` : '',
  ]
  return (
    <Panel id="things" says={says.filter(Boolean).join(', ')}>
      {things.length === 0 && (
        <p className="lead-in">
          List what goes in, one thing a line, as large as it stands. What lives in a drawer may decide how
          high it is.
        </p>
      )}
      {things.length > 1 && (
        <Form.Group controlId="find-thing" className="mb-2">
          <Form.Label className="mb-0">Find</Form.Label>
          <Form.Control
            type="search"
            value={wanted}
            placeholder="a name, or what it belongs with"
            autoComplete="off"
            onChange={(event) => find(event.target.value)}
          />
          <div className="said" aria-live="polite">
            {word && whereItIs(found, document.places)}
          </div>
        </Form.Group>
      )}
      <ul className="things" aria-label="Things">
        {found.map(([id, thing]) => (
          <li key={id}>
            <ThingRow id={id} thing={thing} at={kept.get(id)} />
          </li>
        ))}
      </ul>
      <AddThing />
      <PasteThings />
      <div className="d-flex flex-wrap gap-2 mb-2">
        <a
          className="btn btn-sm btn-outline-secondary"
          href={`/api/plans/${id}/labels.pdf`}
          target="_blank"
          rel="noreferrer"
        >
          Print labels
        </a>
        {things.length > 0 && (
          <a className="btn btn-sm btn-outline-secondary" href={`/api/plans/${id}/files/things.csv`}>
            The list as CSV
          </a>
        )}
      </div>
      {contents.cells.length > 0 && <Cells cells={contents.cells} />}
      <ChoiceFields group="Contents" />
    </Panel>
  )
}

const matches = (one: Thing, word: string) =>
  one.name.toLowerCase().includes(word) || (one.belongs_with ?? '').toLowerCase().includes(word)

/** In which cells what was found lives, in words. */
function whereItIs(found: [string, Thing][], places: PlanDocument['places']): string {
  if (found.length === 0) return 'Nothing of that name is on the list.'
  const homes = found.map(([, one]) => (one.lives_in ? places[one.lives_in]?.name : 'nowhere yet'))
  return [...new Set(homes)].join(', ')
}

function ThingRow({
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
  const cells = walk(document).filter(({ number }) => number > 0)
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
        {at && (
          <span className={`number ${tintOf(at.cell.number)}`} aria-hidden="true">
            {at.cell.number}
          </span>
        )}
        <Form.Select
          size="sm"
          aria-label={`${thing.name} lives in`}
          value={thing.lives_in ?? ''}
          onChange={(event) => act({ do: 'put-thing', thing: id, place: event.target.value || null })}
        >
          <option value="">nowhere yet</option>
          {cells.map(({ id: place, place: one, number }) => (
            <option key={place} value={place}>{`${number} ${one.name}`}</option>
          ))}
        </Form.Select>
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

const NONE = { name: '', length: '', width: '', height: '' }

/** A line of the list: name and sizes, Enter for the next. */
function AddThing() {
  const { edit } = useCommands()
  const [said, setSaid] = useState(NONE)
  const [refused, setRefused] = useState<string | null>(null)
  const first = useRef<HTMLInputElement>(null)
  const isWhole = Object.values(said).every((one) => one.trim() !== '')
  const keep = async () => {
    if (!isWhole) return
    const refusal = await edit({ do: 'add-thing', ...said, name: said.name.trim() })
    setRefused(refusal)
    if (refusal === null) {
      setSaid(NONE)
      first.current?.focus()
    }
  }
  return (
    <Form
      className="things__add"
      aria-label="A line for the list"
      onSubmit={(event) => {
        event.preventDefault()
        keep()
      }}
    >
      {FIELDS.map(([name, label]) => (
        <Form.Group key={name} controlId={`add-thing-${name}`}>
          <Form.Label className="mb-0">{label}</Form.Label>
          <Form.Control
            ref={name === 'name' ? first : undefined}
            value={said[name]}
            maxLength={120}
            autoComplete="off"
            onChange={(event) => setSaid({ ...said, [name]: event.target.value })}
          />
        </Form.Group>
      ))}
      <Button type="submit" variant="outline-primary" disabled={!isWhole}>
        List it
      </Button>
      {refused && <p role="alert">{refused}</p>}
    </Form>
  )
}

const FIELDS = [
  ['name', 'Another thing'],
  ['length', 'Long'],
  ['width', 'Wide'],
  ['height', 'High'],
] as const

function PasteThings() {
  const { plan } = usePlan()
  const { act } = useCommands()
  const [isOpen, setIsOpen] = useState(false)
  if (!isOpen)
    return (
      <Button variant="outline-secondary" className="mb-2" onClick={() => setIsOpen(true)}>
        Paste a list
      </Button>
    )
  return (
    <section aria-label="Paste a list" className="mb-3">
      <PasteTable
        id="pasted-things"
        label={LABEL}
        example={EXAMPLE}
        onLook={async (text) => {
          const path = { params: { path: { plan_id: plan.id } }, body: { text } }
          const answer = await answered(client.POST('/api/plans/{plan_id}/things', path))
          const rows = answer.rows.map(({ line, text: row, thing, problem, twice }) => ({
            line,
            isGood: thing !== null,
            said: thing
              ? `${line}: ${thing.name}, ${[thing.length, thing.width, thing.height].join(' × ')}${twice ? ' · there is one of this name already' : ''}`
              : `${line}: ${row} · ${problem}`,
          }))
          return { rows, patch: answer.patch }
        }}
        onTake={(patch, good) => {
          act(change(patch), `${good} things pasted`)
          setIsOpen(false)
        }}
        onLeave={() => setIsOpen(false)}
      />
    </section>
  )
}

/** What is used of each cell with things in it. */
function Cells({ cells }: { cells: Cell[] }) {
  return (
    <table className="table table-sm cells-used">
      <thead>
        <tr>
          <th scope="col">Cell</th>
          <th scope="col">Floor</th>
          <th scope="col">Room</th>
          <th scope="col">Weight</th>
          <th scope="col">Runner</th>
        </tr>
      </thead>
      <tbody>
        {cells.map((cell) => (
          <tr key={cell.place}>
            <th scope="row">
              <span className={`number ${tintOf(cell.number)}`}>{cell.number}</span> {cell.name}
            </th>
            <td>{cell.floor}</td>
            <td>{cell.volume}</td>
            <td>{cell.weight}</td>
            <td>{cell.load}</td>
          </tr>
        ))}
      </tbody>
    </table>
  )
}
