import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import type { PlanDocument, Schemas } from '../../api/client'
import { Panel } from '../../panels/Panel'
import { put } from '../../plan/acts'
import { useQuantity } from '../../plan/onScreen'
import { useCommands, usePlan } from '../../plan/PlanDesk'
import { PlanLength } from '../../plan/PlanLength'
import { Profile } from './Profile'

type Likely = Schemas['Likely']
type Obstruction = NonNullable<PlanDocument['obstructions']>[string]
type Side = Obstruction['on']
type Stretch = 'projection_above' | 'from_floor' | 'height' | 'from_left' | 'width' | 'from_front' | 'depth'

const WHAT: Record<Obstruction['what'], string> = {
  hinge: 'Hinge',
  door_edge: 'Edge of an open door',
  frame_lip: 'Lip of a face frame',
  centre_stile: 'Centre stile',
  pipe: 'Pipe or water line',
  socket: 'Socket, plug and cord',
  lock: 'Lock',
  dog_hole: 'Bench dog below its hole',
  wheel_arch: 'Wheel arch',
  seat_back: 'Seat back',
  anchor: 'Floor anchor',
  sill: 'Sill',
  runner: 'Runner that stays empty',
  baseboard: 'Baseboard',
  missing_wall: 'Partition where a side wall is missing',
  stone_top: 'Stone top and its stiffener',
  other: 'Something else',
}

const SIDES: Record<Side, string> = {
  left: 'from the left',
  right: 'from the right',
  back: 'before the back',
  floor: 'on the floor',
  top: 'from the top',
}

const UP: [Stretch, string, string][] = [
  ['from_floor', 'Begins above the floor', 'the floor'],
  ['height', 'How high it is', 'all the way up'],
]
const LEANING: [Stretch, string, string] = ['projection_above', 'At its upper end, where it leans', 'upright']
const ACROSS: [Stretch, string, string][] = [
  ['from_left', 'Begins from the left edge', 'the left edge'],
  ['width', 'How wide it is', 'all the way across'],
]
const IN: [Stretch, string, string][] = [
  ['from_front', 'Begins behind the front', 'the front'],
  ['depth', 'How far in it goes', 'all the way in'],
]
const STRETCHES: Record<Side, [Stretch, string, string][]> = {
  left: [LEANING, ...UP, ...IN],
  right: [LEANING, ...UP, ...IN],
  back: [LEANING, ...UP, ...ACROSS],
  floor: [...ACROSS, ...IN],
  top: [...ACROSS, ...IN],
}
const IN_PROFILE: Stretch[] = ['projection_above', 'from_floor', 'height']

/** What stands in the way in one space: it takes room from the cells beside it, and from no other. */
export function InTheWay({ space, likely }: { space: string; likely: Likely[] }) {
  const { plan } = usePlan()
  const here = Object.entries(plan.document.obstructions ?? {}).filter(([, one]) => one.space === space)
  const isAround = useIsAround(space)
  return (
    <Panel id="in-the-way" says={here.map(([, one]) => one.name.toLowerCase()).join(', ') || 'nothing said'}>
      <p className="lead-in">
        {isAround
          ? 'The case ends before them, or stands above them.'
          : 'Only the cells beside them lose width, depth or height.'}{' '}
        They can be dragged in the elevation.
      </p>
      <ul className="in-the-way">
        {here.map(([id, one]) => (
          <li key={id}>
            <Standing id={id} one={one} />
          </li>
        ))}
      </ul>
      <Another key={space} space={space} likely={likely} />
    </Panel>
  )
}

/** Whether a case is built into the space, so that what is in the way is around it and not in its cells. */
const useIsAround = (space: string) => useQuantity(`${space}/lost_below`) !== undefined

function Standing({ id, one }: { id: string; one: Obstruction }) {
  const { act } = useCommands()
  const canBeBelow = useIsAround(one.space) && one.on !== 'top'
  const isOnSide = one.on === 'left' || one.on === 'right'
  const hasProfile = (one.profile ?? []).length > 0
  const canLean = isOnSide || one.on === 'back'
  const canStop = one.on !== 'back' && !hasProfile && one.projection_above == null && one.from_front != null
  const at = (name: string) => `/obstructions/${id}/${name}`
  return (
    <>
      <div className="d-flex flex-wrap align-items-baseline gap-2">
        <strong className="me-auto">
          {one.name}, <span className="other">{SIDES[one.on]}</span>
        </strong>
        {canBeBelow && one.passes !== 'before' && (
          <Form.Check
            id={`${id}-above`}
            label="the case stands above it"
            checked={one.passes === 'above'}
            onChange={(event) =>
              act(
                put(at('passes'), event.target.checked ? 'above' : 'beside'),
                `${one.name}: the case ${event.target.checked ? 'stands above it' : 'ends before it'}`,
              )
            }
          />
        )}
        {canStop && (
          <Form.Check
            id={`${id}-before`}
            label="boxes end before it"
            checked={one.passes === 'before'}
            onChange={(event) =>
              act(
                put(at('passes'), event.target.checked ? 'before' : 'beside'),
                `${one.name}: boxes ${event.target.checked ? 'end before it' : 'go past it'}`,
              )
            }
          />
        )}
        {isOnSide && (
          <Form.Check
            id={`${id}-both`}
            label="the same on the other side"
            checked={one.both_sides ?? false}
            onChange={(event) =>
              act(
                put(at('both_sides'), event.target.checked),
                `${one.name}: ${event.target.checked ? 'both sides' : 'one side'}`,
              )
            }
          />
        )}
        <Button
          size="sm"
          variant="outline-secondary"
          onClick={() => act({ do: 'take-away', obstruction: id })}
        >
          Take away
        </Button>
      </div>
      <div className="pairs">
        {!hasProfile && (
          <PlanLength
            label="Stands in by"
            kept={one.projection}
            act={(text) => ({ do: 'enter', path: at('projection'), text })}
            called={`${one.name} stands in by`}
            needed="It stands in by something; take it away instead."
            field={`${id}/projection`}
          />
        )}
        {STRETCHES[one.on]
          .filter(([name]) => !(hasProfile && IN_PROFILE.includes(name)))
          .map(([name, title, otherwise]) => (
            <PlanLength
              key={name}
              label={title}
              kept={one[name] ?? null}
              placeholder={otherwise}
              act={(text) => ({ do: 'enter', path: at(name), text })}
              called={`${one.name}, ${title.toLowerCase()}`}
              emptied={`${one.name}: ${title.toLowerCase()} ${otherwise}`}
              field={`${id}/${name}`}
            />
          ))}
      </div>
      {canLean && one.passes !== 'before' && <Profile id={id} one={one} />}
    </>
  )
}

function Another({ space, likely }: { space: string; likely: Likely[] }) {
  const { plan } = usePlan()
  const [what, setWhat] = useState<Obstruction['what']>('hinge')
  const [on, setOn] = useState<Side>('left')
  const [picked, setPicked] = useState<Likely | null>(null)
  const name = picked?.name ?? WHAT[what]
  return (
    <fieldset className="another">
      <legend className="visually-hidden">Another thing in the way</legend>
      <div className="d-flex flex-wrap gap-1 align-items-baseline">
        <span className="me-1">Look for</span>
        {likely.map((one) => (
          <Button
            key={one.name}
            size="sm"
            variant={picked === one ? 'primary' : 'outline-secondary'}
            aria-pressed={picked === one}
            onClick={() => {
              setPicked(one)
              setWhat(one.what as Obstruction['what'])
              setOn(one.on)
            }}
          >
            {one.name}
          </Button>
        ))}
      </div>
      <p className="lead-in mb-1">
        {picked?.hint ?? 'Each with what it takes; press one, then say how far it stands in.'}
      </p>
      <div className="pairs">
        <Form.Group controlId="what-is-it">
          <Form.Label className="mb-0">What it is</Form.Label>
          <Form.Select
            value={what}
            onChange={(event) => {
              setWhat(event.target.value as Obstruction['what'])
              setPicked(null)
            }}
          >
            {Object.entries(WHAT).map(([value, title]) => (
              <option key={value} value={value}>
                {title}
              </option>
            ))}
          </Form.Select>
        </Form.Group>
        <Form.Group controlId="where-is-it">
          <Form.Label className="mb-0">Where it stands in</Form.Label>
          <Form.Select value={on} onChange={(event) => setOn(event.target.value as Side)}>
            {Object.entries(SIDES).map(([value, title]) => (
              <option key={value} value={value}>
                {title}
              </option>
            ))}
          </Form.Select>
        </Form.Group>
        <PlanLength
          key={Object.keys(plan.document.obstructions ?? {}).length}
          label="How far it stands in"
          kept={null}
          after="With its size it is there, and the cells beside it give way."
          act={(typed) => ({ do: 'obstruct', name, what, space, on, projection: typed ?? '' })}
          called={`${name} ${SIDES[on]}`}
        />
      </div>
    </fieldset>
  )
}
