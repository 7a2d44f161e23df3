import Form from 'react-bootstrap/Form'
import { choicesOf } from '../../plan/layout'
import { useCommands, usePlan } from '../../plan/PlanDesk'

interface Props {
  choice: string
  title: string
  /** The parts of the library that it is chosen from. */
  rows: readonly ('sheets' | 'boards' | 'bands')[]
  otherwise: string
  /** A space that it is chosen for, instead of the whole plan. */
  place?: string | undefined
}

/** A row of the library chosen for the whole plan or one of its spaces, or none. */
export function RowChoice({ choice, title, rows, otherwise, place }: Props) {
  const { plan } = usePlan()
  const { act } = useCommands()
  const all = rows.flatMap((shelf) => Object.entries(plan.document.library[shelf] ?? {}))
  return (
    <Form.Group controlId={`row-${choice}`} data-field={`${place ?? 'plan'}/${choice}`}>
      <Form.Label className="mb-0">{title}</Form.Label>
      <Form.Select
        value={(place && choicesOf(plan.document, place)[choice]) || plan.document.choices[choice] || ''}
        onChange={(event) => {
          const id = event.target.value || null
          act(
            { do: 'choose', at: place ?? null, name: choice, value: id },
            `${title}: ${all.find(([one]) => one === id)?.[1].name ?? otherwise}`,
          )
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
