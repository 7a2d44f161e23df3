import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import type { Schemas } from '../../api/client'
import { asTyped } from '../../lengths/kept'
import { Fractions, Num } from '../../lengths/Num'
import { WrittenField } from '../../lengths/WrittenField'
import { put } from '../../plan/acts'
import { useCommands, usePlan } from '../../plan/PlanDesk'

type Row = Schemas['RowShown']

/** Offcuts of one row of stock: used before any sheet. */
export function Rack({ row }: { row: Row }) {
  const { units, library } = usePlan().plan.document
  const { act, edit } = useCommands()
  const isSheet = row.noun === 'sheet'
  const at = `/library/${row.noun}s/${row.row}`
  const stock = isSheet ? library.sheets?.[row.row] : library.boards?.[row.row]
  const [said, setSaid] = useState(NO_OFFCUT)
  const [refused, setRefused] = useState<string | null>(null)
  const offcuts = Object.entries(library.offcuts ?? {}).filter(([, one]) => one.sheet === row.row)
  const add = async () => {
    const refusal = await edit({ do: 'add-offcut', sheet: row.row, ...said })
    setRefused(refusal)
    if (refusal === null) setSaid(NO_OFFCUT)
  }
  return (
    <details>
      <summary>{offcuts.length > 0 ? `${offcuts.length} in the rack` : 'In hand'}</summary>
      <div className="pairs">
        <WrittenField
          isCount
          label={`Whole ${row.noun}s in hand`}
          kept={stock?.in_hand ? String(stock.in_hand) : null}
          placeholder="0"
          onKeep={async (kept) =>
            kept !== null && !/^[0-9]+$/.test(kept)
              ? 'Write a whole number.'
              : edit(put(`${at}/in_hand`, Number(kept ?? 0)), `${kept ?? 0} of ${row.name} in hand`)
          }
        />
        <WrittenField
          label="Trimmed off left; right; below; above"
          kept={stock?.trims?.map((one) => asTyped(one, units.length)).join('; ') ?? null}
          placeholder="1/4; 0; 0; 0"
          onKeep={(kept) =>
            edit(
              kept === null
                ? put(`${at}/trims`, null)
                : { do: 'enter', path: `${at}/trims`, text: kept, reads: 'lengths' },
              `Trims of ${row.name}`,
            )
          }
        />
        {isSheet && <BadPlace what={`a ${row.noun} in hand`} where={{ sheet: row.row }} />}
      </div>
      <ul>
        {offcuts.map(([id, one]) => (
          <li key={id}>
            <Num>{`${asTyped(one.length, units.length)} × ${asTyped(one.width, units.length)}`}</Num>{' '}
            <span className="other">
              {[one.where, row.offcuts.includes(id) ? 'used here' : 'not used here']
                .filter(Boolean)
                .join(', ')}
            </span>{' '}
            {(one.bad ?? []).length > 0 && (
              <span className="other">
                {one.bad?.length === 1 ? 'one bad place' : `${one.bad?.length} bad places`}
              </span>
            )}{' '}
            <BadPlace what={`offcut ${one.length} × ${one.width}`} where={{ offcut: id }} />{' '}
            <Button
              size="sm"
              variant="link"
              className="p-0"
              aria-label={`Take ${one.length} × ${one.width} out of the rack`}
              onClick={() => act({ do: 'take-offcut-out', offcut: id })}
            >
              gone
            </Button>
          </li>
        ))}
      </ul>
      {isSheet && (
        <Form
          className="things__add"
          aria-label={`An offcut of ${row.name}`}
          onSubmit={(event) => {
            event.preventDefault()
            add()
          }}
        >
          {OFFCUT.map(([name, label]) => (
            <Form.Group key={name} controlId={`${row.row}-${name}`}>
              <Form.Label className="mb-0">{label}</Form.Label>
              <Form.Control
                value={said[name]}
                maxLength={120}
                autoComplete="off"
                onChange={(event) => setSaid({ ...said, [name]: event.target.value })}
              />
            </Form.Group>
          ))}
          <Button
            type="submit"
            variant="outline-primary"
            disabled={said.length.trim() === '' || said.width.trim() === ''}
          >
            Into the rack
          </Button>
          {refused && (
            <p role="alert">
              <Fractions>{refused}</Fractions>
            </p>
          )}
        </Form>
      )}
    </details>
  )
}

const NO_OFFCUT = { where: '', length: '', width: '' }
const OFFCUT = [
  ['where', 'Where it stands'],
  ['length', 'Along the grain'],
  ['width', 'Across'],
] as const

/** A corner or another place that nothing is made of. */
function BadPlace({ what, where }: { what: string; where: { offcut: string } | { sheet: string } }) {
  const { edit } = useCommands()
  const [isOpen, setOpen] = useState(false)
  const [said, setSaid] = useState(NO_PLACE)
  const [refused, setRefused] = useState<string | null>(null)
  if (!isOpen) {
    return (
      <Button
        size="sm"
        variant="link"
        className="p-0"
        aria-label={`A bad place of ${what}`}
        onClick={() => setOpen(true)}
      >
        {'sheet' in where ? 'One has a bad place' : 'a bad place'}
      </Button>
    )
  }
  const add = async () => {
    const refusal = await edit({ do: 'add-bad-place', ...where, ...said })
    setRefused(refusal)
    if (refusal === null) {
      setSaid(NO_PLACE)
      setOpen(false)
    }
  }
  return (
    <Form
      className="things__add"
      aria-label={`A bad place of ${what}`}
      onSubmit={(event) => {
        event.preventDefault()
        add()
      }}
    >
      {PLACE.map(([name, label]) => (
        <Form.Group key={name} controlId={`bad-${Object.values(where)[0]}-${name}`}>
          <Form.Label className="mb-0">{label}</Form.Label>
          <Form.Control
            value={said[name]}
            maxLength={120}
            autoComplete="off"
            onChange={(event) => setSaid({ ...said, [name]: event.target.value })}
          />
        </Form.Group>
      ))}
      <Button
        type="submit"
        variant="outline-primary"
        disabled={PLACE.some(([name]) => said[name].trim() === '')}
      >
        Leave it out
      </Button>
      {refused && (
        <p role="alert">
          <Fractions>{refused}</Fractions>
        </p>
      )}
    </Form>
  )
}

const NO_PLACE = { x: '0', y: '0', length: '', width: '' }
const PLACE = [
  ['x', 'From the left'],
  ['y', 'From below'],
  ['length', 'Length'],
  ['width', 'Width'],
] as const
