import Form from 'react-bootstrap/Form'
import { put } from '../../plan/acts'
import type { Place } from '../../plan/layout'
import { useCommands, usePlan, useSelection } from '../../plan/PlanDesk'
import { PlanLength } from '../../plan/PlanLength'

const RATIOS = [
  ['', 'by a step'],
  ['9/8', 'by 9/8'],
  ['6/5', 'by 6/5'],
  ['5/4', 'by 5/4'],
  ['4/3', 'by 4/3'],
  ['3/2', 'by 3/2'],
  ['8/5', 'by 8/5'],
]

/** What stands between the parts of a split, and how graduated ones grow. */
export function SplitFields({ place }: { place: Place }) {
  const { plan } = usePlan()
  const { chosenPlace } = useSelection()
  const { act } = useCommands()
  const isGraduated = (place.children ?? []).some((id) => plan.document.places[id]?.size?.by === 'graduated')
  const ratios =
    place.ratio && !RATIOS.some(([value]) => value === place.ratio)
      ? [...RATIOS, [place.ratio, `by ${place.ratio}`]]
      : RATIOS
  return (
    <div className="pairs">
      {place.holds === 'rows' && (
        <Form.Group controlId="divider">
          <Form.Label className="mb-0">Between the rows</Form.Label>
          <Form.Select
            value={place.divider ?? 'open'}
            onChange={(event) => {
              const divider = event.target.value
              act(
                put(`/places/${chosenPlace}/divider`, divider),
                `${place.name}: ${divider === 'board' ? 'with rails' : 'without rails'}`,
              )
            }}
          >
            <option value="open">only the gap of the fronts</option>
            <option value="board">a rail, full depth</option>
          </Form.Select>
        </Form.Group>
      )}
      {place.holds === 'columns' && (
        <Form.Group controlId="divider">
          <Form.Label className="mb-0">Between the columns</Form.Label>
          <Form.Select
            value={place.divider === 'none' ? 'none' : 'board'}
            onChange={(event) => {
              const divider = event.target.value
              act(
                put(`/places/${chosenPlace}/divider`, divider),
                `${place.name}: ${divider === 'board' ? 'with boards' : 'without boards'}`,
              )
            }}
          >
            <option value="board">a board, full height</option>
            <option value="none">nothing: bins or open bays side by side</option>
          </Form.Select>
        </Form.Group>
      )}
      {isGraduated && (
        <Form.Group controlId="ratio">
          <Form.Label className="mb-0">Graduated parts grow</Form.Label>
          <Form.Select
            value={place.ratio ?? ''}
            onChange={(event) =>
              act({ do: 'graduate', place: chosenPlace, ratio: event.target.value || null })
            }
          >
            {ratios.map(([value, title]) => (
              <option key={value} value={value}>
                {title}
              </option>
            ))}
          </Form.Select>
        </Form.Group>
      )}
      {isGraduated && !place.ratio && (
        <PlanLength
          key={chosenPlace}
          label="Step of graduated parts"
          kept={place.step ?? null}
          placeholder="none: all alike"
          after="Each graduated part is larger than the one before by this."
          act={(step) => ({ do: 'graduate', place: chosenPlace, step })}
          emptied={`${place.name}: no step`}
          field={`${chosenPlace}/step`}
        />
      )}
    </div>
  )
}
