import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import { counted } from '../../lengths/kept'
import { Fractions } from '../../lengths/Num'
import { WrittenField } from '../../lengths/WrittenField'
import { Panel } from '../../panels/Panel'
import { put } from '../../plan/acts'
import { useSection } from '../../plan/onScreen'
import { useCommands, usePlan } from '../../plan/PlanDesk'
import { PlanLength } from '../../plan/PlanLength'

const SIZES = [
  ['width', 'Wide inside'],
  ['depth', 'Deep inside'],
  ['height', 'High inside'],
] as const

/** The arrangement before, measured inside, against what is planned. */
export function Former() {
  const { document } = usePlan().plan
  const { act, edit } = useCommands()
  const { compared } = useSection('contents')
  const former = Object.entries(document.former ?? {})
  const room = compared.find((one) => one.what === 'room')
  return (
    <Panel id="former" says={room ? `room ${room.more}` : 'what was there before'}>
      <p className="lead-in">
        Measure the drawers and shelves that are there now, inside: floor and room are compared with the plan.
      </p>
      {compared.length > 0 && (
        <table className="table table-sm cells-used">
          <thead>
            <tr>
              <th scope="col">All together</th>
              <th scope="col">Before</th>
              <th scope="col">After</th>
              <th scope="col">More</th>
            </tr>
          </thead>
          <tbody>
            {compared.map((one) => (
              <tr key={one.what}>
                <th scope="row">{one.what}</th>
                <td>
                  <Fractions>{one.before}</Fractions>
                </td>
                <td>
                  <Fractions>{one.after}</Fractions>
                </td>
                <td>{one.more}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      {former.map(([id, one]) => (
        <fieldset key={id} className="another" aria-label={one.name}>
          <div className="pairs">
            <WrittenField
              label="Name"
              kept={one.name}
              onKeep={(kept) =>
                edit(put(`/former/${id}/name`, kept ?? ''), `${one.name} is called ${kept ?? ''}`)
              }
            />
            <WrittenField
              label="How many alike"
              isCount
              kept={String(one.count ?? 1)}
              onKeep={(kept) => edit(put(`/former/${id}/count`, counted(kept)), `${one.name}: how many`)}
            />
            {SIZES.map(([name, label]) => (
              <PlanLength
                key={name}
                label={label}
                kept={one[name]}
                needed="It has all three sizes."
                act={(text) => ({ do: 'enter', path: `/former/${id}/${name}`, text })}
                called={`${one.name}: ${label.toLowerCase()}`}
                field={`former/${id}/${name}`}
              />
            ))}
          </div>
          <Button
            size="sm"
            variant="outline-secondary"
            aria-label={`${one.name} out of the comparison`}
            onClick={() => act({ do: 'take-former-out', former: id })}
          >
            Take it out
          </Button>
        </fieldset>
      ))}
      <AddFormer />
    </Panel>
  )
}

const NONE = { name: '', width: '', depth: '', height: '' }

function AddFormer() {
  const { edit } = useCommands()
  const [said, setSaid] = useState(NONE)
  const [refused, setRefused] = useState<string | null>(null)
  const isWhole = Object.values(said).every((one) => one.trim() !== '')
  const keep = async () => {
    const refusal = await edit({ do: 'add-former', ...said, name: said.name.trim() })
    setRefused(refusal)
    if (refusal === null) setSaid(NONE)
  }
  return (
    <Form
      className="things__add"
      aria-label="One that is there now"
      onSubmit={(event) => {
        event.preventDefault()
        if (isWhole) keep()
      }}
    >
      {[['name', 'One that is there'] as const, ...SIZES].map(([name, label]) => (
        <Form.Group key={name} controlId={`add-former-${name}`}>
          <Form.Label className="mb-0">{label}</Form.Label>
          <Form.Control
            value={said[name]}
            maxLength={120}
            autoComplete="off"
            onChange={(event) => setSaid({ ...said, [name]: event.target.value })}
          />
        </Form.Group>
      ))}
      <Button type="submit" variant="outline-primary" disabled={!isWhole}>
        Compare
      </Button>
      {refused && <p role="alert">{refused}</p>}
    </Form>
  )
}
