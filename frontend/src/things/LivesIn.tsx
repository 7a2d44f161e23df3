import Form from 'react-bootstrap/Form'
import type { PlanDocument } from '../api/client'
import { cellsOf } from '../plan/layout'
import { useCommands, usePlan } from '../plan/PlanDesk'

export type Thing = NonNullable<PlanDocument['things']>[string]

/** In which cell a thing lives, to be changed. */
export function LivesIn({ id, thing }: { id: string; thing: Thing }) {
  const { document } = usePlan().plan
  const { act } = useCommands()
  return (
    <Form.Select
      size="sm"
      aria-label={`${thing.name} lives in`}
      value={thing.lives_in ?? ''}
      onChange={(event) => act({ do: 'put-thing', thing: id, place: event.target.value || null })}
    >
      <option value="">nowhere yet</option>
      {cellsOf(document).map(({ id: place, place: one, number }) => (
        <option key={place} value={place}>{`${number} ${one.name}`}</option>
      ))}
    </Form.Select>
  )
}
