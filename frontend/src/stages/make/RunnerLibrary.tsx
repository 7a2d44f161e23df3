import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import { answered, client } from '../../api/client'
import { change } from '../../plan/acts'
import { useCommands, usePlan } from '../../plan/PlanDesk'
import { PasteTable } from '../PasteTable'

const EXAMPLE =
  'name,kind,side_clearance,height,stock_lengths,measured\nFrom the shelf,side_mount,13 mm,46 mm,400 mm; 450 mm,yes'

/** The runners of this plan: which is used, out as a table, and in from another plan or a notebook. */
export function RunnerLibrary() {
  const { plan } = usePlan()
  const { act } = useCommands()
  const rows = Object.entries(plan.document.library.runners ?? {})
  const [isOpen, setIsOpen] = useState(false)
  return (
    <section aria-label="Runner library" className="mb-2">
      <div className="d-flex flex-wrap gap-2 align-items-center">
        {rows.length > 1 && (
          <Form.Select
            className="w-auto mw-100"
            aria-label="Runner of this plan"
            value={plan.document.choices.runner ?? ''}
            onChange={(event) => {
              const id = event.target.value
              const name = plan.document.library.runners?.[id]?.name ?? ''
              act({ do: 'choose', name: 'runner', value: id }, name)
            }}
          >
            {rows.map(([id, row]) => (
              <option key={id} value={id}>
                {row.name}
              </option>
            ))}
          </Form.Select>
        )}
        <a className="btn btn-outline-secondary" href={`/api/plans/${plan.id}/files/runners.csv`}>
          Runners (CSV)
        </a>
        <Button variant="outline-secondary" aria-expanded={isOpen} onClick={() => setIsOpen(!isOpen)}>
          Paste runners
        </Button>
      </div>
      {isOpen && (
        <div className="mt-2">
          <PasteTable
            id="pasted-runners"
            label="A table, its columns named in the first row"
            example={EXAMPLE}
            onLook={async (text) => {
              const path = { params: { path: { plan_id: plan.id } }, body: { text } }
              const answer = await answered(client.POST('/api/plans/{plan_id}/runners', path))
              const said = answer.rows.map(({ line, text: row, runner, problem }) => ({
                line,
                isGood: runner !== null,
                said: runner
                  ? `${line}: ${runner.name}, ${runner.side_clearance} a side`
                  : `${line}: ${row} · ${problem}`,
              }))
              return { rows: said, patch: answer.patch }
            }}
            onTake={(patch, good) => {
              act(change(patch), `${good} runners taken in`)
              setIsOpen(false)
            }}
            onLeave={() => setIsOpen(false)}
          />
        </div>
      )}
    </section>
  )
}
