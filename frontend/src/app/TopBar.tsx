import { useQueryClient } from '@tanstack/react-query'
import { useEffect, useState } from 'react'
import Button from 'react-bootstrap/Button'
import Dropdown from 'react-bootstrap/Dropdown'
import Form from 'react-bootstrap/Form'
import { Link, useNavigate } from 'react-router'
import { answered, client, Refused, type Unit } from '../api/client'
import { planKey, useNetwork, usePlanList } from '../api/queries'
import { put } from '../plan/acts'
import { useSection } from '../plan/onScreen'
import { useCommands, useKeeping, usePlan } from '../plan/PlanDesk'
import { Icon } from './icons'
import { PhoneDoor } from './PhoneDoor'
import { type Light, useLight } from './theme'
import { useNarrow } from './useNarrow'

const INCREMENTS: Record<Unit, string[]> = {
  in: ['1/16 in', '1/32 in', '1/64 in'],
  mm: ['1 mm', '0.5 mm'],
}

/** Plan name, units, increment, undo and redo, when last kept, and what to do with the whole plan: in one row. */
export function TopBar({ showHelp }: { showHelp(): void }) {
  const isNarrow = useNarrow()
  const isGuest = useNetwork().data?.is_guest ?? false
  return (
    <header className="topbar">
      <Link to="/plans" className="wordmark" title="All plans">
        <img src="/mark.svg" alt="" />
        <span>Vasculum</span>
      </Link>
      <NameField />
      {!isNarrow && <Units />}
      <Step way="undo" />
      {!isNarrow && <Step way="redo" />}
      <Keeping />
      {!isNarrow && <Together />}
      <PlanMenu showHelp={showHelp} isNarrow={isNarrow} />
      {!isGuest && !isNarrow && <Mine />}
    </header>
  )
}

const Mine = () => (
  <Link to="/new" className="btn btn-primary btn-sm d-flex align-items-center fw-semibold">
    Measure my own
  </Link>
)

function Units() {
  const { act } = useCommands()
  const { units } = usePlan().plan.document
  const increments = [...new Set([...INCREMENTS[units.length], units.increment])]
  const setUnits = (name: 'length' | 'increment', value: string, label: string) =>
    act(put(`/units/${name}`, value), label, `units/${name}`)
  return (
    <>
      <Form.Select
        size="sm"
        aria-label="Unit"
        value={units.length}
        onChange={(event) => setUnits('length', event.target.value, `Shown in ${event.target.value}`)}
      >
        <option value="in">inches</option>
        <option value="mm">mm</option>
      </Form.Select>
      <Form.Select
        size="sm"
        aria-label="Cut to"
        value={units.increment}
        onChange={(event) => setUnits('increment', event.target.value, `Cut to ${event.target.value}`)}
      >
        {increments.map((increment) => (
          <option key={increment} value={increment}>
            cut to {increment}
          </option>
        ))}
      </Form.Select>
    </>
  )
}

function Step({ way }: { way: 'undo' | 'redo' }) {
  const { plan } = usePlan()
  const { step } = useCommands()
  const isGuest = useNetwork().data?.is_guest ?? false
  const can = way === 'undo' ? plan.can_undo : plan.can_redo
  const title = { undo: `Undo: ${plan.label}`, redo: 'Redo' }[way]
  return (
    <Button
      variant="outline-secondary"
      size="sm"
      disabled={!can || isGuest}
      onClick={() => step(way)}
      aria-label={way === 'undo' ? 'Undo' : 'Redo'}
      title={can ? title : `Nothing to ${way}`}
    >
      <Icon name={way} />
    </Button>
  )
}

function Keeping() {
  const { plan } = usePlan()
  const { keeping } = useKeeping()
  const at = new Date(plan.kept_at).toLocaleTimeString([], {
    hour: '2-digit',
    minute: '2-digit',
    hourCycle: 'h23',
  })
  return (
    <span className={keeping === 'not kept' ? 'kept kept--not' : 'kept'} role="status" data-keeping={keeping}>
      {keeping === 'kept' ? `kept ${at}` : keeping === 'keeping' ? 'keeping …' : 'not kept'}
    </span>
  )
}

/** Whether the plan goes together in space. */
function Together() {
  const assembled = useSection('assembled')
  return (
    assembled && (
      <span
        className={assembled.meetings > 0 ? 'kept kept--not' : 'kept assembled'}
        data-meetings={assembled.meetings}
      >
        {assembled.says}
      </span>
    )
  )
}

function NameField() {
  const { plan } = usePlan()
  const { act } = useCommands()
  const [name, setName] = useState(plan.document.name)
  useEffect(() => setName(plan.document.name), [plan.document.name])
  const keep = () => {
    const wanted = name.trim()
    if (wanted === '') setName(plan.document.name)
    else if (wanted !== plan.document.name) act(put('/name', wanted), `Named ${wanted}`, 'name')
  }
  return (
    <Form.Control
      className="plan-name"
      aria-label="Name of the plan"
      value={name}
      maxLength={120}
      onChange={(event) => setName(event.target.value)}
      onBlur={keep}
      onKeyDown={(event) => {
        if (event.key === 'Enter') event.currentTarget.blur()
        if (event.key === 'Escape') setName(plan.document.name)
      }}
    />
  )
}

/** What is done seldom; where the bar is narrow, also what does not fit in it. */
function PlanMenu({ showHelp, isNarrow }: { showHelp(): void; isNarrow: boolean }) {
  const { plan } = usePlan()
  const navigate = useNavigate()
  const queries = useQueryClient()
  const list = usePlanList()
  const [light, setLight] = useLight()
  const isGuest = useNetwork().data?.is_guest ?? false
  const [isPairing, setIsPairing] = useState(false)
  const isDemo = list.data?.plans.some((one) => one.id === plan.id && one.is_demo) ?? false
  const path = { params: { path: { plan_id: plan.id } } }
  const file = (name: string) => `/api/plans/${plan.id}/files/${name}`

  const { refuse } = useCommands()
  const tried = async (what: () => Promise<void>) => {
    try {
      await what()
      refuse(null)
    } catch (failure) {
      if (!(failure instanceof Refused)) throw failure
      refuse(failure.message)
    }
  }
  const copy = (where: (made: string) => string) =>
    tried(async () => {
      const made = await answered(client.POST('/api/plans/{plan_id}/copy', { ...path, body: {} }))
      queries.setQueryData(planKey(made.id), made)
      queries.invalidateQueries({ queryKey: ['plans'] })
      navigate(where(made.id))
    })
  const others = list.data?.plans.filter((one) => one.id !== plan.id) ?? []
  const putBack = () =>
    tried(async () => {
      const whole = await answered(client.POST('/api/demo/{plan_id}', { ...path, body: {} }))
      queries.setQueryData(planKey(plan.id), whole)
    })

  return (
    <Dropdown align="end" autoClose={isNarrow ? 'outside' : true}>
      <Dropdown.Toggle variant="outline-secondary" size="sm">
        Plan
      </Dropdown.Toggle>
      <Dropdown.Menu className="plan-menu">
        {isNarrow && (
          <div className="in-menu">
            <Together />
            <Units />
            <Step way="redo" />
            {!isGuest && <Mine />}
          </div>
        )}
        <Dropdown.Item as={Link} to="/plans">
          All plans
        </Dropdown.Item>
        {!isGuest && (
          <>
            <Dropdown.Item onClick={() => copy((made) => `/plans/${made}`)}>Copy this plan</Dropdown.Item>
            <Dropdown.Item onClick={() => copy((made) => `/compare/${plan.id}/${made}`)}>
              Make a second version, side by side
            </Dropdown.Item>
          </>
        )}
        {others[0] && (
          <Dropdown.Item as={Link} to={`/compare/${plan.id}/${others[0].id}`}>
            Compare with another plan
          </Dropdown.Item>
        )}
        {isDemo && !isGuest && <Dropdown.Item onClick={putBack}>Put the demo back as it ships</Dropdown.Item>}
        <Dropdown.Divider />
        <Dropdown.Item href={file('plan.json')}>Plan file (JSON)</Dropdown.Item>
        <Dropdown.Item href={file('parts.csv')}>Parts (CSV)</Dropdown.Item>
        <Dropdown.Item href={file('parts.xlsx')}>Parts (XLSX)</Dropdown.Item>
        <Dropdown.Item href={file('drawing.svg')}>Drawing (SVG)</Dropdown.Item>
        <Dropdown.Item href={file('drawing.dxf')}>Drawing (DXF)</Dropdown.Item>
        <Dropdown.Item href={file('model.glb')}>Model in true sizes (glTF)</Dropdown.Item>
        <Dropdown.Item href={`/api/plans/${plan.id}/measuring-sheet.pdf`} target="_blank">
          Blank measuring sheet (PDF)
        </Dropdown.Item>
        <Dropdown.Divider />
        {(['auto', 'light', 'dark'] as Light[]).map((one) => (
          <Dropdown.Item key={one} onClick={() => setLight(one)}>
            {light === one && '✓ '}
            {{ auto: 'Light as the machine', light: 'Light', dark: 'Dark, for a dim shop' }[one]}
          </Dropdown.Item>
        ))}
        <Dropdown.Divider />
        {!isGuest && <Dropdown.Item onClick={() => setIsPairing(true)}>Measure with a phone</Dropdown.Item>}
        <Dropdown.Item onClick={showHelp}>Keys and marks</Dropdown.Item>
      </Dropdown.Menu>
      {isPairing && <PhoneDoor onClose={() => setIsPairing(false)} />}
    </Dropdown>
  )
}
