import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { answered, client, type Schemas } from '../../api/client'
import { Drawing } from '../../drawing/Drawing'
import { change } from '../../plan/acts'
import { withDrawings } from '../../plan/held'
import { usePlan } from '../../plan/PlanDesk'
import { Numbers } from './Numbers'

/** A layout that was found, drawn before it is kept: sheet by sheet. */
export function FoundSheets({ found }: { found: Schemas['LayoutFound'] }) {
  const { plan } = usePlan()
  const [number, setNumber] = useState(1)
  const shown = Math.min(number, found.sheets)
  const view = { name: 'cut_sheet', of: `${found.row}:kept:${shown}` } as const
  const { data } = useQuery({
    queryKey: ['found-sheet', plan.id, plan.revision, found, shown],
    queryFn: () =>
      answered(
        client.POST('/api/plans/{plan_id}/preview', {
          params: { path: { plan_id: plan.id } },
          body: { base: plan.revision, act: change(found.patch), view },
        }),
      ),
    staleTime: Number.POSITIVE_INFINITY,
  })
  const drawn = withDrawings([], data?.drawings ?? []).find((one) => one.name === view.name)
  return (
    <>
      <Numbers
        called={`Sheets found for ${found.name}`}
        many={found.sheets}
        shown={shown}
        onShow={setNumber}
      />
      {drawn && (
        <div className="cut-sheet">
          <Drawing sheet={drawn} label={() => ''} onWhy={() => undefined} />
        </div>
      )}
    </>
  )
}
