import { Panel } from '../../panels/Panel'
import { usePlan } from '../../plan/PlanDesk'
import { Figures } from '../../reasons/Figures'
import { Value } from '../../reasons/Value'
import { ChoiceFields } from '../ChoiceFields'
import { Alternatives } from '../make/Alternatives'
import { useChosen, useChosenTitle } from '../make/chosen'

const OUTSIDE = ['case_outside_width', 'case_outside_height', 'case_whole_depth']
const FITTED = [...OUTSIDE, 'standing_height', 'room_beside_case', 'room_above_case', 'room_behind_case']
/** What was measured is the space around the case. */
const AROUND = ['in_space', 'of_outside']

/** What the readings are: the inside of what exists, the space that a case goes into, or what is built itself. */
export function WhatIsBuilt({ space }: { space: string }) {
  const { document } = usePlan().plan
  const title = useChosenTitle('carcass', space)
  const carcass = useChosen('carcass', space)
  if (document.spaces[space]?.kind === 'framed') return null
  return (
    <Panel
      id="numbers"
      says={
        <>
          {title}
          {OUTSIDE.map((name, at) => (
            <Value key={name} of={`${space}/${name}`} before={at === 0 ? ': outside ' : ' × '} />
          ))}
        </>
      }
    >
      <Alternatives family="carcass" place={space} />
      {AROUND.includes(carcass ?? '') && (
        <>
          <Figures place={space} names={FITTED} />
          <ChoiceFields group="Fitting" place={space} onlyAsked />
          <ChoiceFields group="Outside" place={space} />
        </>
      )}
    </Panel>
  )
}
