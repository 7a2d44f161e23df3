import { useCommands, useOutcome, usePlan, useSelection } from '../plan/PlanDesk'
import { useLabel } from '../reasons/labels'
import { Drawing } from './Drawing'

/** All spaces from the front, at one scale, as they stand beside each other in the plan. */
export function Together({ cells }: { cells: Record<string, string> }) {
  const { plan } = usePlan()
  const { drawings } = useOutcome()
  const { whyKey, chosenPlace } = useSelection()
  const { askWhy, choosePlace } = useCommands()
  const label = useLabel()
  const sheets = plan.document.space_order.flatMap((space) =>
    drawings.filter((one) => one.name === 'elevation' && one.place === space),
  )
  return (
    <div className="together">
      {sheets.map((sheet) => (
        <figure key={sheet.place} style={{ flexGrow: sheet.width }}>
          <figcaption>{plan.document.spaces[sheet.place]?.name}</figcaption>
          <Drawing
            sheet={sheet}
            without={['readings']}
            chosenKey={whyKey}
            label={label}
            onWhy={askWhy}
            cells={cells}
            chosenCell={chosenPlace}
            onCell={choosePlace}
          />
        </figure>
      ))}
    </div>
  )
}
