import { Panel } from '../../panels/Panel'
import { cellsOf } from '../../plan/layout'
import { usePlan, useSelection } from '../../plan/PlanDesk'
import { Value } from '../../reasons/Value'
import { ChoiceFields } from '../ChoiceFields'
import { Alternatives } from './Alternatives'
import { useChosenTitle } from './chosen'

const BOXES = ['drawer', 'tray']

/** What the inside of the chosen drawer is fitted with, else that of the first. */
export function Inside() {
  const { document } = usePlan().plan
  const { chosenPlace } = useSelection()
  const boxes = cellsOf(document).filter((one) => BOXES.includes(one.place.holds))
  const box = (boxes.find((one) => one.id === chosenPlace) ?? boxes[0])?.id
  const fitted = useChosenTitle('fitted', box)
  if (box === undefined) return null
  return (
    <Panel
      id="inside"
      title={boxes.length > 1 ? `Inside of ${document.places[box]?.name}` : 'Inside'}
      says={
        <>
          {fitted.toLowerCase()}
          <Value of={`${box}/grid_cell_across`} before=", cells " />
          <Value of={`${box}/grid_cell_deep`} before=" × " />
        </>
      }
    >
      <Alternatives family="fitted" place={box} />
      <ChoiceFields group="Inside" place={box} onlyAsked />
      <p className="lead-in">
        <Value of={`${box}/grid_notch`} before="Notches " after=" wide" />
        <Value of={`${box}/grid_notch_deep`} before=", " after=" deep" />
        <Value of={`${box}/grid_shim`} before="; shim for the second pass " />
        <Value of={`${box}/slot_first`} before="First slot " after=" from the inside corner" />
        <Value of={`${box}/slot_depth`} before=", slots " after=" deep" />
        <Value of={`${box}/pocket_run_cut`} before="Partitions " after=" long" />
        <Value of={`${box}/pocket_blocks`} before=", blocks " />
        <Value of={`${box}/upper_wall_cut`} before="Walls of the tray " after=" high" />
        <Value of={`${box}/upper_travel`} before=", it travels " />
      </p>
    </Panel>
  )
}
