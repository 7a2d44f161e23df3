import { useEffect, useState } from 'react'
import Form from 'react-bootstrap/Form'
import { put } from '../../plan/acts'
import type { Place } from '../../plan/layout'
import { useCommands, useSelection } from '../../plan/PlanDesk'

/** What a person calls the place. */
export function NameOfPlace({ place }: { place: Place }) {
  const { chosenPlace } = useSelection()
  const { act } = useCommands()
  const [name, setName] = useState(place.name)
  useEffect(() => setName(place.name), [place.name])
  const keep = () => {
    const wanted = name.trim()
    if (wanted === '' || wanted === place.name) setName(place.name)
    else act(put(`/places/${chosenPlace}/name`, wanted), `Named ${wanted}`)
  }
  return (
    <Form.Group controlId="place-name" className="mb-2">
      <Form.Label className="mb-0">Name</Form.Label>
      <Form.Control
        value={name}
        maxLength={120}
        onChange={(event) => setName(event.target.value)}
        onBlur={keep}
        onKeyDown={(event) => {
          if (event.key === 'Enter') keep()
          if (event.key === 'Escape') setName(place.name)
        }}
      />
    </Form.Group>
  )
}
