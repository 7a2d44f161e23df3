import { useRef, useState } from 'react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import { answered, client, type Schemas } from '../../../api/client'
import { asTyped } from '../../../lengths/kept'
import { Fractions } from '../../../lengths/Num'
import { change } from '../../../plan/acts'
import { useCommands, usePlan } from '../../../plan/PlanDesk'
import { useFound } from '../../../things/FindThings'
import type { Thing } from '../../../things/LivesIn'
import { PasteTable } from '../../PasteTable'

const EXAMPLE = 'name,length,width,height,count,weight,use\nSeed tray,14,8 1/2,2 1/4,6,1 lb,daily'
const LABEL =
  'A table, its columns named in the first row: name, length, width, height, and count, weight, use, turn, lie, stack, headroom, belongs_with, note'

const NONE = { name: '', length: '', width: '', height: '' }

/** A line of the list: name and sizes, Enter for the next. */
export function AddThing() {
  const { edit } = useCommands()
  const [said, setSaid] = useState(NONE)
  const [refused, setRefused] = useState<string | null>(null)
  const first = useRef<HTMLInputElement>(null)
  const isWhole = Object.values(said).every((one) => one.trim() !== '')
  const keep = async () => isWhole && keepAs({ ...said, name: said.name.trim() })
  const keepAs = async (what: Omit<Schemas['AddThing'], 'do'>) => {
    const refusal = await edit({ do: 'add-thing', ...what })
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
      <ListedBefore
        words={said.name}
        onTake={({ name, length, width, height, weight, use, may_turn, may_lie, stacks, belongs_with }) =>
          keepAs({
            name,
            length,
            width,
            height,
            weight,
            use,
            may_turn,
            may_lie,
            stacks,
            belongs_with,
          } as never)
        }
      />
    </Form>
  )
}

/** So many of them are offered. */
const OFFERED = 3

/** Things of that name on the lists of other plans: with all that is known of them. */
function ListedBefore({ words, onTake }: { words: string; onTake(thing: Thing): void }) {
  const { plan } = usePlan()
  const { data } = useFound(words, plan.id, plan.revision)
  const asked = words.trim() !== ''
  const others = asked ? (data?.found ?? []).filter((one) => one.plan !== plan.id).slice(0, OFFERED) : []
  if (others.length === 0) return null
  return (
    <fieldset className="listed-before" aria-label="Listed before">
      {others.map(({ plan: from, plan_name, thing: { id, thing } }) => (
        <Button key={`${from} ${id}`} size="sm" variant="outline-secondary" onClick={() => onTake(thing)}>
          {thing.name}{' '}
          <Fractions>
            {[thing.length, thing.width, thing.height]
              .map((one) => asTyped(one, plan.document.units.length))
              .join(' × ')}
          </Fractions>
          , as in {plan_name}
        </Button>
      ))}
    </fieldset>
  )
}

const FIELDS = [
  ['name', 'Another thing'],
  ['length', 'Long'],
  ['width', 'Wide'],
  ['height', 'High'],
] as const

type UnitOfTable = NonNullable<Schemas['PastedThings']['unit']>
const UNITS: UnitOfTable[] = ['as the plan', 'mm', 'cm', 'in']

/** A file as a table that can be read: a workbook by the program, anything else as it is. */
async function asText(file: File): Promise<string> {
  if (!file.name.toLowerCase().endsWith('.xlsx')) return file.text()
  const answer = await answered<Schemas['TableAnswer']>(
    client.POST('/api/workbook', {
      body: file as never,
      bodySerializer: (body: unknown) => body as File,
      headers: { 'Content-Type': 'application/vnd.openxmlformats-officedocument.spreadsheetml.sheet' },
    } as never),
  )
  return answer.text
}

/** A list from a spreadsheet, looked at row by row. */
export function PasteThings({ given, onDone }: { given: string | null; onDone(): void }) {
  const { plan } = usePlan()
  const { act } = useCommands()
  const [isOpen, setIsOpen] = useState(given !== null)
  const close = () => {
    setIsOpen(false)
    onDone()
  }
  const [unit, setUnit] = useState<UnitOfTable>('as the plan')
  if (!isOpen)
    return (
      <Button variant="outline-secondary" className="mb-2" onClick={() => setIsOpen(true)}>
        Bring a list in
      </Button>
    )
  return (
    <section aria-label="Bring a list in" className="mb-3">
      <PasteTable
        id="pasted-things"
        given={given ?? ''}
        label={LABEL}
        example={EXAMPLE}
        accept=".xlsx,.csv,.tsv,.txt"
        onFile={asText}
        onLook={async (text, said) => {
          const path = { params: { path: { plan_id: plan.id } }, body: { text, said, unit } }
          const answer = await answered(client.POST('/api/plans/{plan_id}/things', path))
          const rows = answer.rows.map(({ line, text: row, thing, problem, twice }) => ({
            line,
            isGood: thing !== null,
            said: thing
              ? `${line}: ${thing.name}${(thing.count ?? 1) > 1 ? ` × ${thing.count}` : ''}, ${[thing.length, thing.width, thing.height].join(' × ')}${twice ? ' · there is one of this name already' : ''}`
              : `${line}: ${row} · ${problem}`,
          }))
          const { columns: known, headings, problem } = answer
          return { rows, patch: answer.patch, columns: { known, headings, problem } }
        }}
        onTake={(patch, good) => {
          act(change(patch), `${good} things pasted`)
          close()
        }}
        onLeave={close}
      >
        <Form.Group controlId="unit-of-table" className="mt-2">
          <Form.Label className="mb-0">Bare lengths are in</Form.Label>
          <Form.Select
            size="sm"
            value={unit}
            onChange={(event) => setUnit(event.target.value as UnitOfTable)}
          >
            {UNITS.map((one) => (
              <option key={one} value={one}>
                {one}
              </option>
            ))}
          </Form.Select>
        </Form.Group>
      </PasteTable>
    </section>
  )
}
