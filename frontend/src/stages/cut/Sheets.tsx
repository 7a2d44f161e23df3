import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import { Link } from 'react-router'
import type { Schemas } from '../../api/client'
import { Fractions, Num } from '../../lengths/Num'
import { useOpen } from '../../panels/open'
import { Panel } from '../../panels/Panel'
import { useCommands, usePlan } from '../../plan/PlanDesk'
import { ChoiceFields } from '../ChoiceFields'
import { Looking } from './Looking'
import { Numbers } from './Numbers'
import { OneOffcut, OneSheet } from './OneSheet'
import { Rack } from './Rack'
import { useSheets } from './useSheets'

type Row = Schemas['RowShown']
type Way = Schemas['WayShown']
type Aim = Way['aim']

const AIMS: Record<Aim, (noun: string) => string> = {
  sheets: (noun) => `Fewest ${noun}s`,
  settings: () => 'Fewest settings',
  kept: () => 'As kept',
}

const FILES = [
  ['sheets.pdf', 'Print the sheets'],
  ['order.csv', 'Order as CSV'],
  ['sheets.svg', 'SVG'],
  ['sheets.dxf', 'DXF'],
  ['sheets.csv', 'CSV'],
] as const

/** Parts on the sheets that they are cut from: two ways side by side, how near the limit, and each sheet drawn. */
export function Sheets() {
  const { plan } = usePlan()
  const isOpen = useOpen('sheets')
  const { data, isPlaceholderData } = useSheets(isOpen)
  const rows = data?.rows ?? []
  return (
    <Panel id="sheets" says="what is cut from what">
      {data && rows.length === 0 && (
        <p className="lead-in">Nothing is cut from a sheet whose length and width are known.</p>
      )}
      {rows.length > 0 && <Looking couldBeFewer={rows.some((row) => row.could_be_fewer)} />}
      {rows.map((row) => (
        <OfRow key={row.row} row={row} isOld={isPlaceholderData} />
      ))}
      {rows.length > 0 && (
        <div className="d-flex flex-wrap gap-2">
          {FILES.map(([file, title]) => (
            <a
              key={file}
              className="btn btn-sm btn-outline-secondary"
              href={`/api/plans/${plan.id}/files/${file}`}
              target={file.endsWith('.pdf') ? '_blank' : undefined}
              rel="noreferrer"
            >
              {title}
            </a>
          ))}
          <a
            className="btn btn-sm btn-outline-secondary"
            href={`/api/plans/${plan.id}/labels.pdf?of=parts`}
            target="_blank"
            rel="noreferrer"
          >
            Labels for parts
          </a>
          <Link className="btn btn-sm btn-outline-primary" to={`/plans/${plan.id}/saw`}>
            At the saw
          </Link>
        </div>
      )}
      {data && data.set_ups.length > 0 && (
        <details className="mt-2">
          <summary>Set-ups, {data.set_ups.length}: one setting, all its parts</summary>
          <ol className="mb-2">
            {data.set_ups.map((one) => (
              <li key={one.number} value={one.number}>
                <Fractions>{one.text}</Fractions>: <strong>{one.parts.join(', ')}</strong>
              </li>
            ))}
          </ol>
        </details>
      )}
      <details className="mt-2">
        <summary>Trims, what is carried, the saw</summary>
        <ChoiceFields group="Sheets" />
      </details>
    </Panel>
  )
}

function OfRow({ row, isOld }: { row: Row; isOld: boolean }) {
  const { act } = useCommands()
  const [wanted, setAim] = useState<Aim | null>(null)
  const [number, setNumber] = useState(1)
  const way = row.ways.find((one) => one.aim === wanted) ?? row.ways.find((one) => one.aim === row.aim)
  const aim = way?.aim ?? row.aim
  const count = way?.sheets ?? 0
  const shown = Math.min(number, count)
  return (
    <section aria-label={row.name} className="mb-4">
      <h3>
        <Fractions>{row.name}</Fractions>
      </h3>
      <p className="mb-1">{row.says}</p>
      {row.notes.map((note) => (
        <p key={note} role="status" className="said">
          <Fractions>{note}</Fractions>
        </p>
      ))}
      {row.left.length > 0 && (
        <p role="alert" className="said said--refused">
          Comes out of no {row.noun}: {row.left.join(', ')}
        </p>
      )}
      <table className="figures">
        <thead>
          <tr>
            <th scope="col">Way</th>
            <td>{row.noun}s</td>
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
                  {AIMS[one.aim](row.noun)}
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
      <Numbers called={`Sheets of ${row.name}`} many={count} shown={shown} onShow={setNumber} />
      {row.offcuts.map((offcut, at) => (
        <OneOffcut key={offcut} of={`${row.row}:offcuts:${at + 1}`} isOld={isOld} />
      ))}
      {count > 0 && <OneSheet row={row} aim={aim} number={shown} count={count} isOld={isOld} />}
      <div className="d-flex flex-wrap gap-2 mb-2">
        {aim !== 'kept' && count > 0 && (
          <Button
            size="sm"
            variant="outline-secondary"
            onClick={() => {
              setAim(null)
              act({ do: 'keep-layout', row: row.row, aim })
            }}
          >
            Keep this way
          </Button>
        )}
        {row.aim === 'kept' && (
          <Button
            size="sm"
            variant="outline-secondary"
            onClick={() => act({ do: 'lay-out-anew', row: row.row })}
          >
            Lay out anew{row.sawn > 0 && ', but for what is sawn'}
          </Button>
        )}
      </div>
      <Rack row={row} />
      {way && way.first_count > 0 && (
        <details>
          <summary>
            First cuts, {way.first_count === 1 ? 'one' : way.first_count}
            {way.first_cost && `, ${way.first_cost}`}
          </summary>
          <ol className="mb-2">
            {way.first_cuts
              .filter((one) => one.cuts.length > 0)
              .map((one) => (
                <li key={one.sheet} value={one.sheet}>
                  <Fractions>{`${one.cuts.join(', ')}: ${one.pieces.join('; ')}`}</Fractions>
                </li>
              ))}
          </ol>
        </details>
      )}
      {row.rack_order.length > 0 && (
        <details>
          <summary>Offcuts at the saw, before any {row.noun}</summary>
          <Order order={row.rack_order} />
        </details>
      )}
      {way && way.order.length > 0 && (
        <details>
          <summary>Order at the saw, {way.settings === 1 ? '1 setting' : `${way.settings} settings`}</summary>
          <Order order={way.order} />
        </details>
      )}
    </section>
  )
}

/** Settings of the fence in the order of the work. */
function Order({ order }: { order: Way['order'] }) {
  return (
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
        {order.map((one) => (
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
            <td>
              {one.parts.join(', ')}
              {one.care && (
                <small className="d-block other">
                  <Fractions>{one.care}</Fractions>
                </small>
              )}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  )
}
