import { type ClipboardEvent, type KeyboardEvent, useEffect, useRef, useState } from 'react'
import Button from 'react-bootstrap/Button'
import Modal from 'react-bootstrap/Modal'
import type { Act } from '../../../api/client'
import { keepingInHand } from '../../../lengths/inHand'
import { asTyped, counted } from '../../../lengths/kept'
import { Fractions } from '../../../lengths/Num'
import { put } from '../../../plan/acts'
import { useCommands, usePlan } from '../../../plan/PlanDesk'
import type { Thing } from '../../../things/LivesIn'
import { AddThing } from './AddThings'
import { USES } from './ThingRow'

interface Column {
  name: keyof Thing
  title: string
  /** What the cell shows, and is typed over. */
  shown(thing: Thing, unit: string): string
  /** What a typed text does; a length or a weight is read by the program. */
  act(path: string, text: string | null): Act
}

const length = (name: 'length' | 'width' | 'height', title: string): Column => ({
  name,
  title,
  shown: (thing, unit) => asTyped(thing[name], unit),
  act: (path, text) => ({ do: 'enter', path, text }),
})
const written = (name: keyof Thing, title: string): Column => ({
  name,
  title,
  shown: (thing) => String(thing[name] ?? ''),
  act: (path, text) => put(path, text ?? ''),
})
const COLUMNS: Column[] = [
  written('name', 'Name'),
  length('length', 'Long'),
  length('width', 'Wide'),
  length('height', 'High'),
  { ...written('count', 'How many'), act: (path, text) => put(path, counted(text)) },
  {
    ...written('weight', 'Weight of one'),
    act: (path, text) => ({ do: 'enter', path, text, reads: 'weight' }),
  },
  { ...written('use', `Used: ${Object.keys(USES).join(', ')}`), act: (path, text) => put(path, text) },
  { ...written('stacks', 'On each other'), act: (path, text) => put(path, counted(text)) },
  written('belongs_with', 'Belongs with'),
]

/** The whole list as a table: Tab goes on to the next cell, Enter to the one below, a pasted table is looked at first. */
export function ThingsTable({ onPaste, onClose }: { onPaste(text: string): void; onClose(): void }) {
  const { document } = usePlan().plan
  const things = Object.entries(document.things ?? {})
  const table = useRef<HTMLTableElement>(null)
  const go = (row: number, column: number) =>
    table.current?.querySelector<HTMLInputElement>(`[data-cell="${row}:${column}"]`)?.select()
  const paste = (event: ClipboardEvent) => {
    const text = event.clipboardData.getData('text')
    if (!/[\t\n]/.test(text.trim())) return
    event.preventDefault()
    onPaste(text)
  }
  return (
    <Modal show fullscreen onHide={onClose} animation={false} aria-labelledby="things-table-title">
      <Modal.Header closeButton>
        <Modal.Title id="things-table-title">What goes in</Modal.Title>
      </Modal.Header>
      <Modal.Body onPaste={paste}>
        <table className="things-table" ref={table}>
          <thead>
            <tr>
              {COLUMNS.map((one) => (
                <th key={one.name} scope="col">
                  {one.title}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {things.map(([id, thing], row) => (
              <tr key={id}>
                {COLUMNS.map((one, column) => (
                  <Cell
                    key={one.name}
                    at={`${row}:${column}`}
                    id={id}
                    thing={thing}
                    of={one}
                    onUp={() => go(row - 1, column)}
                    onDown={() => go(row + 1, column)}
                  />
                ))}
              </tr>
            ))}
          </tbody>
        </table>
        <AddThing />
        <p className="lead-in">
          Tab goes on, Enter to the cell below. A table from a spreadsheet is looked at, row by row, before
          anything is taken.
        </p>
        <Button onClick={onClose}>Done</Button>
      </Modal.Body>
    </Modal>
  )
}

function Cell({
  at,
  id,
  thing,
  of,
  onUp,
  onDown,
}: {
  at: string
  id: string
  thing: Thing
  of: Column
  onUp(): void
  onDown(): void
}) {
  const { edit } = useCommands()
  const unit = usePlan().plan.document.units.length
  const shown = of.shown(thing, unit)
  const [text, setText] = useState(shown)
  const [refused, setRefused] = useState<string | null>(null)
  const isDirty = useRef(false)
  useEffect(() => {
    if (!isDirty.current) setText(shown)
  }, [shown])
  const keep = async () => {
    if (!isDirty.current) return
    const path = `/things/${id}/${of.name}`
    const done = edit(
      of.act(path, text.trim() || null),
      `${thing.name}: ${of.title.toLowerCase()}`,
      path.slice(1),
    )
    const refusal = await keepingInHand(done)
    isDirty.current = refusal !== null
    setRefused(refusal)
  }
  const leave = () => {
    isDirty.current = false
    setText(shown)
    setRefused(null)
  }
  const press = (event: KeyboardEvent) => {
    if (event.key === 'Enter' || event.key === 'ArrowDown') onDown()
    else if (event.key === 'ArrowUp') onUp()
    else if (event.key === 'Escape' && isDirty.current) leave()
    else return
    event.preventDefault()
    event.stopPropagation()
    if (event.key === 'Enter') keep()
  }
  return (
    <td>
      <input
        data-cell={at}
        value={text}
        aria-label={`${thing.name}: ${of.title.split(':')[0]}`}
        aria-invalid={refused !== null}
        autoComplete="off"
        onChange={(event) => {
          isDirty.current = true
          setText(event.target.value)
        }}
        onBlur={keep}
        onKeyDown={press}
      />
      {refused && (
        <div className="said said--refused" role="alert">
          <Fractions>{refused}</Fractions>
        </div>
      )}
    </td>
  )
}
