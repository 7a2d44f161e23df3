import { useId, useState } from 'react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import type { Schemas } from '../../api/client'
import { asTyped } from '../../lengths/kept'
import { Fractions, Num } from '../../lengths/Num'
import { WrittenField } from '../../lengths/WrittenField'
import { change, put } from '../../plan/acts'
import { useCommands, usePlan } from '../../plan/PlanDesk'
import { OtherRacks } from './OtherRacks'

type Row = Schemas['RowShown']

/** Offcuts of one row of stock: used before any sheet. */
export function Rack({ row }: { row: Row }) {
  const { units, library } = usePlan().plan.document
  const { act, edit } = useCommands()
  const [isOpen, setOpen] = useState(false)
  const isSheet = row.shelf === 'sheets'
  const at = `/library/${row.shelf}/${row.row}`
  const stock = isSheet ? library.sheets?.[row.row] : library.boards?.[row.row]
  const offcuts = Object.entries(library.offcuts ?? {}).filter(([, one]) => one.sheet === row.row)
  return (
    <details onToggle={(event) => setOpen(event.currentTarget.open)}>
      <summary>{offcuts.length > 0 ? `${offcuts.length} in the rack` : 'In hand'}</summary>
      <div className="pairs">
        <WrittenField
          isCount
          label={`Of these ${row.noun}s in hand, sawn ones too`}
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
          placeholder={units.length === 'in' ? '1/4; 0; 0; 0' : '6; 0; 0; 0'}
          onKeep={(kept) =>
            edit(
              kept === null
                ? put(`${at}/trims`, null)
                : { do: 'enter', path: `${at}/trims`, text: kept, reads: 'lengths' },
              `Trims of ${row.name}`,
            )
          }
        />
      </div>
      <BadPlace what={`a ${row.noun} in hand`} where={{ sheet: row.row }} isSheet={isSheet} />
      <SoldToo row={row} isSheet={isSheet} />
      <p className="lead-in mb-1">An offcut that is used first:</p>
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
            <BadPlace what={`offcut ${one.length} × ${one.width}`} where={{ offcut: id }} isSheet={isSheet} />{' '}
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
      {isOpen && <OtherRacks row={row} />}
      <Asked
        called={`An offcut of ${row.name}`}
        fields={isSheet ? OFFCUT : OFFCUT.filter(([name]) => name !== 'width')}
        first={NO_OFFCUT}
        spare="where"
        submit="Into the rack"
        onSaid={({ width, ...said }) =>
          edit({ do: 'add-offcut', sheet: row.row, ...said, ...(isSheet ? { width } : {}) })
        }
      />
    </details>
  )
}

const NO_OFFCUT = { where: '', length: '', width: '' }
const OFFCUT = [
  ['where', 'Where it stands'],
  ['length', 'Along the grain'],
  ['width', 'Across'],
] as const

/** Other sizes that a sheet is sold in, or other lengths of a board. */
function SoldToo({ row, isSheet }: { row: Row; isSheet: boolean }) {
  const { units, library } = usePlan().plan.document
  const { act, edit } = useCommands()
  const at = `/library/${row.shelf}/${row.row}/${isSheet ? 'panels' : 'lengths'}`
  const panels = library.sheets?.[row.row]?.panels ?? []
  const lengths = library.boards?.[row.row]?.lengths ?? []
  const typed = (...sides: string[]) => sides.map((side) => asTyped(side, units.length)).join(' × ')
  const sold = isSheet
    ? panels.map((one) => ({ size: typed(one.length, one.width), price: one.price }))
    : lengths.map((one) => ({ size: typed(one.length), price: one.price }))
  return (
    <>
      <p className="lead-in mb-1">{`Also sold ${isSheet ? 'smaller' : 'shorter'}:`}</p>
      <ul>
        {sold.map(({ size, price }, number) => (
          <li key={size}>
            <Num>{size}</Num> {price && `for ${price} `}
            <Button
              size="sm"
              variant="link"
              className="p-0"
              aria-label={`${size} is no longer sold`}
              onClick={() =>
                act(
                  change([{ op: 'remove', path: `${at}/${number}`, value: null }]),
                  `${row.name}: ${size} taken out`,
                )
              }
            >
              no longer
            </Button>
          </li>
        ))}
      </ul>
      <Asked
        called={isSheet ? `Another size of ${row.name}` : `Another length of ${row.name}`}
        fields={isSheet ? PANEL : PANEL.filter(([name]) => name !== 'width')}
        first={NO_PANEL}
        spare="price"
        submit="Sold so too"
        onSaid={({ width, ...said }) =>
          edit({ do: 'add-panel-size', sheet: row.row, ...said, ...(isSheet ? { width } : {}) })
        }
      />
    </>
  )
}

const NO_PANEL = { length: '', width: '', price: '' }
const PANEL = [
  ['length', 'Length'],
  ['width', 'Width'],
  ['price', 'Price'],
] as const

interface AskedProps<Said extends Record<string, string>> {
  called: string
  fields: readonly (readonly [keyof Said & string, string])[]
  first: Said
  submit: string
  /** What may stay empty. */
  spare?: string
  onSaid(said: Said): Promise<string | null>
}

/** A short form: a few texts, one button, and the refusal below. */
function Asked<Said extends Record<string, string>>({
  called,
  fields,
  first,
  submit,
  spare,
  onSaid,
}: AskedProps<Said>) {
  const id = useId()
  const [said, setSaid] = useState(first)
  const [refused, setRefused] = useState<string | null>(null)
  const add = async () => {
    const refusal = await onSaid(said)
    setRefused(refusal)
    if (refusal === null) setSaid(first)
  }
  return (
    <Form
      className="things__add"
      aria-label={called}
      onSubmit={(event) => {
        event.preventDefault()
        add()
      }}
    >
      {fields.map(([name, label]) => (
        <Form.Group key={name} controlId={`${id}-${name}`}>
          <Form.Label className="mb-0">{label}</Form.Label>
          <Form.Control
            value={said[name] ?? ''}
            maxLength={120}
            autoComplete="off"
            onChange={(event) => setSaid({ ...said, [name]: event.target.value })}
          />
        </Form.Group>
      ))}
      <Button
        type="submit"
        variant="outline-primary"
        disabled={fields.some(([name]) => name !== spare && (said[name] ?? '').trim() === '')}
      >
        {submit}
      </Button>
      {refused && (
        <p role="alert">
          <Fractions>{refused}</Fractions>
        </p>
      )}
    </Form>
  )
}

interface BadPlaceProps {
  what: string
  where: { offcut: string } | { sheet: string }
  isSheet: boolean
}

/** A corner or another place that nothing is made of; of a board it goes all across. */
function BadPlace({ what, where, isSheet }: BadPlaceProps) {
  const { edit } = useCommands()
  const [isOpen, setOpen] = useState(false)
  const called = `A bad place of ${what}`
  if (!isOpen) {
    return (
      <Button size="sm" variant="link" className="p-0" aria-label={called} onClick={() => setOpen(true)}>
        {'sheet' in where ? 'One has a bad place' : 'a bad place'}
      </Button>
    )
  }
  const add = async ({ x, length, ...across }: typeof NO_PLACE) => {
    const refusal = await edit({ do: 'add-bad-place', ...where, x, length, ...(isSheet ? across : {}) })
    if (refusal === null) setOpen(false)
    return refusal
  }
  return (
    <Asked
      called={called}
      fields={isSheet ? PLACE : ALONG}
      first={NO_PLACE}
      submit="Leave it out"
      onSaid={add}
    />
  )
}

const NO_PLACE = { x: '0', y: '0', length: '', width: '' }
const PLACE = [
  ['x', 'From the left'],
  ['y', 'From below'],
  ['length', 'Length'],
  ['width', 'Width'],
] as const
const ALONG = PLACE.filter(([name]) => name === 'x' || name === 'length')
