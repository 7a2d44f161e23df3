import { spaceOf } from '../../plan/layout'
import { useOutcome, usePlan, useSelection } from '../../plan/PlanDesk'
import { useLabel } from '../../reasons/labels'
import { Size } from '../../reasons/Size'
import { ChoiceFields } from '../ChoiceFields'
import { Alternatives } from './Alternatives'
import { RowChoice } from './RowChoice'

const SHEETS = [
  ['case_sheet', 'Sides, top and bottom', 'as the fronts'],
  ['case_back_sheet', 'Back', 'as the bottoms'],
  ['worktop_sheet', 'Top laid on it', 'none'],
] as const

const OUTSIDE = [
  'case_outside_width',
  'case_outside_height',
  'case_outside_depth',
  'standing_height',
] as const

/** The case: it exists, or is built around the layout. */
export function Case() {
  const { plan } = usePlan()
  const { solution } = useOutcome()
  const labelOf = useLabel()
  const { chosenPlace } = useSelection()
  const spaces = Object.entries(plan.document.spaces)
  const space = spaceOf(plan.document, chosenPlace)
  const place = space || undefined
  const isNew = (plan.document.spaces[space]?.choices?.carcass ?? plan.document.choices.carcass) === 'new'
  const of = place ? { place } : {}
  const isBuilt = `${space}/case_outside_width` in solution.quantities
  return (
    <section aria-label="Case">
      <h2>{spaces.length > 1 ? `Case: ${plan.document.spaces[space]?.name}` : 'Case'}</h2>
      <Alternatives family="carcass" choice="carcass" {...of} />
      {isNew && !isBuilt && <p className="lead-in">What has a face frame exists already.</p>}
      {isNew && (
        <>
          <table className="figures">
            <tbody>
              {OUTSIDE.filter((name) => `${space}/${name}` in solution.quantities).map((name) => (
                <tr key={name}>
                  <th scope="row">{labelOf(`${space}/${name}`)}</th>
                  <td>
                    <Size of={`${space}/${name}`} />
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
          <div className="pairs">
            {SHEETS.map(([choice, title, otherwise]) => (
              <RowChoice
                key={choice}
                choice={choice}
                title={title}
                rows="sheets"
                otherwise={otherwise}
                place={place}
              />
            ))}
          </div>
          <Alternatives family="through" choice="through" {...of} />
          <Alternatives family="case_joint" choice="case_joint" {...of} />
          <Alternatives family="case_back" choice="case_back" {...of} />
          <Alternatives family="case_top" choice="case_top" {...of} />
          <ChoiceFields group="Case" {...of} />
        </>
      )}
    </section>
  )
}
