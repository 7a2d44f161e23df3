import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import { answered, client, Refused } from '../../api/client'
import { takenNow } from '../../plan/acts'
import { useCommands } from '../../plan/PlanDesk'
import { nameOf, type Station } from './stations'

export interface InFocus {
  station: Station
  survey: string
  id: string | null
  title: string
}

/** Reads the simulated tape into the station in focus, with how far it may be off. */
export function Tape({ at, onRead }: { at: InFocus | null; onRead?(): void }) {
  const { edit } = useCommands()
  const [refused, setRefused] = useState('')
  const read = async () => {
    if (!at) return
    setRefused('')
    try {
      const said = await answered(client.POST('/api/devices/tape', { body: { of: at.station.of } }))
      const { station, survey, id: reading } = at
      const { value, plus_minus } = said
      const note = `${said.device} tape`
      const problem = await edit(
        { do: 'measure', survey, station, reading, value, plus_minus, note, ...takenNow() },
        `${at.title}, ${nameOf(station)}, by the ${said.device} tape`,
      )
      if (problem !== null) setRefused(problem)
      else onRead?.()
    } catch (failure) {
      if (!(failure instanceof Refused)) throw failure
      setRefused(failure.message)
    }
  }
  return (
    <>
      <Button
        variant="outline-secondary"
        disabled={!at}
        onMouseDown={(e) => e.preventDefault()}
        onClick={read}
      >
        {at ? `Simulated tape: ${nameOf(at.station) || at.title}` : 'Simulated tape'}
      </Button>
      {refused && <p role="alert">{refused}</p>}
    </>
  )
}
