import { useEffect, useState } from 'react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import ProgressBar from 'react-bootstrap/ProgressBar'
import { Link, useParams } from 'react-router'
import type { Schemas } from '../../api/client'
import { Bars } from '../../app/Bars'
import { OpenPlan } from '../../app/OpenPlan'
import { Fractions, Num } from '../../lengths/Num'
import { useCommands, usePlan } from '../../plan/PlanDesk'
import { OneOffcut } from './OneSheet'
import { useSheets } from './useSheets'

type Row = Schemas['RowShown']

/** At the saw, on the phone: one setting of the fence fills the screen; done, next. */
export function SawPage() {
  const { planId = '' } = useParams()
  return (
    <OpenPlan id={planId}>
      <AtTheSaw />
    </OpenPlan>
  )
}

function AtTheSaw() {
  const { plan } = usePlan()
  const { data, isPlaceholderData } = useSheets(true)
  const [chosen, setChosen] = useState('')
  useEffect(() => {
    document.title = `At the saw · ${plan.document.name}`
  }, [plan.document.name])
  if (!data) return <p className="page">Opening …</p>
  const rows = data.rows
  const row =
    rows.find((one) => one.row === chosen) ??
    rows.find((one) => one.done > 0) ??
    rows.find((one) => (bestOf(one)?.order.length ?? 0) > 0) ??
    rows[0]
  return (
    <main className="page at-the-saw" data-ready>
      <Bars />
      <p className="mb-1">
        <Link to={`/plans/${plan.id}/cut`}>{plan.document.name}</Link>
      </p>
      <h1>At the saw</h1>
      {!row && <p>Nothing is cut from a sheet or board whose length and width are known.</p>}
      {row && (
        <>
          <Form.Select
            aria-label="What is cut"
            value={row.row}
            onChange={(event) => setChosen(event.target.value)}
          >
            {rows.map((one) => (
              <option key={one.row} value={one.row}>
                {one.name}
              </option>
            ))}
          </Form.Select>
          <NextCut key={row.row} row={row} isOld={isPlaceholderData} onTouched={() => setChosen(row.row)} />
        </>
      )}
    </main>
  )
}

const bestOf = (row: Row) => row.ways.find((one) => one.aim === row.aim)

/** The setting that is next, what comes off at it, and the way back. */
function NextCut({ row, isOld, onTouched }: { row: Row; isOld: boolean; onTouched(): void }) {
  const { edit } = useCommands()
  const [refused, setRefused] = useState<string | null>(null)
  const way = bestOf(row)
  if (!way) return null
  const next = way.order[row.done]
  const say = async (done: number) => {
    onTouched()
    setRefused(await edit({ do: 'settings-done', row: row.row, aim: way.aim, done }))
  }
  if (!next) return <p className="at-the-saw__over">Everything of it is sawn.</p>
  return (
    <section aria-label="Next cut">
      {row.rack_order.length > 0 && row.done === 0 && (
        <p className="lead-in">
          First, from the rack:{' '}
          <Fractions>{row.rack_order.map((one) => `${one.way} ${one.size}`).join(', ')}</Fractions>
        </p>
      )}
      <ProgressBar
        className="my-3"
        now={row.done}
        max={way.order.length}
        aria-label="Settings that are done"
      />
      <p className="at-the-saw__what">
        {next.way === 'rip' ? 'Rip' : 'Crosscut'}, fence at{' '}
        <strong className="at-the-saw__size">
          <Num>{next.size}</Num>
        </strong>
      </p>
      <p className="lead-in">
        Setting {row.done + 1} of {way.order.length}: {next.pieces} {next.pieces === 1 ? 'piece' : 'pieces'}
        {next.care && `. ${next.care}`}
      </p>
      {next.parts.length > 0 && (
        <ul className="at-the-saw__parts" aria-label="Parts that are finished at it">
          {next.parts.map((part) => (
            <li key={part}>
              <Fractions>{part}</Fractions>
            </li>
          ))}
        </ul>
      )}
      <div className="at-the-saw__hands">
        <Button
          size="lg"
          variant="outline-secondary"
          disabled={row.done === 0}
          onClick={() => say(row.done - 1)}
        >
          Back
        </Button>
        <Button size="lg" onClick={() => say(row.done + 1)}>
          Done
        </Button>
      </div>
      {refused && (
        <p role="alert">
          <Fractions>{refused}</Fractions>
        </p>
      )}
      {Array.from({ length: way.sheets }, (_, at) => at + 1).map((number) => (
        <OneOffcut key={number} of={`${row.row}:${way.aim}:${number}`} isOld={isOld} />
      ))}
    </section>
  )
}
