import { Panel } from '../../panels/Panel'
import { cellsOf } from '../../plan/layout'
import { usePlan, useSelection } from '../../plan/PlanDesk'
import { Value } from '../../reasons/Value'
import { ChoiceFields } from '../ChoiceFields'
import { Alternatives } from './Alternatives'
import { useChosenTitle } from './chosen'

/** What the shelves of the chosen place rest on, else those of the first place that has any. */
export function Shelves() {
  const { document } = usePlan().plan
  const { chosenPlace } = useSelection()
  const shelves = cellsOf(document).filter((one) => one.place.holds === 'shelf')
  const shelf = (shelves.find((one) => one.id === chosenPlace) ?? shelves[0])?.id
  const rests = useChosenTitle('shelf_rests', shelf)
  if (shelf === undefined)
    return (
      <Panel id="shelves" says="none">
        <p className="lead-in">Let a place hold a shelf, to choose what it rests on.</p>
      </Panel>
    )
  return (
    <Panel
      id="shelves"
      title={shelves.length > 1 ? `Shelves of ${document.places[shelf]?.name}` : 'Shelves'}
      says={
        <>
          {rests.toLowerCase()}
          <Value of={`${shelf}/shelf_length_cut`} before=", " after=" long" />
        </>
      }
    >
      <Alternatives family="shelf_rests" place={shelf} />
      <ChoiceFields group="Shelves" place={shelf} onlyAsked />
      <p className="lead-in">
        <Value of={`${shelf}/held_middles`} before="Middles from the left end " />
        <Value of={`${shelf}/bore_widths`} before="; holes " after=" wide" />
      </p>
    </Panel>
  )
}
