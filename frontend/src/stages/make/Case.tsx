import { useDesk } from '../../plan/PlanDesk'
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
  const { plan, solution, chosenPlace } = useDesk()
  const spaces = Object.entries(plan.document.spaces)
  const isNew = plan.document.choices.carcass === 'new'
  const [space] = spaces.find(([, one]) => one.holds === chosenPlace) ?? spaces[0] ?? ['']
  const isBuilt = `${space}/case_outside_width` in solution.quantities
  return (
    <section aria-label="Case">
      <h2>Case</h2>
      <Alternatives family="carcass" choice="carcass" />
      {isNew && !isBuilt && <p className="lead-in">What has a face frame exists already.</p>}
      {isNew && (
        <>
          <table className="figures">
            <tbody>
              {OUTSIDE.filter((name) => `${space}/${name}` in solution.quantities).map((name) => (
                <tr key={name}>
                  <th scope="row">{solution.quantities[`${space}/${name}`]?.label}</th>
                  <td>
                    <Size of={`${space}/${name}`} />
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
          <div className="pairs">
            {SHEETS.map(([choice, title, otherwise]) => (
              <RowChoice key={choice} choice={choice} title={title} rows="sheets" otherwise={otherwise} />
            ))}
          </div>
          <Alternatives family="through" choice="through" />
          <Alternatives family="case_joint" choice="case_joint" />
          <Alternatives family="case_back" choice="case_back" />
          <Alternatives family="case_top" choice="case_top" />
          <ChoiceFields group="Case" />
        </>
      )}
    </section>
  )
}
