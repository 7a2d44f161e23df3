import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import type { PlanDocument } from '../../api/client'
import { counted } from '../../lengths/kept'
import { Fractions } from '../../lengths/Num'
import { WrittenField } from '../../lengths/WrittenField'
import { Panel } from '../../panels/Panel'
import { put } from '../../plan/acts'
import { spaceOf } from '../../plan/layout'
import { useCommands, usePlan, useSelection } from '../../plan/PlanDesk'
import { PlanLength } from '../../plan/PlanLength'
import { Value } from '../../reasons/Value'

type Part = NonNullable<PlanDocument['own_parts']>[string]
type Good = NonNullable<PlanDocument['own_goods']>[string]
type Kind = 'own_parts' | 'own_goods'
type Lies = NonNullable<Part['lies']>
type Steps = NonNullable<Part['steps']>
type Outward = NonNullable<Part['outward']>[number]

const LIES: Record<Lies, string> = {
  flat: 'flat, its length across',
  flat_turned: 'flat, its length to the back',
  facing: 'facing you, its length across',
  facing_upright: 'facing you, its length up',
  beside: 'as a side stands, its length to the back',
  beside_upright: 'as a side stands, its length up',
}
const STEPS: Record<Steps, string> = { across: 'to the right', back: 'further back', up: 'higher' }
const CORNER = [
  ['from_left', 'left', 'From the left', 'to the left of the space'],
  ['from_front', 'front', 'Behind the front', 'before the front'],
  ['from_floor', 'floor', 'Above the floor', 'below the floor'],
] as const
const NOTCHES = [
  ['front_notch_wide', 'Front corners: wide'],
  ['front_notch_deep', 'deep'],
  ['back_notch_wide', 'Back corners: wide'],
  ['back_notch_deep', 'deep'],
] as const

/** Parts that no rule makes: a trim, a rack, a long shelf. */
export function OwnParts() {
  const { document } = usePlan().plan
  const { chosenPlace } = useSelection()
  const space = spaceOf(document, chosenPlace)
  const here = Object.entries(document.own_parts ?? {}).filter(([, one]) => one.space === space)
  const pieces = here.reduce((sum, [, one]) => sum + (one.count ?? 1), 0)
  return (
    <Panel id="own-parts" says={pieces === 0 ? 'none' : `${pieces} ${pieces === 1 ? 'piece' : 'pieces'}`}>
      <p className="lead-in">
        What the program does not make by itself: a trim, a long shelf, a rack, a ledge. It is cut, weighed
        and bought with the rest; say how it lies, and it is drawn and looked at for clashes.
      </p>
      <ul className="in-the-way">
        {here.map(([id, one]) => (
          <li key={id}>
            <details data-own={id}>
              <summary>
                <Fractions>{[one.name, partSize(one)].filter(Boolean).join(', ')}</Fractions>
              </summary>
              <PartFields id={id} one={one} />
            </details>
          </li>
        ))}
      </ul>
      <Adding kind="own_parts" space={space} label="Name of the part" button="Add the part" />
    </Panel>
  )
}

/** Things to buy that no rule asks for: a rod, catches, screws of a part of one's own. */
export function OwnGoods() {
  const { document } = usePlan().plan
  const { chosenPlace } = useSelection()
  const space = spaceOf(document, chosenPlace)
  const here = Object.entries(document.own_goods ?? {}).filter(([, one]) => one.space === space)
  return (
    <Panel id="own-goods" says={here.length === 0 ? 'none' : `${here.length} to buy`}>
      <p className="lead-in">
        A rod, catches, brackets, screws of your own parts. Say what a screw passes, and its bite is worked
        out.
      </p>
      <ul className="in-the-way">
        {here.map(([id, one]) => (
          <li key={id}>
            <details data-own={id}>
              <summary>
                <Fractions>
                  {[`${one.count ?? 1} × ${one.name}`, one.length].filter(Boolean).join(', ')}
                </Fractions>
              </summary>
              <GoodFields id={id} one={one} />
            </details>
          </li>
        ))}
      </ul>
      <Adding kind="own_goods" space={space} label="What is bought" button="Add it to the list" />
    </Panel>
  )
}

const partSize = (one: Part) =>
  [(one.count ?? 1) > 1 ? `${one.count} pieces` : '', [one.length, one.width].filter(Boolean).join(' × ')]
    .filter(Boolean)
    .join(', ')

function Adding({
  kind,
  space,
  label,
  button,
}: {
  kind: Kind
  space: string
  label: string
  button: string
}) {
  const { act } = useCommands()
  const [name, setName] = useState('')
  return (
    <Form
      className="d-flex flex-wrap gap-2 align-items-end"
      onSubmit={(event) => {
        event.preventDefault()
        if (name.trim() === '') return
        act({ do: 'add-own', kind, space, name: name.trim() })
        setName('')
      }}
    >
      <Form.Group controlId={`add-${kind}`}>
        <Form.Label className="mb-0">{label}</Form.Label>
        <Form.Control value={name} maxLength={120} onChange={(event) => setName(event.target.value)} />
      </Form.Group>
      <Button type="submit" variant="outline-primary" disabled={name.trim() === ''}>
        {button}
      </Button>
    </Form>
  )
}

function PartFields({ id, one }: { id: string; one: Part }) {
  const { plan } = usePlan()
  const { act } = useCommands()
  const at = (name: string) => `/own_parts/${id}/${name}`
  const length = (name: keyof Part & string, label: string, placeholder = 'not said') => (
    <Length
      key={name}
      at={at(name)}
      kept={(one[name] as string | null) ?? null}
      {...{ label, placeholder }}
    />
  )
  const { sheets = {}, boards = {} } = plan.document.library
  const isRipped = (boards[one.stock ?? '']?.section ?? 'board') === 'board'
  const outward = one.outward ?? []
  const turn = (side: Outward, isOut: boolean) =>
    act(
      put(at('outward'), isOut ? [...outward, side] : outward.filter((other) => other !== side)),
      `Where ${one.name} stands`,
    )
  return (
    <>
      <Name kind="own_parts" id={id} one={one} />
      <div className="pairs">
        {length('length', 'Length')}
        {isRipped && length('width', 'Width')}
        <Count kind="own_parts" id={id} one={one} />
        {!one.stock && length('thickness', 'Thickness')}
      </div>
      <Choice
        id={`${id}-stock`}
        label="Cut from"
        value={one.stock ?? ''}
        options={[
          ['', 'something else'],
          ...Object.entries({ ...sheets, ...boards }).map(([row, its]) => [row, its.name] as const),
        ]}
        onChoose={(value, said) => act(put(at('stock'), value || null), `${one.name}: ${said}`)}
      />
      <Choice
        id={`${id}-lies`}
        label="It lies"
        value={one.lies ?? ''}
        options={[['', 'where I know; it is not drawn'], ...(Object.entries(LIES) as [string, string][])]}
        onChoose={(value, said) => act(put(at('lies'), value || null), `${one.name} lies ${said}`)}
      />
      {one.lies && (
        <>
          <div className="pairs">
            {CORNER.map(([name, side, label, out]) => (
              <div key={name}>
                {length(name, label, '0')}
                <Form.Check
                  id={`${id}-${side}`}
                  label={out}
                  checked={outward.includes(side)}
                  onChange={(event) => turn(side, event.target.checked)}
                />
              </div>
            ))}
            {(one.count ?? 1) > 1 && length('step', 'From one to the next', '0')}
          </div>
          <Form.Check
            id={`${id}-is-wall`}
            label="The tape was held to it: it is a wall, the floor or the back"
            checked={one.is_wall ?? false}
            onChange={(event) => act(put(at('is_wall'), event.target.checked), `What ${one.name} is`)}
          />
          {(one.count ?? 1) > 1 && (
            <Choice
              id={`${id}-steps`}
              label="The next one stands"
              value={one.steps ?? 'across'}
              options={Object.entries(STEPS)}
              onChoose={(value, said) => act(put(at('steps'), value), `${one.name}: the next ${said}`)}
            />
          )}
          {one.lies === 'flat' && (
            <details>
              <summary>Notched round legs or posts</summary>
              <div className="pairs">{NOTCHES.map(([name, label]) => length(name, label, 'none'))}</div>
            </details>
          )}
        </>
      )}
      <NoteOn kind="own_parts" id={id} one={one} />
      <TakeOut id={id} name={one.name} />
    </>
  )
}

function GoodFields({ id, one }: { id: string; one: Good }) {
  const { act, edit } = useCommands()
  const at = (name: string) => `/own_goods/${id}/${name}`
  const length = (name: 'length' | 'passes' | 'into', label: string) => (
    <Length at={at(name)} kept={one[name] ?? null} label={label} placeholder="not said" />
  )
  return (
    <>
      <Name kind="own_goods" id={id} one={one} />
      <div className="pairs">
        <Count kind="own_goods" id={id} one={one} />
        <Choice
          id={`${id}-unit`}
          label="Counted in"
          value={one.unit ?? 'piece'}
          options={[
            ['piece', 'pieces'],
            ['pair', 'pairs'],
          ]}
          onChoose={(value, said) => act(put(at('unit'), value), `${one.name} counted in ${said}`)}
        />
        {length('length', 'Length')}
        {one.length && length('passes', 'It passes')}
        {one.passes && length('into', 'Into something thick')}
        <WrittenField
          label="Price of one"
          kept={one.price ?? null}
          placeholder="not said"
          onKeep={(kept) => edit(put(at('price'), kept), `Price of ${one.name}`)}
        />
      </div>
      {one.passes && (
        <p className="lead-in">
          <Value of={`${id}/own_good_bite`} before="It bites " />
          <Value of={`${id}/own_good_cover`} before=", and leaves " />
        </p>
      )}
      <NoteOn kind="own_goods" id={id} one={one} />
      <TakeOut id={id} name={one.name} />
    </>
  )
}

function Name({ kind, id, one }: { kind: Kind; id: string; one: Part | Good }) {
  const { edit } = useCommands()
  return (
    <WrittenField
      label="Name"
      kept={one.name}
      onKeep={(kept) => edit(put(`/${kind}/${id}/name`, kept ?? ''), `${one.name} is called ${kept ?? ''}`)}
    />
  )
}

function Count({ kind, id, one }: { kind: Kind; id: string; one: Part | Good }) {
  const { edit } = useCommands()
  return (
    <WrittenField
      label="How many"
      isCount
      kept={String(one.count ?? 1)}
      onKeep={(kept) => edit(put(`/${kind}/${id}/count`, counted(kept)), `How many of ${one.name}`)}
    />
  )
}

function NoteOn({ kind, id, one }: { kind: Kind; id: string; one: Part | Good }) {
  const { edit } = useCommands()
  return (
    <WrittenField
      label={kind === 'own_parts' ? 'How it is worked' : 'Note'}
      kept={one.note || null}
      placeholder="nothing"
      onKeep={(kept) => edit(put(`/${kind}/${id}/note`, kept ?? ''), `Note on ${one.name}`)}
    />
  )
}

function Length({
  at,
  kept,
  label,
  placeholder,
}: {
  at: string
  kept: string | null
  label: string
  placeholder: string
}) {
  return (
    <PlanLength
      label={label}
      kept={kept}
      placeholder={placeholder}
      act={(text) => ({ do: 'enter', path: at, text })}
      called={label}
      field={at.slice(1)}
    />
  )
}

function Choice({
  id,
  label,
  value,
  options,
  onChoose,
}: {
  id: string
  label: string
  value: string
  options: readonly (readonly [string, string])[]
  onChoose(value: string, said: string): void
}) {
  return (
    <Form.Group controlId={id} className="length-field">
      <Form.Label className="mb-0">{label}</Form.Label>
      <Form.Select
        value={value}
        onChange={(event) => onChoose(event.target.value, event.target.selectedOptions[0]?.text ?? '')}
      >
        {options.map(([one, said]) => (
          <option key={one} value={one}>
            {said}
          </option>
        ))}
      </Form.Select>
    </Form.Group>
  )
}

function TakeOut({ id, name }: { id: string; name: string }) {
  const { act } = useCommands()
  return (
    <Button
      size="sm"
      variant="outline-secondary"
      aria-label={`Take out ${name}`}
      onClick={() => act({ do: 'take-own-out', own: id })}
    >
      Take it out
    </Button>
  )
}
