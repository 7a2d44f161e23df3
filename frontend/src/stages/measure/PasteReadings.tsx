import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import { answered, client } from '../../api/client'
import { change } from '../../plan/acts'
import { useCommands, usePlan } from '../../plan/PlanDesk'
import { PasteTable } from '../PasteTable'

const EXAMPLE = 'of,along,level,reading\nwidth,front,low,24\nwidth,back,low,23 1/2'
const LABEL =
  'A table, its columns named in the first row: of, reading, and level, along, side, survey, plus_minus, note'

/** Many readings at once: looked at row by row before anything is taken. */
export function PasteReadings({ space }: { space: string }) {
  const { plan } = usePlan()
  const { act } = useCommands()
  const [isOpen, setIsOpen] = useState(false)
  if (!isOpen)
    return (
      <Button variant="outline-secondary" className="mb-2" onClick={() => setIsOpen(true)}>
        Paste readings
      </Button>
    )
  return (
    <section aria-label="Paste readings" className="mb-3">
      <PasteTable
        id="pasted"
        label={LABEL}
        example={EXAMPLE}
        onLook={async (text) => {
          const path = { params: { path: { plan_id: plan.id } }, body: { space, text } }
          const answer = await answered(client.POST('/api/plans/{plan_id}/readings', path))
          const rows = answer.rows.map(({ line, text: row, station, reading, problem }) => ({
            line,
            isGood: reading !== null,
            said: reading ? `${line}: ${station}: ${reading.value}` : `${line}: ${row} · ${problem}`,
          }))
          return { rows, patch: answer.patch }
        }}
        onTake={(patch, good) => {
          act(change(patch), `${good} readings pasted`)
          setIsOpen(false)
        }}
        onLeave={() => setIsOpen(false)}
      />
    </section>
  )
}
