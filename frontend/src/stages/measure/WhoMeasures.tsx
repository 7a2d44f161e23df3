import { useState } from 'react'
import Form from 'react-bootstrap/Form'
import { nameWhoMeasures, whoMeasures } from '../../plan/whoMeasures'

/** Who holds the tape on this device: kept with each reading. */
export function WhoMeasures() {
  const [name, setName] = useState(whoMeasures)
  return (
    <Form.Control
      className="w-auto"
      aria-label="Who measures"
      placeholder="Who measures"
      value={name}
      maxLength={60}
      onChange={(event) => setName(event.target.value)}
      onBlur={() => nameWhoMeasures(name)}
    />
  )
}
