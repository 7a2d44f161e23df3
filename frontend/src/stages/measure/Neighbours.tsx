import { useCatalogue } from '../../api/queries'
import { Panel } from '../../panels/Panel'
import { usePlan } from '../../plan/PlanDesk'
import { Figures } from '../../reasons/Figures'
import { ChoiceFields } from '../ChoiceFields'
import { Mattress } from './Mattress'

/** A group of choices: what it is called here, what asks for it to be open, and what is worked out of it. */
const GROUPS: Record<string, { title: string; about: string; worked: string[] }> = {
  'Kept runners': {
    title: 'Runners that stay',
    about:
      'The new box comes from the old one and the pads; its height from the lowest to the highest runner.',
    worked: [],
  },
  'Height to match': {
    title: 'A height to match',
    about: 'Casters, base, case and top add up to it; leave one of them open.',
    worked: ['height_left_open', 'toe_kick', 'caster_inset', 'caster_load'],
  },
  Bed: {
    title: 'A bed on it',
    about: 'Measure the mattress; a middle support makes drawers from both sides meet there.',
    worked: ['margin_across', 'margin_along', 'base_width', 'base_length', 'half_depth', 'sleeping_height'],
  },
  'Way in': {
    title: 'The way in',
    about: 'What is built outside must pass the door, the hatch or the mouth, and turn into place.',
    worked: [],
  },
  'In front': {
    title: 'Room in front',
    about: 'What comes out needs its travel and room to stand; a door must swing out of the way.',
    worked: [],
  },
  Vehicle: {
    title: 'Load, lid, mats and deck',
    about: 'What the papers allow, what the anchors hold, and what slides out.',
    worked: [
      'payload_share',
      'anchor_force',
      'hinge_line',
      'mat_width',
      'mat_length',
      'deck_inside',
      'keeper_force',
    ],
  },
}

/** What the space has to go with: what such a space asks for first and what was said stand open. */
export function Neighbours({ space, asks }: { space: string; asks: string[] }) {
  const { plan } = usePlan()
  const choosables = useCatalogue().data?.choosables ?? []
  const chosen = plan.document.spaces[space]?.choices ?? {}
  const isSaid = (group: string) => choosables.some((one) => one.group === group && one.name in chosen)
  const told = [...new Set([...asks, ...Object.keys(GROUPS).filter(isSaid)])]
  const others = Object.keys(GROUPS).filter((group) => !asks.includes(group))
  return (
    <Panel
      id="beside"
      says={told.map((group) => GROUPS[group]?.title.toLowerCase()).join(', ') || 'nothing said'}
    >
      {[...asks, ...others].map((group) => (
        <details key={group} open={group === asks[0] || isSaid(group)} className="mb-2">
          <summary className="fw-semibold">{GROUPS[group]?.title ?? group}</summary>
          <p className="lead-in mb-1">{GROUPS[group]?.about}</p>
          {group === 'Bed' && <Mattress space={space} />}
          <ChoiceFields group={group} place={space} />
          <Figures place={space} names={GROUPS[group]?.worked ?? []} />
        </details>
      ))}
    </Panel>
  )
}
