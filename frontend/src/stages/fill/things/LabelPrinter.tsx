import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import { answered, client, Refused, type Schemas } from '../../../api/client'
import { usePlan } from '../../../plan/PlanDesk'

/** Labels on the label printer; the one that ships is simulated and shows what would print. */
export function LabelPrinter() {
  const { plan } = usePlan()
  const [printed, setPrinted] = useState<Schemas['LabelsPrinted'] | null>(null)
  const [refused, setRefused] = useState('')
  const print = async () => {
    setRefused('')
    try {
      setPrinted(await answered(client.POST('/api/devices/labels', { body: { plan: plan.id, place: null } })))
    } catch (failure) {
      if (!(failure instanceof Refused)) throw failure
      setRefused(failure.message)
    }
  }
  return (
    <>
      <Button size="sm" variant="outline-secondary" onClick={print}>
        Labels on tape
      </Button>
      {refused && <p role="alert">{refused}</p>}
      {printed && (
        <section className="strips" aria-label="What the label printer printed">
          <p className="mb-1">
            {`The ${printed.device} label printer would have printed ${printed.numbers.length}:`}
          </p>
          {printed.numbers.map((number) => (
            <img key={number} src={`/api/devices/labels/${number}.png`} alt={`Label ${number}`} />
          ))}
        </section>
      )}
    </>
  )
}
