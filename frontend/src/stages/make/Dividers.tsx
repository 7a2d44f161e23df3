import { Panel } from '../../panels/Panel'
import { panelOf } from '../../panels/panels'
import { type Place, parentOf } from '../../plan/layout'
import { usePlan, useSelection } from '../../plan/PlanDesk'
import { Value } from '../../reasons/Value'
import { ChoiceFields } from '../ChoiceFields'
import { Alternatives } from './Alternatives'
import { useChosenTitle } from './chosen'

const hasBoards = (place: Place | undefined) =>
  place?.holds === 'columns' ? place.divider !== 'none' : place?.divider === 'board'

/** How the boards between the parts of the chosen split meet what they stand between, and what holds them there. */
export function Dividers() {
  const { document } = usePlan().plan
  const split = useSplit()
  const joint = useChosenTitle('divider_joint', split)
  const held = useChosenTitle('divider_held', split)
  if (split === undefined)
    return (
      <Panel id="dividers" says="none">
        <p className="lead-in">Divide a place into columns, or into rows with rails, to get dividers.</p>
      </Panel>
    )
  const name = document.places[split]?.name
  return (
    <Panel
      id="dividers"
      title={`Dividers of ${name}`}
      says={
        <>
          {joint}, {held.toLowerCase()}
          <Value of={`${split}/divider_length_cut`} before=", " after=" long" />
        </>
      }
    >
      <Alternatives family="divider_joint" place={split} />
      <h3>Held by</h3>
      <Alternatives family="divider_held" place={split} />
      {panelOf('dividers').groups?.map((group) => (
        <ChoiceFields key={group} group={group} place={split} onlyAsked />
      ))}
    </Panel>
  )
}

/** The chosen split that has boards between its parts, else the one that the chosen place is a part of, else the first. */
function useSplit(): string | undefined {
  const { document } = usePlan().plan
  const { chosenPlace } = useSelection()
  const around: string[] = []
  for (let at: string | null = chosenPlace; at !== null; at = parentOf(document, at)) around.push(at)
  return [...around, ...Object.keys(document.places)].find((id) => hasBoards(document.places[id]))
}
