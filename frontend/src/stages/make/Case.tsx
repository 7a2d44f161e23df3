import { Fragment } from 'react'
import Button from 'react-bootstrap/Button'
import { Panel } from '../../panels/Panel'
import { useGoTo } from '../../panels/useGoTo'
import { spaceOf } from '../../plan/layout'
import { useQuantity } from '../../plan/onScreen'
import { usePlan, useSelection } from '../../plan/PlanDesk'
import { Figures } from '../../reasons/Figures'
import { Value } from '../../reasons/Value'
import { ChoiceFields } from '../ChoiceFields'
import { Alternatives } from './Alternatives'

const FAMILIES = [
  ['through', 'What runs through'],
  ['case_joint', 'Joints'],
  ['case_back', 'Back'],
  ['case_top', 'Top'],
  ['case_bottom', 'Bottom'],
] as const

const OUTSIDE = ['case_outside_width', 'case_outside_height', 'case_whole_depth', 'standing_height']

/** The case: it exists, or is built around the layout. */
export function Case() {
  const { plan } = usePlan()
  const { chosenPlace } = useSelection()
  const spaces = Object.entries(plan.document.spaces)
  const space = spaceOf(plan.document, chosenPlace)
  const place = space || undefined
  const goTo = useGoTo()
  const of = place ? { place } : {}
  const isBuilt = useQuantity(`${space}/case_outside_width`) !== undefined
  return (
    <Panel
      id="case"
      title={spaces.length > 1 ? `Case: ${plan.document.spaces[space]?.name}` : 'Case'}
      says={
        <>
          {isBuilt ? 'new, outside ' : 'is there already'}
          {OUTSIDE.slice(0, 3).map((name, at) => (
            <Value key={name} of={`${space}/${name}`} before={at === 0 ? '' : ' × '} />
          ))}
        </>
      }
    >
      {!isBuilt && (
        <p className="lead-in">
          It is there already.{' '}
          {plan.document.spaces[space]?.kind !== 'framed' && (
            <Button
              size="sm"
              variant="outline-primary"
              onClick={() => goTo({ key: `${space}/carcass`, group: 'Fitting', label: '' })}
            >
              Build one instead
            </Button>
          )}
        </p>
      )}
      {isBuilt && (
        <>
          <Figures place={space} names={OUTSIDE} />
          {FAMILIES.map(([family, title]) => (
            <Fragment key={family}>
              <h3>{title}</h3>
              <Alternatives family={family} {...of} />
            </Fragment>
          ))}
          <h3>Sizes and edges</h3>
          <ChoiceFields group="Case" {...of} onlyAsked />
          <h3>Fixed where it stands</h3>
          <ChoiceFields group="Fixing" {...of} onlyAsked />
        </>
      )}
    </Panel>
  )
}
