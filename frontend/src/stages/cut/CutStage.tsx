import { useState } from 'react'
import Alert from 'react-bootstrap/Alert'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import { answered, client, type Part } from '../../api/client'
import { useUnprintable } from '../../api/queries'
import { Fractions, Num } from '../../lengths/Num'
import { Panel } from '../../panels/Panel'
import { change, put } from '../../plan/acts'
import { tintOf } from '../../plan/layout'
import { useSection } from '../../plan/onScreen'
import { useCommands, usePlan, useSelection } from '../../plan/PlanDesk'
import { PlanLength } from '../../plan/PlanLength'
import { Origin } from '../../reasons/Origin'
import { Size } from '../../reasons/Size'
import { CutWith, spareOf } from './CutWith'
import { GROUPINGS, type Grouping, grouped, holding } from './grouping'
import { Marking } from './Marking'
import { Sheets } from './Sheets'
import { ShoppingList } from './ShoppingList'

/** The parts to cut, what is still assumed under them, and the paper to take to the saw. */
export function CutStage() {
  const checks = useSection('tape_checks')
  return (
    <div data-ready>
      <h1>Cut</h1>
      <Printing />
      <StillAssumed />
      <PartsList />
      <Sheets />
      <Marking />
      <ShoppingList />
      <Panel id="checks" says={`${checks.length} to read`}>
        <table className="figures">
          <thead>
            <tr>
              <th scope="col">Measure</th>
              <td>should read</td>
            </tr>
          </thead>
          <tbody>
            {checks.map((check) => (
              <tr key={check.key}>
                <th scope="row">
                  {check.drawer && <span className="other">{check.drawer} </span>}
                  {check.what}
                </th>
                <td>
                  <Size of={check.key} label={check.what} />
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </Panel>
    </div>
  )
}

function Printing() {
  const { plan } = usePlan()
  const note = () =>
    answered(
      client.POST('/api/plans/{plan_id}/printed', {
        params: { path: { plan_id: plan.id } },
        body: { revision: plan.revision },
      }),
    ).catch(() => undefined)
  const { data: lacking } = useUnprintable(plan.id, plan.revision)
  return (
    <Panel id="print" says={`revision ${plan.revision}`}>
      {lacking && lacking.texts.length > 0 && (
        <Alert variant="warning" className="py-2">
          <p className="mb-1">These signs have no print; a box stands for each on paper:</p>
          <ul className="mb-0">
            {lacking.texts.map((one) => (
              <li key={one.text}>
                <strong>{[...one.signs].join(' ')}</strong> in “{one.text}”
              </li>
            ))}
          </ul>
        </Alert>
      )}
      <p>
        <a
          className="btn btn-primary d-inline-flex align-items-center"
          href={`/api/plans/${plan.id}/files/sheet.pdf`}
          target="_blank"
          rel="noreferrer"
          onClick={note}
        >
          Print pack (PDF), revision {plan.revision}
        </a>
      </p>
      <PaperChoice />
    </Panel>
  )
}

const PAPERS = { '': 'Paper that goes with the unit', A4: 'A4', Letter: 'Letter' }

function PaperChoice() {
  const { act } = useCommands()
  const { paper } = usePlan().plan.document
  return (
    <Form.Select
      size="sm"
      className="w-auto"
      aria-label="Paper"
      data-field="paper"
      value={paper ?? ''}
      onChange={(event) =>
        act(
          put('/paper', event.target.value || null),
          `Printed on ${event.target.value || 'what goes with the unit'}`,
          'paper',
        )
      }
    >
      {Object.entries(PAPERS).map(([value, title]) => (
        <option key={value} value={value}>
          {title}
        </option>
      ))}
    </Form.Select>
  )
}

function StillAssumed() {
  const assumed = useSection('assumed')
  const { act } = useCommands()
  if (assumed.length === 0) return null
  return (
    <Panel id="assumed" says={assumed.length === 1 ? '1 size' : `${assumed.length} sizes`}>
      <p className="lead-in">Measure the piece in your hand.</p>
      <ul className="assumed-list">
        {assumed.map((one) => (
          <li key={one.key}>
            <span className="what">
              <Origin origin="assumed" /> <Fractions>{one.label}</Fractions>
            </span>
            <Size of={one.key} label={one.label} />
            <Button
              size="sm"
              variant="outline-secondary"
              aria-label={`${one.label}: It measures this, ${one.value.text}`}
              onClick={() => act(change(one.confirm), `${one.label} confirmed`)}
            >
              It measures this
            </Button>
          </li>
        ))}
      </ul>
    </Panel>
  )
}

/** The parts, together as one wants them on the bench. */
function PartsList() {
  const all = useSection('parts')
  const [by, setBy] = useState<Grouping>('listed')
  const [wanted, setWanted] = useState('')
  const travels = useSection('travels')
  const { plan } = usePlan()
  const count = all.reduce((sum, part) => sum + part.count, 0)
  const shown = holding(all, wanted)
  return (
    <Panel
      id="parts"
      says={
        <>
          {count === 1 ? '1 piece' : `${count} pieces`}, cut to <Num>{plan.document.units.increment}</Num>
        </>
      }
    >
      <div className="d-flex flex-wrap align-items-center gap-2">
        <p className="lead-in mb-0 me-auto">Press a part to draw it, a size for its reasons.</p>
        <Form.Control
          size="sm"
          type="search"
          className="find-part"
          aria-label="Find parts"
          placeholder="Find: mark, name, drawer"
          value={wanted}
          onChange={(event) => setWanted(event.target.value)}
        />
        <Form.Select
          size="sm"
          className="w-auto"
          aria-label="Parts together by"
          value={by}
          onChange={(event) => setBy(event.target.value as Grouping)}
        >
          {GROUPINGS.map(([value, title]) => (
            <option key={value} value={value}>
              {title}
            </option>
          ))}
        </Form.Select>
      </div>
      {shown.length === 0 && <p>No part has these words.</p>}
      {grouped(shown, by).map(({ title, number, parts }) => (
        <section key={`${number} ${title}`} aria-label={number > 0 ? `${number} ${title}` : title}>
          {by !== 'listed' && (
            <h3 className="h5 mt-3">
              {number > 0 && <span className={`number ${tintOf(number)}`}>{number}</span>}{' '}
              <Fractions>{title}</Fractions>
            </h3>
          )}
          <ul className="parts">
            {parts.map((part) => (
              <PartRow key={part.ids.join()} part={part} />
            ))}
          </ul>
        </section>
      ))}
      {travels && (
        <p className="lead-in mt-2">
          <Fractions>{travels}</Fractions>
        </p>
      )}
    </Panel>
  )
}

const SIZES = [
  ['length', 'Length'],
  ['width', 'Width'],
  ['thickness', 'Thickness'],
] as const

/** Which cells the pieces are for: their numbers in their tints, or names where there are none. */
function PiecesOf({ part }: { part: Part }) {
  const pieces = [...new Map(part.places.map((name, at) => [part.numbers[at] || name, name]))]
  return (
    <span className="other d-inline-flex flex-wrap gap-1">
      {pieces.map(([number, name]) =>
        typeof number === 'number' ? (
          <span key={number} className={`number ${tintOf(number)}`} title={name}>
            {number}
          </span>
        ) : (
          <span key={name}>{name}</span>
        ),
      )}
    </span>
  )
}

/** One line: mark, name, how many, cut sizes. The chosen one is drawn, and says how it is made. */
function PartRow({ part }: { part: Part }) {
  const { plan } = usePlan()
  const { chosenPart } = useSelection()
  const { choosePart } = useCommands()
  const isBank = Object.keys(plan.document.places).length > 1
  const isChosen = part.ids.includes(chosenPart ?? '')
  const spare = spareOf(part, plan.document)
  return (
    <li className={isChosen ? 'part part--chosen' : 'part'}>
      <div className="head">
        <span className="part-mark">{part.marks[0]}</span>
        <button
          type="button"
          className="name"
          aria-pressed={isChosen}
          onClick={() => choosePart(isChosen ? null : (part.ids[0] ?? ''))}
        >
          {part.name}
          {part.hand && ` (${part.hand})`}
        </button>
        <span>
          × {part.count}
          {spare > 0 && ` and ${spare} spare`}
        </span>
        {isBank && <PiecesOf part={part} />}
        <span className="sizes">
          {SIZES.map(([name, title], at) => (
            <span key={name}>
              {at > 0 && ' × '}
              <Size of={part[name].key} label={`${part.name}, ${title.toLowerCase()}`} plain />
            </span>
          ))}
        </span>
      </div>
      {isChosen && <Making part={part} />}
    </li>
  )
}

/** What it is made of, how it is worked, and what was really cut. */
function Making({ part }: { part: Part }) {
  const [isPinning, setIsPinning] = useState(false)
  return (
    <>
      <p className="other mb-0">
        <Fractions>{[part.material, part.weight].filter(Boolean).join(', ')}</Fractions>
        {part.marks.length > 1 && `; marks ${part.marks.join(' ')}`}
      </p>
      {part.joinery.length > 0 && (
        <ul className="joinery">
          {part.joinery.map((one) => (
            <li key={one.text}>
              <Fractions>{one.text}</Fractions>
            </li>
          ))}
        </ul>
      )}
      <Button
        size="sm"
        variant="outline-secondary"
        aria-expanded={isPinning}
        aria-label={`${part.name}: as built`}
        onClick={() => setIsPinning(!isPinning)}
      >
        As built
      </Button>
      {isPinning && <Pins part={part} />}
      <CutWith part={part} />
    </>
  )
}

/** What was really cut: only sizes that somebody set a fence for can be noted. */
function Pins({ part }: { part: Part }) {
  const { plan } = usePlan()
  const pinnable = SIZES.filter(([name]) => part[name].key.endsWith('_cut'))
  if (pinnable.length === 0) return <p className="lead-in mb-0">This piece has no cut size of its own.</p>
  return (
    <div className="pairs">
      {pinnable.map(([name, title]) => {
        const { key } = part[name]
        return (
          <PlanLength
            key={key}
            label={
              <>
                <Origin origin="as built" />
                {title}, as built
              </>
            }
            kept={plan.document.as_built?.[key] ?? null}
            placeholder="as planned"
            after="What depends on it follows; empty it to go back to the plan."
            act={(length) => ({ do: 'cut-as', key, length })}
            called={`${part.name} ${title.toLowerCase()}, as built`}
            emptied={`${part.name} ${title.toLowerCase()}, as built: taken out`}
            field={`as_built/${key}`}
          />
        )
      })}
    </div>
  )
}
