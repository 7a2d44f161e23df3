import { keepPreviousData, useQuery } from '@tanstack/react-query'
import Button from 'react-bootstrap/Button'
import { answered, client, type Schemas } from '../../api/client'
import { useCatalogue } from '../../api/queries'
import { LengthField } from '../../lengths/LengthField'
import { Fractions } from '../../lengths/Num'
import { cellsOf } from '../../plan/layout'
import { useDesk } from '../../plan/PlanDesk'
import { put } from '../../plan/patches'
import { Origin } from '../../reasons/Origin'
import { Size } from '../../reasons/Size'
import { ChoiceFields } from '../ChoiceFields'
import { AlternativePicture } from './Pictures'
import { RunnerLibrary } from './RunnerLibrary'

const FIGURES = [
  ['Outside', ['outside_width', 'outside_depth', 'outside_height']],
  ['Inside', ['inside_width', 'inside_depth', 'inside_height']],
  ['Front', ['front_width_cut', 'front_height_cut', 'gap_beside']],
  ['Runner', ['runner_length', 'runner_line_built', 'runner_play_built']],
] as const

/** How it is made: stock, joint, bottom, runner, front; set once for the whole plan. */
export function MakeStage() {
  const { plan, chosenPlace } = useDesk()
  const boxes = cellsOf(plan.document).filter((one) => ['drawer', 'tray'].includes(one.place.holds))
  const shown = boxes.find((one) => one.id === chosenPlace) ?? boxes[0]
  const isOverlay =
    Object.values(plan.document.places).some((one) => one.choices?.front === 'overlay') ||
    plan.document.choices.front === 'overlay'
  return (
    <div data-ready>
      <h1>Make</h1>
      <p className="lead-in">
        Measure the stock in your hand. What is only assumed carries a broken ring, and so does what rests on
        it.
      </p>
      {boxes.length > 1 && <p className="lead-in mb-0">{shown?.place.name}:</p>}
      {shown && <Results drawer={shown.id} />}
      <h2>Stock</h2>
      <div className="pairs">
        <Sheet choice="side_sheet" title="Sides, front and back" />
        <Sheet choice="bottom_sheet" title="Bottom" />
        <Sheet choice="front_sheet" title="Applied front" />
      </div>
      <h2>Corner joint</h2>
      <Alternatives family="joint" choice="joint" />
      <ChoiceFields group="Box" />
      <h2>Bottom</h2>
      <Alternatives family="bottom" choice="bottom" />
      <ChoiceFields group="Bottom" />
      <h2>Runners</h2>
      <Alternatives family="runner" choice="runner" />
      <RunnerLibrary />
      <Runner />
      <ChoiceFields group="Runners" />
      <h2>Front</h2>
      <Alternatives family="front" choice="front" />
      <ChoiceFields group="Front" without={isOverlay ? [] : ['end_panel_thickness', 'reveal']} />
      {boxes.length > 1 && (
        <>
          <h2>Surplus of a column of fronts</h2>
          <Alternatives family="surplus" choice="surplus" />
        </>
      )}
      <h2>Weight</h2>
      <ChoiceFields group="Weight" />
      <h2>Screws</h2>
      <ChoiceFields group="Screws" />
      <h2>Shop</h2>
      <ChoiceFields group="Shop" />
    </div>
  )
}

function Results({ drawer }: { drawer: string }) {
  const { solution } = useDesk()
  return (
    <table className="figures">
      <thead>
        <tr className="visually-hidden">
          <th scope="col">What</th>
          <th scope="col">First size</th>
          <th scope="col">Second size</th>
          <th scope="col">Third size</th>
        </tr>
      </thead>
      <tbody>
        {FIGURES.map(([title, names]) => (
          <tr key={title}>
            <th scope="row">{title}</th>
            {names.map((name) => {
              const key = `${drawer}/${name}`
              return (
                <td key={name}>
                  <small className="other d-block">{shortLabel(solution.quantities[key]?.label ?? '')}</small>
                  <Size of={key} plain />
                </td>
              )
            })}
          </tr>
        ))}
      </tbody>
    </table>
  )
}

const shortLabel = (label: string) =>
  label
    .replace(/^(outside|inside|front|runner) /, '')
    .replace(', cut', '')
    .replace(', as it comes out', '')

function Sheet({ choice, title }: { choice: string; title: string }) {
  const { plan, edit, act, preview } = useDesk()
  const id = plan.document.choices[choice] ?? ''
  const sheet = plan.document.library.sheets?.[id]
  if (!sheet) return null
  const patch = (kept: string | null) => () => [put(`/library/sheets/${id}/measured`, kept)]
  const change = (kept: string | null) => ({
    patch: patch(kept),
    label: `${sheet.name} ${kept === null ? 'no longer measured' : `measured: ${kept}`}`,
    field: `sheets/${id}`,
  })
  return (
    <div>
      <LengthField
        label={
          <>
            <Origin origin={sheet.measured ? 'measured' : 'assumed'} />
            <span>
              <Fractions>{`${title}: ${sheet.name}`}</Fractions>
            </span>
          </>
        }
        kept={sheet.measured ?? null}
        unit={plan.document.units.length}
        placeholder={`assumed ${sheet.nominal}`}
        after={
          <Fractions>
            {sheet.often ? `Sold as ${sheet.nominal}; often measures ${sheet.often}.` : ''}
          </Fractions>
        }
        onType={(kept) => preview(kept === null ? null : patch(kept))}
        onKeep={(kept) => edit(change(kept))}
      />
      {!sheet.measured && (
        <Button size="sm" variant="outline-secondary" onClick={() => act(change(sheet.nominal))}>
          <Fractions>{`It measures ${sheet.nominal}`}</Fractions>
        </Button>
      )}
    </div>
  )
}

function Alternatives({ family, choice }: { family: string; choice: string }) {
  const { plan, act } = useDesk()
  const catalogue = useCatalogue()
  const weighed = useWeighed(family)
  const all = catalogue.data?.alternatives.filter((one) => one.family === family) ?? []
  const isLong = all.length > 4
  const fallback = catalogue.data?.choosables.find((one) => one.name === choice)?.default_in
  const chosen =
    family === 'runner'
      ? plan.document.library.runners?.[plan.document.choices.runner ?? '']?.kind
      : (plan.document.choices[choice] ?? fallback)
  return (
    <fieldset className={`kind-cards${isLong ? ' kind-cards--compact' : ''}`}>
      <legend className="visually-hidden">{family}</legend>
      {all.map((one) => (
        <label key={one.kind} className="kind-card">
          <input
            type="radio"
            name={family}
            checked={one.value === chosen}
            onChange={() => {
              const patch = weighed?.find((other) => other.kind === one.kind)?.patch
              act({
                patch: () => patch ?? [put(`/choices/${choice}`, one.value)],
                label: one.title,
                field: '',
              })
            }}
          />
          <AlternativePicture kind={one.kind} />
          <strong>{one.title}</strong>
          {!isLong && <small>{one.about}</small>}
          <Cost of={weighed?.find((other) => other.kind === one.kind)} />
        </label>
      ))}
      {isLong && <p className="lead-in about">{all.find((one) => one.value === chosen)?.about}</p>}
    </fieldset>
  )
}

/** What one alternative would cost and gain in this plan. */
function Cost({ of }: { of: Schemas['Weighed'] | undefined }) {
  if (!of) return null
  return (
    <small className="cost">
      {of.is_chosen ? `${of.volume} inside` : of.more || 'as much inside'}
      {`, ${of.parts} parts, pull ${of.pull}`}
      {of.stops > 0 && <span className="stops" title={of.says}>{`, ${of.stops} to look at`}</span>}
    </small>
  )
}

/** Asked anew for each revision; families that are not weighed have none. */
function useWeighed(family: string) {
  const { plan } = useDesk()
  const asked = useQuery({
    queryKey: ['weighed', plan.id, plan.revision, family],
    queryFn: () =>
      answered(
        client.GET('/api/plans/{plan_id}/alternatives', {
          params: { path: { plan_id: plan.id }, query: { family } },
        }),
      ),
    enabled: ['joint', 'bottom', 'front', 'runner'].includes(family),
    placeholderData: keepPreviousData,
  })
  return asked.data?.alternatives
}

const RUNNER_FIELDS = [
  ['side_clearance', 'Clearance, one side'],
  ['height', 'Height'],
  ['metal', "Metal under a screw's head"],
] as const

function Runner() {
  const { plan, edit, act, preview } = useDesk()
  const id = plan.document.choices.runner ?? ''
  const runner = plan.document.library.runners?.[id]
  if (!runner) return null
  const at = `/library/runners/${id}`
  return (
    <>
      <p className="mb-1">
        <Origin origin={runner.measured ? 'measured' : 'assumed'} /> {runner.name},{' '}
        {runner.measured ? 'the pair in hand' : 'not measured yet'}
      </p>
      <div className="pairs">
        {RUNNER_FIELDS.map(([name, title]) => {
          const patch = (kept: string) => () => [put(`${at}/${name}`, kept), put(`${at}/measured`, true)]
          return (
            <LengthField
              key={name}
              label={title}
              kept={runner[name]}
              unit={plan.document.units.length}
              onType={(kept) => preview(kept === null ? null : patch(kept))}
              onKeep={async (kept) =>
                kept === null
                  ? 'A runner has this size; measure it.'
                  : edit({ patch: patch(kept), label: `Runner ${title}: ${kept}`, field: `${id}/${name}` })
              }
            />
          )
        })}
      </div>
      {!runner.measured && (
        <Button
          size="sm"
          variant="outline-secondary"
          className="mb-2"
          onClick={() =>
            act({ patch: () => [put(`${at}/measured`, true)], label: 'Runner measured', field: '' })
          }
        >
          The pair in hand measures this
        </Button>
      )}
    </>
  )
}
