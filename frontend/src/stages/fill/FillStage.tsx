import Button from 'react-bootstrap/Button'
import ButtonGroup from 'react-bootstrap/ButtonGroup'
import Form from 'react-bootstrap/Form'
import type { PatchStep, PlanDocument } from '../../api/client'
import { LengthField } from '../../lengths/LengthField'
import { Num } from '../../lengths/Num'
import { type Place, parentOf, walk, withoutPlace, withSizes, withSplit } from '../../plan/layout'
import { useDesk } from '../../plan/PlanDesk'
import { put, withPlaceChoice } from '../../plan/patches'
import { Size } from '../../reasons/Size'

const HOLDS = [
  ['drawer', 'Drawer with a front'],
  ['tray', 'Pull-out tray, no front'],
  ['shelf', 'Shelf'],
  ['open', 'Open bay'],
  ['false_front', 'False front'],
  ['blocked', 'Blocked'],
] as const

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
  const { plan, solution, chosenPlace, choosePlace } = useDesk()
  const places = walk(plan.document)
  return (
    <div data-ready>
      <h1>Fill</h1>
      <p className="lead-in">
        Choose a cell in the drawing or here, then divide it. Rows over each other without rails share the gap
        between their fronts.
      </p>
      <ul className="layout" aria-label="Layout">
        {places.map(({ id, place, depth, number }) => (
          <li key={id} className={`depth-${Math.min(depth, 5)}`}>
            <button
              type="button"
              className="place"
              aria-pressed={id === chosenPlace}
              onClick={() => choosePlace(id)}
            >
              {number > 0 && <span className="number">{number}</span>}
              <span className="name">{place.name}</span>
              <span className="other">{told(place)}</span>
            </button>
            <span className="height">
              <Num>{solution.quantities[`${id}/cell_width`]?.value?.text ?? 'waits'}</Num> ×{' '}
              <Num>{solution.quantities[`${id}/cell_height`]?.value?.text ?? 'waits'}</Num>
            </span>
            {Object.keys(place.choices ?? {}).length > 0 && (
              <span className="differs" title="Differs from the plan">
                differs
              </span>
            )}
          </li>
        ))}
      </ul>
      <Chosen />
    </div>
  )
}

function told(place: Place): string {
  if (place.holds === 'rows') return place.divider === 'board' ? 'rows with rails' : 'rows without rails'
  if (place.holds === 'columns') return 'columns'
  return HOLDS.find(([value]) => value === place.holds)?.[1] ?? place.holds
}

/** What can be done with the place that is chosen. */
function Chosen() {
  const { plan, chosenPlace, act } = useDesk()
  const { document } = plan
  const place = document.places[chosenPlace]
  if (!place) return null
  const parent = parentOf(document, chosenPlace)
  const change = (label: string, patch: (now: PlanDocument) => PatchStep[], field = '') =>
    act({ patch, label: `${place.name}: ${label}`, field })
  const isSplit = (place.children ?? []).length > 0
  return (
    <section aria-label="Chosen place">
      <h2>{place.name}</h2>
      <ButtonGroup className="flex-wrap mb-2">
        <Button
          variant="outline-primary"
          onClick={() => change('into rows', (now) => withSplit(now, chosenPlace, 'rows', 2))}
        >
          Split into rows
        </Button>
        <Button
          variant="outline-primary"
          onClick={() => change('into columns', (now) => withSplit(now, chosenPlace, 'columns', 2))}
        >
          Split into columns
        </Button>
      </ButtonGroup>{' '}
      {parent !== null && (
        <ButtonGroup className="flex-wrap mb-2">
          <Button
            variant="outline-secondary"
            onClick={() => change('all alike', (now) => withSizes(now, chosenPlace, 'share'))}
          >
            Make equal
          </Button>
          <Button
            variant="outline-secondary"
            onClick={() => change('graduated', (now) => withSizes(now, chosenPlace, 'graduated'))}
          >
            Graduate
          </Button>
          <Button
            variant="outline-secondary"
            onClick={() => change('taken out', (now) => withoutPlace(now, chosenPlace))}
          >
            Take out
          </Button>
        </ButtonGroup>
      )}
      {!isSplit && <Holds place={place} change={change} />}
      {parent !== null && <Wish place={place} parent={document.places[parent]} />}
      {isSplit && place.holds === 'rows' && <SplitOfRows place={place} change={change} />}
      {!isSplit && <Overrides place={place} />}
      {!isSplit && <Figures />}
    </section>
  )
}

type ChangeIt = (label: string, patch: (now: PlanDocument) => PatchStep[], field?: string) => void

function Holds({ place, change }: { place: Place; change: ChangeIt }) {
  const { chosenPlace } = useDesk()
  return (
    <Form.Group controlId="holds" className="mb-2">
      <Form.Label className="mb-0">Holds</Form.Label>
      <Form.Select
        value={place.holds}
        onChange={(event) => {
          const holds = event.target.value
          change(`holds ${holds}`, () => [put(`/places/${chosenPlace}/holds`, holds)])
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

/** How large the place wants to be in its split: a length, or a share of what is left. */
function Wish({ place, parent }: { place: Place; parent: Place | undefined }) {
  const { plan, chosenPlace, solution, edit, act, preview } = useDesk()
  const size = place.size ?? { by: 'share' as const, length: null, share: 1 }
  const what = parent?.holds === 'columns' ? 'width' : 'height'
  const now = solution.quantities[`${chosenPlace}/cell_${what}`]?.value?.text
  const patch = (kept: string | null) => () => [
    put(`/places/${chosenPlace}/size`, {
      by: kept === null ? 'share' : 'fixed',
      length: kept,
      share: size.share ?? 1,
    }),
  ]
  return (
    <div className="pairs">
      <LengthField
        key={chosenPlace}
        label={`Clear ${what}`}
        kept={size.by === 'fixed' ? (size.length ?? null) : null}
        unit={plan.document.units.length}
        placeholder={now ? `${now}, as it comes` : 'as it comes'}
        after="Type a size to fix it; empty it to share what is left."
        onType={(kept) => preview(kept === null ? null : patch(kept))}
        onKeep={(kept) =>
          edit({
            patch: patch(kept),
            label: `${place.name}: ${what} ${kept ?? 'shared'}`,
            field: chosenPlace,
          })
        }
      />
      {size.by === 'share' && (
        <Form.Group controlId="share">
          <Form.Label className="mb-0">Shares of what is left</Form.Label>
          <Form.Select
            value={size.share ?? 1}
            onChange={(event) => {
              const share = Number(event.target.value)
              act({
                patch: () => [put(`/places/${chosenPlace}/size`, { by: 'share', length: null, share })],
                label: `${place.name}: ${share} shares`,
                field: '',
              })
            }}
          >
            {[1, 2, 3, 4, 5].map((count) => (
              <option key={count}>{count}</option>
            ))}
          </Form.Select>
        </Form.Group>
      )}
    </div>
  )
}

function SplitOfRows({ place, change }: { place: Place; change: ChangeIt }) {
  const { plan, chosenPlace, edit, preview } = useDesk()
  const patch = (kept: string | null) => () => [put(`/places/${chosenPlace}/step`, kept)]
  return (
    <div className="pairs">
      <Form.Group controlId="divider">
        <Form.Label className="mb-0">Between the rows</Form.Label>
        <Form.Select
          value={place.divider ?? 'open'}
          onChange={(event) => {
            const divider = event.target.value
            change(divider === 'board' ? 'with rails' : 'without rails', () => [
              put(`/places/${chosenPlace}/divider`, divider),
            ])
          }}
        >
          <option value="open">only the gap of the fronts</option>
          <option value="board">a rail, full depth</option>
        </Form.Select>
      </Form.Group>
      <LengthField
        key={chosenPlace}
        label="Step of graduated rows"
        kept={place.step ?? null}
        unit={plan.document.units.length}
        placeholder="none: all alike"
        after="Each graduated row is larger than the one above by this."
        onType={(kept) => preview(kept === null ? null : patch(kept))}
        onKeep={(kept) =>
          edit({
            patch: patch(kept),
            label: `${place.name}: step ${kept ?? 'none'}`,
            field: `${chosenPlace}/step`,
          })
        }
      />
    </div>
  )
}

const DIFFERS = [
  ['side_sheet', 'Sides of'],
  ['bottom_sheet', 'Bottom of'],
  ['front_sheet', 'Front of'],
] as const

/** Where this drawer differs from the plan; one press goes back. */
function Overrides({ place }: { place: Place }) {
  const { plan, chosenPlace, act } = useDesk()
  const sheets = plan.document.library.sheets ?? {}
  if (place.holds !== 'drawer' && place.holds !== 'tray') return null
  const set = (name: string, value: string | null) =>
    act({
      patch: (now) => withPlaceChoice(now, chosenPlace, name, value),
      label: `${place.name}: ${name.replace('_', ' ')}${value === null ? ' as in the plan' : ''}`,
      field: '',
    })
  return (
    <>
      <h2>Where it differs</h2>
      <div className="pairs">
        {DIFFERS.map(([name, title]) => {
          const own = place.choices?.[name]
          const usual = sheets[plan.document.choices[name] ?? '']?.name
          return (
            <Form.Group key={name} controlId={`differs-${name}`}>
              <Form.Label className="mb-0">{title}</Form.Label>
              <Form.Select value={own ?? ''} onChange={(event) => set(name, event.target.value || null)}>
                <option value="">as in the plan: {usual}</option>
                {Object.entries(sheets).map(([id, sheet]) => (
                  <option key={id} value={id}>
                    {sheet.name}
                  </option>
                ))}
              </Form.Select>
              {own !== undefined && (
                <Button size="sm" variant="link" className="p-0" onClick={() => set(name, null)}>
                  as in the plan again
                </Button>
              )}
            </Form.Group>
          )
        })}
      </div>
    </>
  )
}

function Figures() {
  const { chosenPlace, solution } = useDesk()
  return (
    <table className="figures mt-3">
      <tbody>
        {FIGURES.map((name) => {
          const quantity = solution.quantities[`${chosenPlace}/${name}`]
          return (
            quantity && (
              <tr key={name}>
                <th scope="row">{quantity.label}</th>
                <td>
                  <Size of={`${chosenPlace}/${name}`} />
                </td>
              </tr>
            )
          )
        })}
      </tbody>
    </table>
  )
}
