import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import { Panel } from '../../../panels/Panel'
import { useSection } from '../../../plan/onScreen'
import { useCommands, usePlan } from '../../../plan/PlanDesk'
import { FindThings } from '../../../things/FindThings'
import { ChoiceFields } from '../../ChoiceFields'
import { AddThing, PasteThings } from './AddThings'
import { CellsUsed } from './CellsUsed'
import { LabelPrinter } from './LabelPrinter'
import { ThingRow } from './ThingRow'
import { ThingsTable } from './ThingsTable'

/** Of a long list so many stand here. */
const MOST_SHOWN = 150

/** What goes in: the list, where each thing lives, and what of it is left over. */
export function Things() {
  const { document, id, revision } = usePlan().plan
  const { choosePlace } = useCommands()
  const contents = useSection('contents')
  const [isTable, setIsTable] = useState(false)
  const [pasted, setPasted] = useState<string | null>(null)
  const things = Object.entries(document.things ?? {})
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
      {things.length > 1 && <FindThings first={id} revision={revision} onFound={choosePlace} />}
      <ul className="things" aria-label="Things">
        {things.slice(0, MOST_SHOWN).map(([id, thing]) => (
          <li key={id}>
            <ThingRow id={id} thing={thing} at={kept.get(id)} />
          </li>
        ))}
      </ul>
      {things.length > MOST_SHOWN && <p>And {things.length - MOST_SHOWN} more: find them above.</p>}
      <AddThing />
      <PasteThings key={pasted ?? ''} given={pasted} onDone={() => setPasted(null)} />
      {isTable && (
        <ThingsTable
          onClose={() => setIsTable(false)}
          onPaste={(text) => {
            setIsTable(false)
            setPasted(text)
          }}
        />
      )}
      <div className="d-flex flex-wrap gap-2 mb-2">
        <Button size="sm" variant="outline-secondary" onClick={() => setIsTable(true)}>
          The list as a table
        </Button>
        <a
          className="btn btn-sm btn-outline-secondary"
          href={`/api/plans/${id}/labels.pdf`}
          target="_blank"
          rel="noreferrer"
        >
          Print labels
        </a>
        <LabelPrinter />
        {things.length > 0 && (
          <a className="btn btn-sm btn-outline-secondary" href={`/api/plans/${id}/files/things.xlsx`}>
            The list as a workbook
          </a>
        )}
        {things.length > 0 && (
          <a className="btn btn-sm btn-outline-secondary" href={`/api/plans/${id}/files/things.csv`}>
            The list as CSV
          </a>
        )}
      </div>
      {contents.cells.length > 0 && <CellsUsed cells={contents.cells} />}
      <ChoiceFields group="Contents" />
    </Panel>
  )
}
