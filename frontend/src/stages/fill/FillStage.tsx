import Button from 'react-bootstrap/Button'
import ButtonGroup from 'react-bootstrap/ButtonGroup'
import Form from 'react-bootstrap/Form'
import { NOT_YET, Num } from '../../lengths/Num'
import { Panel } from '../../panels/Panel'
import { actsOf } from '../../plan/cellActs'
import { type Place, parentOf, tintOf, walk } from '../../plan/layout'
import { useQuantities } from '../../plan/onScreen'
import { useCommands, usePlan, useSelection } from '../../plan/PlanDesk'
import { PlanLength } from '../../plan/PlanLength'
import { Figures } from '../../reasons/Figures'
import { Origin } from '../../reasons/Origin'
import { Value } from '../../reasons/Value'
import { ChoiceFields } from '../ChoiceFields'
import { Differences } from './Differences'
import { Former } from './Former'
import { NameOfPlace } from './NameOfPlace'
import { Proposals } from './Proposals'
import { SplitFields } from './SplitFields'
import { Things } from './things/Things'
import { Wish } from './Wish'

const HOLDS = [
  ['drawer', 'Drawer with a front'],
  ['tray', 'Pull-out tray, no front'],
  ['shelf', 'Shelf'],
  ['rack', 'Upright rack'],
  ['parts_tray', 'Parts tray in slots'],
  ['hanging', 'Hanging pull-out'],
  ['open', 'Open bay'],
  ['bin', 'Bought bin or basket'],
  ['false_front', 'False front'],
  ['blocked', 'Blocked'],
] as const

/** What is asked of such a place alone: the group of its fields, and its heading. */
const FITTED_OUT: Partial<Record<string, [group: string, title: string]>> = {
  rack: ['Rack', 'The rack'],
  parts_tray: ['Parts trays', 'Parts trays'],
  hanging: ['Hanging', 'The hanging post'],
  bin: ['Bin', 'The bin, outside'],
}

const FIGURES = [
  'cell_width',
  'cell_height',
  'front_height_cut',
  'outside_width',
  'outside_height',
  'runner_length',
]

/** How the space is divided, and what each cell holds. */
export function FillStage() {
  const { plan } = usePlan()
  const { chosenPlace } = useSelection()
  const { choosePlace } = useCommands()
  const places = walk(plan.document)
  const cells = places.filter((one) => one.number > 0).length
  const sizes = useQuantities(places.flatMap(({ id }) => [`${id}/cell_width`, `${id}/cell_height`]))
  return (
    <div data-ready>
      <h1>Fill</h1>
      <Things />
      <Proposals />
      <Panel id="layout" says={cells === 1 ? '1 cell' : `${cells} cells`}>
        <p className="lead-in">Choose a cell in the drawing or here, then divide it.</p>
        <ul className="layout" aria-label="Layout">
          {places.map(({ id, place, depth, number }) => (
            <li key={id} className={`depth-${Math.min(depth, 5)}`}>
              <button
                type="button"
                className="place"
                aria-pressed={id === chosenPlace}
                onClick={() => choosePlace(id)}
              >
                {number > 0 && <span className={`number ${tintOf(number)}`}>{number}</span>}
                <span className="name">{place.name}</span>
                <span className="other">{told(place)}</span>
              </button>
              <span className="height">
                <Num>{sizes[`${id}/cell_width`]?.value?.text ?? NOT_YET}</Num> ×{' '}
                <Num>{sizes[`${id}/cell_height`]?.value?.text ?? NOT_YET}</Num>
              </span>
              {number > 0 && Object.keys(place.choices ?? {}).length > 0 && (
                <span className="differs" title="Differs from the plan; starred in the drawing">
                  * differs
                </span>
              )}
            </li>
          ))}
        </ul>
      </Panel>
      <Chosen />
      <Former />
    </div>
  )
}

function told(place: Place): string {
  if (place.holds === 'rows') return place.divider === 'board' ? 'rows with rails' : 'rows without rails'
  if (place.holds === 'columns') return place.divider === 'none' ? 'columns without boards' : 'columns'
  return HOLDS.find(([value]) => value === place.holds)?.[1] ?? place.holds
}

/** What can be done with the place that is chosen. */
function Chosen() {
  const { plan } = usePlan()
  const { chosenPlace } = useSelection()
  const { act } = useCommands()
  const { document } = plan
  const place = document.places[chosenPlace]
  if (!place) return null
  const parent = parentOf(document, chosenPlace)
  const isSplit = (place.children ?? []).length > 0
  return (
    <>
      <Panel id="place" title={place.name} says={told(place)}>
        {[false, true].map((isOfPart) => (
          <ButtonGroup key={String(isOfPart)} className="flex-wrap mb-2 me-1">
            {actsOf(document, chosenPlace)
              .filter((one) => one.isOfPart === isOfPart)
              .map((one) => (
                <Button
                  key={one.title}
                  variant={isOfPart ? 'outline-secondary' : 'outline-primary'}
                  onClick={() => act(one.act(chosenPlace))}
                >
                  {one.title}
                </Button>
              ))}
          </ButtonGroup>
        ))}
        {!isSplit && <Holds place={place} />}
        {parent !== null && <Wish place={place} parent={document.places[parent]} />}
        {isSplit && <SplitFields place={place} />}
        <NameOfPlace place={place} />
        <h3>Behind it</h3>
        <ChoiceFields group="Behind" place={chosenPlace} isOwn />
        {FITTED_OUT[place.holds] !== undefined && (
          <>
            <h3>{FITTED_OUT[place.holds]?.[1]}</h3>
            <ChoiceFields group={FITTED_OUT[place.holds]?.[0] ?? ''} place={chosenPlace} />
          </>
        )}
      </Panel>
      {!isSplit && place.holds !== 'bin' && <Differences place={place} />}
      {!isSplit && (
        <Panel
          id="place-sizes"
          says={
            <>
              <Value of={`${chosenPlace}/cell_width`} before="cell " />
              <Value of={`${chosenPlace}/cell_height`} before=" × " />
            </>
          }
        >
          <Figures place={chosenPlace} names={FIGURES} />
          <AsFound place={chosenPlace} />
        </Panel>
      )}
    </>
  )
}

const FOUND = [
  ['cell_width', 'Width'],
  ['cell_height', 'Height'],
] as const

/** The opening measured again once the case stands: one field for each way, and what is not cut yet follows it. */
function AsFound({ place }: { place: string }) {
  const { plan } = usePlan()
  return (
    <div className="pairs">
      {FOUND.map(([name, title]) => {
        const key = `${place}/${name}`
        return (
          <PlanLength
            key={key}
            label={
              <>
                <Origin origin="as built" />
                {title} as built
              </>
            }
            kept={plan.document.as_built?.[key] ?? null}
            placeholder="as planned"
            after="Of the opening, where the case stands: what is not cut yet follows it."
            act={(length) => ({ do: 'cut-as', key, length })}
            called={`Opening, ${title.toLowerCase()} as built`}
            emptied={`Opening, ${title.toLowerCase()} as built: taken out`}
            field={`as_built/${key}`}
          />
        )
      })}
    </div>
  )
}

function Holds({ place }: { place: Place }) {
  const { chosenPlace } = useSelection()
  const { act } = useCommands()
  return (
    <Form.Group controlId="holds" className="mb-2">
      <Form.Label className="mb-0">Holds</Form.Label>
      <Form.Select
        value={place.holds}
        onChange={(event) => {
          const holds = event.target.value as (typeof HOLDS)[number][0]
          act({ do: 'hold', place: chosenPlace, holds })
        }}
      >
        {HOLDS.map(([value, title]) => (
          <option key={value} value={value}>
            {title}
          </option>
        ))}
      </Form.Select>
    </Form.Group>
  )
}
