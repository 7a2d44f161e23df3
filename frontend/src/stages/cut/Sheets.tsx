import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import ButtonGroup from 'react-bootstrap/ButtonGroup'
import Form from 'react-bootstrap/Form'
import { answered, client, type Schemas } from '../../api/client'
import { Drawing } from '../../drawing/Drawing'
import { asTyped } from '../../lengths/kept'
import { Fractions, Num } from '../../lengths/Num'
import { useOpen } from '../../panels/open'
import { Panel } from '../../panels/Panel'
import { useCommands, usePlan } from '../../plan/PlanDesk'

type Row = Schemas['RowShown']
type Way = Schemas['WayShown']
type Aim = Way['aim']

const AIMS: Record<Aim, string> = { sheets: 'Fewest sheets', settings: 'Fewest settings' }

const FILES = [
  ['pdf', 'Print the sheets'],
  ['svg', 'SVG'],
  ['dxf', 'DXF'],
  ['csv', 'CSV'],
] as const

/** Parts on the sheets that they are cut from: two ways side by side, how near the limit, and each sheet drawn. */
export function Sheets() {
  const { plan } = usePlan()
  const isOpen = useOpen('sheets')
  const { data } = useQuery({
    queryKey: ['sheets', plan.id, plan.revision],
    queryFn: () =>
      answered(client.GET('/api/plans/{plan_id}/sheets', { params: { path: { plan_id: plan.id } } })),
    enabled: isOpen,
    staleTime: Number.POSITIVE_INFINITY,
    placeholderData: keepPreviousData,
  })
  const rows = data?.rows ?? []
  return (
    <Panel id="sheets" says="what is cut from what">
      {data && rows.length === 0 && (
        <p className="lead-in">Nothing is cut from a sheet whose length and width are known.</p>
      )}
      {rows.map((row) => (
        <OfRow key={row.row} row={row} />
      ))}
      {rows.length > 0 && (
        <div className="d-flex flex-wrap gap-2">
          {FILES.map(([ending, title]) => (
            <a
              key={ending}
              className="btn btn-sm btn-outline-secondary"
              href={`/api/plans/${plan.id}/files/sheets.${ending}`}
              target={ending === 'pdf' ? '_blank' : undefined}
              rel="noreferrer"
            >
              {title}
            </a>
          ))}
        </div>
      )}
    </Panel>
  )
}

function OfRow({ row }: { row: Row }) {
  const [aim, setAim] = useState<Aim>('sheets')
  const [number, setNumber] = useState(1)
  const way = row.ways.find((one) => one.aim === aim)
  const count = way?.sheets ?? 0
  const shown = Math.min(number, count)
  return (
    <section aria-label={row.name} className="mb-4">
      <h3>
        <Fractions>{row.name}</Fractions>
      </h3>
      <p className="mb-1">{row.says}</p>
      {row.left.length > 0 && (
        <p role="alert" className="said said--refused">
          Comes out of no sheet: {row.left.join(', ')}
        </p>
      )}
      <table className="figures">
        <thead>
          <tr>
            <th scope="col">Way</th>
            <td>sheets</td>
            <td>settings</td>
            <td className="d-none d-sm-table-cell">cuts</td>
            <td>waste</td>
            <td className="d-none d-sm-table-cell">largest offcut</td>
          </tr>
        </thead>
        <tbody>
          {row.ways.map((one) => (
            <tr key={one.aim}>
              <th scope="row">
                <Button
                  size="sm"
                  className="text-nowrap"
                  variant={one.aim === aim ? 'primary' : 'outline-secondary'}
                  aria-pressed={one.aim === aim}
                  onClick={() => setAim(one.aim)}
                >
                  {AIMS[one.aim]}
                </Button>
              </th>
              <td>{one.sheets}</td>
              <td>{one.settings}</td>
              <td className="d-none d-sm-table-cell">{one.cuts}</td>
              <td>{Math.round(one.waste * 100)} %</td>
              <td className="d-none d-sm-table-cell">
                {one.offcut.length > 0 ? <Num>{one.offcut.join(' × ')}</Num> : 'none'}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      {count > 1 && (
        <ButtonGroup size="sm" className="mb-2 flex-wrap" aria-label={`Sheets of ${row.name}`}>
          {Array.from({ length: count }, (_, at) => at + 1).map((one) => (
            <Button
              key={one}
              variant={one === shown ? 'primary' : 'outline-secondary'}
              aria-pressed={one === shown}
              onClick={() => setNumber(one)}
            >
              {one}
            </Button>
          ))}
        </ButtonGroup>
      )}
      {row.offcuts.map((offcut, at) => (
        <OneSheet key={offcut} of={`${row.row}:offcuts:${at + 1}`} />
      ))}
      {count > 0 && <OneSheet of={`${row.row}:${aim}:${shown}`} />}
      <Rack row={row} />
      {way && way.order.length > 0 && (
        <details>
          <summary>Order at the saw, {way.settings} settings</summary>
          <table className="figures">
            <thead>
              <tr>
                <th scope="col">Cut</th>
                <td>fence at</td>
                <td>pieces</td>
                <td>parts</td>
              </tr>
            </thead>
            <tbody>
              {way.order.map((one) => (
                <tr key={`${one.stage} ${one.way} ${one.size}`}>
                  <th scope="row">
                    {one.stage} {one.way}
                  </th>
                  <td>
                    <strong>
                      <Num>{one.size}</Num>
                    </strong>
                  </td>
                  <td>{one.pieces}</td>
                  <td>{one.parts.join(', ')}</td>
                </tr>
              ))}
            </tbody>
          </table>
        </details>
      )}
    </section>
  )
}

/** Offcuts of one row of stock: used before any sheet. */
function Rack({ row }: { row: Row }) {
  const { document } = usePlan().plan
  const { act, edit } = useCommands()
  const [said, setSaid] = useState(NO_OFFCUT)
  const [refused, setRefused] = useState<string | null>(null)
  const { units, library } = document
  const offcuts = Object.entries(library.offcuts ?? {}).filter(([, one]) => one.sheet === row.row)
  const add = async () => {
    const refusal = await edit({ do: 'add-offcut', sheet: row.row, ...said })
    setRefused(refusal)
    if (refusal === null) setSaid(NO_OFFCUT)
  }
  return (
    <details>
      <summary>{offcuts.length > 0 ? `${offcuts.length} in the rack` : 'Offcuts in the rack'}</summary>
      <ul>
        {offcuts.map(([id, one]) => (
          <li key={id}>
            <Num>{`${asTyped(one.length, units.length)} × ${asTyped(one.width, units.length)}`}</Num>{' '}
            <span className="other">
              {[one.where, row.offcuts.includes(id) ? 'used here' : 'not used here']
                .filter(Boolean)
                .join(', ')}
            </span>{' '}
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
    </details>
  )
}

const NO_OFFCUT = { where: '', length: '', width: '' }
const OFFCUT = [
  ['where', 'Where it stands'],
  ['length', 'Along the grain'],
  ['width', 'Across'],
] as const

function OneSheet({ of }: { of: string }) {
  const { plan } = usePlan()
  const { data: sheet } = useQuery({
    queryKey: ['cut-sheet', plan.id, plan.revision, of],
    queryFn: () =>
      answered(
        client.GET('/api/plans/{plan_id}/drawing', {
          params: { path: { plan_id: plan.id }, query: { name: 'cut_sheet', of } },
        }),
      ),
    staleTime: Number.POSITIVE_INFINITY,
    placeholderData: keepPreviousData,
  })
  if (!sheet) return null
  return (
    <div className="cut-sheet">
      <Drawing sheet={sheet} label={() => ''} onWhy={() => undefined} />
    </div>
  )
}
