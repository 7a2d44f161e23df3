import type { ReactNode } from 'react'
import Button from 'react-bootstrap/Button'
import { WrittenField } from '../../lengths/WrittenField'
import { Panel } from '../../panels/Panel'
import { type PanelId, panelOf } from '../../panels/panels'
import { put } from '../../plan/acts'
import { cellsOf } from '../../plan/layout'
import { useCommands, usePlan, useSelection } from '../../plan/PlanDesk'
import { PlanLength } from '../../plan/PlanLength'
import { Origin } from '../../reasons/Origin'
import { Size } from '../../reasons/Size'
import { Value } from '../../reasons/Value'
import { ChoiceFields } from '../ChoiceFields'
import { Alternatives } from './Alternatives'
import { Case } from './Case'
import { useChosenTitle } from './chosen'
import { Dividers } from './Dividers'
import { Inside } from './Inside'
import { Materials } from './Materials'
import { OwnGoods, OwnParts } from './OwnParts'
import { RunnerLibrary } from './RunnerLibrary'
import { Shelves } from './Shelves'
import { Stock } from './Stock'
import { Tools } from './Tools'

const FIGURES = [
  ['Outside', { width: 'outside_width', depth: 'outside_depth', height: 'outside_height' }],
  ['Inside', { width: 'inside_width', depth: 'inside_depth', height: 'inside_height' }],
  ['Front', { width: 'front_width_cut', height: 'front_height_cut', 'gap beside': 'gap_beside' }],
  ['Runner', { length: 'runner_length', line: 'runner_line_built', play: 'runner_play_built' }],
] as const

/** How it is made, panel by panel: set once for the whole plan. */
export function MakeStage() {
  const { plan } = usePlan()
  const { chosenPlace } = useSelection()
  const boxes = cellsOf(plan.document).filter((one) => ['drawer', 'tray'].includes(one.place.holds))
  const shown = boxes.find((one) => one.id === chosenPlace) ?? boxes[0]
  const { quantities } = plan.solution
  const size = (name: string, before = ', ', after = '') => {
    const own = `${shown?.id}/${name}`
    return <Value of={own in quantities ? own : `plan/${name}`} before={before} after={after} />
  }
  return (
    <div data-ready>
      <h1>Make</h1>
      {shown && (
        <Panel
          id="drawer"
          title={boxes.length > 1 ? `${shown.number} ${shown.place.name}` : shown.place.name}
          says={
            <>
              outside {size('outside_width', '')} × {size('outside_depth', '')} × {size('outside_height', '')}
            </>
          }
        >
          <Results drawer={shown.id} />
        </Panel>
      )}
      <FamilyPanel
        id="runners"
        family="runner"
        figures={
          <>
            {size('runner_length')}
            {size('runner_side_clearance', ', ', ' a side')}
            {size('tray_travel', ', it goes back ')}
            {size('back_rest', ', the old back is cut down to ')}
          </>
        }
      >
        <Runner />
        <RunnerLibrary />
      </FamilyPanel>
      <FamilyPanel id="front" family="front" figures={size('gap', ', gap ')}>
        {boxes.length > 1 && (
          <>
            <h3>Surplus of a column of fronts</h3>
            <Alternatives family="surplus" />
          </>
        )}
      </FamilyPanel>
      <FamilyPanel id="pull" family="pull" />
      <FamilyPanel id="box" family="joint" figures={size('side_thickness', ', sides ')} />
      <FamilyPanel id="bottom" family="bottom" figures={size('bottom_thickness')} />
      <Inside />
      <Stock />
      <Case />
      <Dividers />
      <Shelves />
      <OwnParts />
      <OwnGoods />
      <Panel id="weight" says={size('carried_weight', 'carried in ')}>
        <ChoiceFields group="Weight" />
      </Panel>
      <Panel id="screws" says={<Value of="plan/front_screw_length" before="front screw " />}>
        <ChoiceFields group="Screws" />
      </Panel>
      <Materials />
      <Tools />
      <Panel id="shop" says={<Value of="plan/blade_kerf" before="kerf " />}>
        <ChoiceFields group="Workshop" />
      </Panel>
    </div>
  )
}

/** A family of alternatives with the sizes that go with it. */
function FamilyPanel({
  id,
  family,
  figures,
  children,
}: {
  id: PanelId
  family: string
  figures?: ReactNode
  children?: ReactNode
}) {
  const title = useChosenTitle(family)
  return (
    <Panel
      id={id}
      says={
        <>
          {title}
          {figures}
        </>
      }
    >
      <Alternatives family={family} />
      {panelOf(id).groups?.map((group) => (
        <ChoiceFields key={group} group={group} onlyAsked />
      ))}
      {children}
    </Panel>
  )
}

function Results({ drawer }: { drawer: string }) {
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
            {Object.entries(names).map(([caption, name]) => (
              <td key={name}>
                <small className="other d-block">{caption}</small>
                <Size of={`${drawer}/${name}`} plain />
              </td>
            ))}
          </tr>
        ))}
      </tbody>
    </table>
  )
}

const RUNNER_FIELDS = [
  ['side_clearance', 'Clearance, one side'],
  ['height', 'Height'],
  ['metal', "Metal under a screw's head"],
] as const

const LISTS = [
  ['stock_lengths', 'Lengths it is sold in', '12; 14; 16'],
  ['case_holes', 'Holes, cabinet member', '1 1/2; 9; 13 1/4'],
  ['box_holes', 'Holes, drawer member', '1 1/2; 9; 13 1/4'],
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
        {LISTS.map(([name, title, example]) => (
          <WrittenField
            key={name}
            label={title}
            kept={(runner[name] ?? []).join('; ') || null}
            placeholder={example}
            after={
              name === 'stock_lengths'
                ? 'With semicolons between.'
                : 'From its front end, with semicolons between.'
            }
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
