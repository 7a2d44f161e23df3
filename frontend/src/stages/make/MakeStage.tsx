import Button from 'react-bootstrap/Button'
import { Fractions } from '../../lengths/Num'
import { WrittenField } from '../../lengths/WrittenField'
import { put } from '../../plan/acts'
import { cellsOf } from '../../plan/layout'
import { useCommands, usePlan, useSelection } from '../../plan/PlanDesk'
import { PlanLength } from '../../plan/PlanLength'
import { useLabel } from '../../reasons/labels'
import { Origin } from '../../reasons/Origin'
import { Size } from '../../reasons/Size'
import { ChoiceFields } from '../ChoiceFields'
import { Alternatives } from './Alternatives'
import { Case } from './Case'
import { Materials } from './Materials'
import { RunnerLibrary } from './RunnerLibrary'
import { Tools } from './Tools'

const FIGURES = [
  ['Outside', ['outside_width', 'outside_depth', 'outside_height']],
  ['Inside', ['inside_width', 'inside_depth', 'inside_height']],
  ['Front', ['front_width_cut', 'front_height_cut', 'gap_beside']],
  ['Runner', ['runner_length', 'runner_line_built', 'runner_play_built']],
] as const

/** How it is made: stock, joint, bottom, runner, front; set once for the whole plan. */
export function MakeStage() {
  const { plan } = usePlan()
  const { chosenPlace } = useSelection()
  const boxes = cellsOf(plan.document).filter((one) => ['drawer', 'tray'].includes(one.place.holds))
  const shown = boxes.find((one) => one.id === chosenPlace) ?? boxes[0]
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
      <Materials />
      <Tools />
      <h2>Corner joint</h2>
      <Alternatives family="joint" choice="joint" />
      <ChoiceFields group="Box" onlyAsked />
      <h2>Bottom</h2>
      <Alternatives family="bottom" choice="bottom" />
      <ChoiceFields group="Bottom" onlyAsked />
      <h2>Runners</h2>
      <Alternatives family="runner" choice="runner" />
      <RunnerLibrary />
      <Runner />
      <ChoiceFields group="Runners" onlyAsked />
      <h2>Front</h2>
      <Alternatives family="front" choice="front" />
      <ChoiceFields group="Front" onlyAsked />
      <h2>Pulls</h2>
      <Alternatives family="pull" choice="pull" />
      <ChoiceFields group="Pull" onlyAsked />
      {boxes.length > 1 && (
        <>
          <h2>Surplus of a column of fronts</h2>
          <Alternatives family="surplus" choice="surplus" />
        </>
      )}
      <Case />
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
  const labelOf = useLabel()
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
                  <small className="other d-block">{shortLabel(labelOf(key))}</small>
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
  const { plan } = usePlan()
  const { act } = useCommands()
  const id = plan.document.choices[choice] ?? ''
  const sheet = plan.document.library.sheets?.[id]
  if (!sheet) return null
  const path = `/library/sheets/${id}/measured`
  const field = `sheets/${id}`
  return (
    <div>
      <PlanLength
        label={
          <>
            <Origin origin={sheet.measured ? 'measured' : 'assumed'} />
            <span>
              <Fractions>{`${title}: ${sheet.name}`}</Fractions>
            </span>
          </>
        }
        kept={sheet.measured ?? null}
        placeholder={`assumed ${sheet.nominal}`}
        after={
          <Fractions>
            {sheet.often ? `Sold as ${sheet.nominal}; often measures ${sheet.often}.` : ''}
          </Fractions>
        }
        act={(text) => ({ do: 'enter', path, text })}
        called={`${sheet.name} measured`}
        emptied={`${sheet.name} no longer measured`}
        field={field}
      />
      {!sheet.measured && (
        <Button
          size="sm"
          variant="outline-secondary"
          onClick={() => act({ do: 'enter', path, text: sheet.nominal }, `${sheet.name} measured`, field)}
        >
          <Fractions>{`It measures ${sheet.nominal}`}</Fractions>
        </Button>
      )}
    </div>
  )
}

const RUNNER_FIELDS = [
  ['side_clearance', 'Clearance, one side'],
  ['height', 'Height'],
  ['metal', "Metal under a screw's head"],
] as const

const HOLES = [
  ['case_holes', 'Holes, cabinet member'],
  ['box_holes', 'Holes, drawer member'],
] as const

function Runner() {
  const { plan } = usePlan()
  const { edit, act } = useCommands()
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
        {RUNNER_FIELDS.map(([name, title]) => (
          <PlanLength
            key={name}
            label={title}
            kept={runner[name]}
            act={(typed) => ({ do: 'measure-runner', runner: id, name, length: typed ?? '' })}
            called={`Runner ${title.toLowerCase()}`}
            needed="A runner has this size; measure it."
            field={`${id}/${name}`}
          />
        ))}
      </div>
      <div className="pairs">
        {HOLES.map(([name, title]) => (
          <WrittenField
            key={name}
            label={title}
            kept={(runner[name] ?? []).join('; ') || null}
            placeholder="1 1/2; 9; 13 1/4"
            after="From its front end, with semicolons between."
            onKeep={(text) =>
              edit(
                { do: 'enter', path: `${at}/${name}`, text, reads: 'lengths' },
                `Runner ${title.toLowerCase()}${text === null ? ': not said' : ''}`,
                `${id}/${name}`,
              )
            }
          />
        ))}
      </div>
      <div className="pairs">
        <WrittenField
          label="What a pair carries"
          kept={runner.rating ?? null}
          placeholder="not said"
          after="At its length, as its sheet says."
          onKeep={(kept) =>
            edit(
              { do: 'enter', path: `${at}/rating`, text: kept, reads: 'weight' },
              kept === null ? 'What a pair carries: not said' : 'A pair carries',
              `${id}/rating`,
            )
          }
        />
        <WrittenField
          label="Price of a pair"
          kept={runner.price ?? null}
          placeholder="not said"
          onKeep={(kept) => edit(put(`${at}/price`, kept), `A pair costs ${kept}`, `${id}/price`)}
        />
      </div>
      {!runner.measured && (
        <Button
          size="sm"
          variant="outline-secondary"
          className="mb-2"
          onClick={() => act(put(`${at}/measured`, true), 'Runner measured')}
        >
          The pair in hand measures this
        </Button>
      )}
    </>
  )
}
