import { useQuery, useQueryClient } from '@tanstack/react-query'
import Button from 'react-bootstrap/Button'
import { answered, client, type Schemas } from '../../api/client'
import { asTyped } from '../../lengths/kept'
import { Num } from '../../lengths/Num'
import { change } from '../../plan/acts'
import { useCommands, usePlan } from '../../plan/PlanDesk'

/** What the racks of other plans have of a stock: it comes into this rack, and is gone from that one. */
export function OtherRacks({ row }: { row: Schemas['RowShown'] }) {
  const { plan } = usePlan()
  const { edit } = useCommands()
  const queries = useQueryClient()
  const path = { plan_id: plan.id }
  const key = ['racks', plan.id, plan.revision]
  const { data } = useQuery({
    queryKey: key,
    queryFn: () => answered(client.GET('/api/plans/{plan_id}/racks', { params: { path } })),
  })
  const units = plan.document.units.length
  const found = (data?.offcuts ?? []).filter((one) => one.offcut.row === row.row)
  if (found.length === 0) return null
  /** Here first: what goes wrong in between leaves it in both racks, and never in none. */
  const take = async (one: Schemas['OffcutOf']) => {
    if ((await edit(change(one.patch), `An offcut from the rack of ${one.plan_name}`)) !== null) return
    const there = { params: { path: { plan_id: one.plan } } }
    const gone = { do: 'take-offcut-out', offcut: one.offcut.offcut } as const
    const body = { base: one.revision, act: gone, label: `An offcut taken over into ${plan.document.name}` }
    await answered(client.POST('/api/plans/{plan_id}/edits', { ...there, body })).catch(() => undefined)
    queries.invalidateQueries({ queryKey: ['racks', plan.id] })
  }
  return (
    <>
      <p className="lead-in mb-1">In the racks of other plans:</p>
      <ul>
        {found.map((one) => (
          <li key={`${one.plan} ${one.offcut.offcut}`}>
            <Num>{`${asTyped(one.offcut.length, units)} × ${asTyped(one.offcut.width, units)}`}</Num>{' '}
            <span className="other">
              {[one.offcut.where, one.plan_name, one.offcut.bad_places > 0 ? 'has bad places' : '']
                .filter(Boolean)
                .join(', ')}
            </span>{' '}
            <Button size="sm" variant="link" className="p-0" onClick={() => take(one)}>
              take it over
            </Button>
          </li>
        ))}
      </ul>
    </>
  )
}
