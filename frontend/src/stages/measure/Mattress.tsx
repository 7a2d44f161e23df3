import Form from 'react-bootstrap/Form'
import { useCatalogue } from '../../api/queries'
import { useCommands } from '../../plan/PlanDesk'

/** A mattress by its name: its usual size stands in the fields, to be measured. */
export function Mattress({ space }: { space: string }) {
  const { act } = useCommands()
  const mattresses = useCatalogue().data?.mattresses ?? []
  return (
    <Form.Select
      className="mb-1"
      aria-label="A mattress by its name"
      value=""
      onChange={(event) => {
        const one = mattresses.find((row) => row.id === event.target.value)
        if (one) act({ do: 'mattress', space, mattress: one.id })
      }}
    >
      <option value="">A mattress by its name … ({mattresses[0]?.source}; measure yours)</option>
      {mattresses.map((one) => (
        <option key={one.id} value={one.id}>
          {one.name}, {one.width} × {one.length}
        </option>
      ))}
    </Form.Select>
  )
}
