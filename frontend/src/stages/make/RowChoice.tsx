import Form from 'react-bootstrap/Form'
import { useDesk } from '../../plan/PlanDesk'
import { withChoice } from '../../plan/patches'

interface Props {
  choice: string
  title: string
  /** The part of the library that it is chosen from. */
  rows: 'sheets' | 'boards' | 'bands'
  otherwise: string
}

/** A row of the library chosen for the whole plan, or none. */
export function RowChoice({ choice, title, rows, otherwise }: Props) {
  const { plan, act } = useDesk()
  const all = Object.entries(plan.document.library[rows] ?? {})
  return (
    <Form.Group controlId={`row-${choice}`}>
      <Form.Label className="mb-0">{title}</Form.Label>
      <Form.Select
        value={plan.document.choices[choice] ?? ''}
        onChange={(event) => {
          const id = event.target.value || null
          act({
            patch: (now) => withChoice(now, choice, id),
            label: `${title}: ${all.find(([one]) => one === id)?.[1].name ?? otherwise}`,
            field: '',
          })
        }}
      >
        <option value="">{otherwise}</option>
        {all.map(([id, one]) => (
          <option key={id} value={id}>
            {one.name}
          </option>
        ))}
      </Form.Select>
    </Form.Group>
  )
}
