import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import type { PlanDocument } from '../../api/client'
import { Panel } from '../../panels/Panel'
import { put } from '../../plan/acts'
import { useCommands, usePlan } from '../../plan/PlanDesk'
import { PlanLength } from '../../plan/PlanLength'

type Existing = NonNullable<PlanDocument['existing']>[string]
type Fate = NonNullable<Existing['fate']>
type What = NonNullable<Existing['what']>

const WHATS: Record<What, string> = {
  drawer: 'Drawer',
  shelf: 'Shelf',
  stile: 'Stile',
  rail: 'Rail',
  wall: 'Wall',
  door: 'Door',
  runner: 'Pair of runners',
  trim: 'Trim or baseboard',
  other: 'Something else',
}
const FATES: Record<Fate, string> = { stays: 'stays', reused: 'is used again', taken_out: 'comes out' }
const COUNTED: Record<Fate, string> = { stays: 'staying', reused: 'used again', taken_out: 'coming out' }
const STAND_INS = { '': 'nothing', stiffener: 'a stiffener', partition: 'a partition' } as const

const OWN = [
  ['length', 'Length'],
  ['width', 'Width'],
  ['thickness', 'Thickness'],
] as const
const OF_STAND_IN = [
  ['stand_in_length', 'Its length'],
  ['stand_in_width', 'Its width'],
  ['stand_in_thickness', 'Its thickness'],
] as const

/** What is there before anything is built: what stays, what is used again, what comes out and what stands in for it. */
export function WhatIsThere({ space }: { space: string }) {
  const { plan } = usePlan()
  const { act } = useCommands()
  const [what, setWhat] = useState<What>('shelf')
  const [fate, setFate] = useState<Fate>('taken_out')
  const here = Object.entries(plan.document.existing ?? {}).filter(([, one]) => one.space === space)
  const count = (wanted: Fate) => here.filter(([, one]) => (one.fate ?? 'stays') === wanted).length
  const counted = (['stays', 'reused', 'taken_out'] as const)
    .filter((one) => count(one) > 0)
    .map((one) => `${count(one)} ${COUNTED[one]}`)
  return (
    <Panel id="existing" says={counted.join(', ') || 'nothing said'}>
      <p className="lead-in">Parts that stay, are used again, or come out; the paper lists them.</p>
      <ul className="in-the-way">
        {here.map(([id, one]) => (
          <li key={id}>
            <One id={id} one={one} />
          </li>
        ))}
      </ul>
      <div className="d-flex flex-wrap gap-2 align-items-baseline">
        <Form.Select
          aria-label="What is there"
          className="w-auto"
          value={what}
          onChange={(event) => setWhat(event.target.value as What)}
        >
          {Object.entries(WHATS).map(([value, title]) => (
            <option key={value} value={value}>
              {title}
            </option>
          ))}
        </Form.Select>
        <Form.Select
          aria-label="What becomes of it"
          className="w-auto"
          value={fate}
          onChange={(event) => setFate(event.target.value as Fate)}
        >
          {Object.entries(FATES).map(([value, title]) => (
            <option key={value} value={value}>
              {title}
            </option>
          ))}
        </Form.Select>
        <Button
          variant="outline-primary"
          onClick={() => act({ do: 'note-existing', space, name: WHATS[what], what, fate })}
        >
          Note it
        </Button>
      </div>
    </Panel>
  )
}

function One({ id, one }: { id: string; one: Existing }) {
  const { act, edit } = useCommands()
  const at = (name: string) => `/existing/${id}/${name}`
  const fate = one.fate ?? 'stays'
  const sizes = [...(fate === 'reused' ? OWN : []), ...(one.stand_in ? OF_STAND_IN : [])]
  return (
    <>
      <div className="d-flex flex-wrap align-items-baseline gap-2">
        <Form.Control
          key={one.name}
          className="w-auto me-auto"
          aria-label={`Name of ${one.name}`}
          defaultValue={one.name}
          onBlur={(event) => {
            const name = event.target.value.trim()
            if (name && name !== one.name) edit(put(at('name'), name), `${one.name} is called ${name}`)
          }}
        />
        <Form.Select
          aria-label={`${one.name}: what becomes of it`}
          className="w-auto"
          value={fate}
          onChange={(event) => {
            const value = event.target.value as Fate
            act(put(at('fate'), value), `${one.name} ${FATES[value]}`)
          }}
        >
          {Object.entries(FATES).map(([value, title]) => (
            <option key={value} value={value}>
              {title}
            </option>
          ))}
        </Form.Select>
      </div>
      <Form.Group controlId={`${id}-stand-in`} className="d-flex gap-2 align-items-baseline">
        <Form.Label className="mb-0">In its place stands</Form.Label>
        <Form.Select
          className="w-auto"
          value={one.stand_in ?? ''}
          onChange={(event) => {
            const value = event.target.value as keyof typeof STAND_INS
            act(put(at('stand_in'), value || null), `${one.name}: ${STAND_INS[value]} in its place`)
          }}
        >
          {Object.entries(STAND_INS).map(([value, title]) => (
            <option key={value} value={value}>
              {title}
            </option>
          ))}
        </Form.Select>
        <Button
          size="sm"
          variant="outline-secondary"
          className="ms-auto"
          onClick={() => act({ do: 'forget-existing', existing: id })}
        >
          Off the list
        </Button>
      </Form.Group>
      {sizes.length > 0 && (
        <div className="pairs">
          {sizes.map(([name, title]) => (
            <PlanLength
              key={name}
              label={title}
              kept={one[name] ?? null}
              placeholder="not said"
              act={(text) => ({ do: 'enter', path: at(name), text })}
              called={`${one.name}, ${title.toLowerCase()}`}
              field={`${id}/${name}`}
            />
          ))}
        </div>
      )}
    </>
  )
}
