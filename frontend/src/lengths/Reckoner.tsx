import { useEffect, useId, useRef, useState } from 'react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import { answered, client, type Schemas, type Unit } from '../api/client'
import { Fractions } from './Num'

/** One line for sums beside the work: the exact answer, the snapped one, the other unit; sent to the field last in hand. */
export function Reckoner({ unit, increment }: { unit: Unit; increment: string }) {
  const id = useId()
  const [text, setText] = useState('')
  const [answer, setAnswer] = useState<Schemas['LengthAnswer'] | null>(null)
  const lastField = useRef<HTMLInputElement | null>(null)
  const asked = useRef(0)

  useEffect(() => {
    const note = (event: FocusEvent) => {
      if (event.target instanceof HTMLInputElement && 'length' in event.target.dataset)
        lastField.current = event.target
    }
    document.addEventListener('focusin', note)
    return () => document.removeEventListener('focusin', note)
  }, [])

  const reckon = (typed: string) => {
    setText(typed)
    const mine = ++asked.current
    if (typed.trim() === '') {
      setAnswer(null)
      return
    }
    answered(client.POST('/api/length', { body: { text: typed, unit, increment } }))
      .then((made) => mine === asked.current && setAnswer(made))
      .catch(() => undefined)
  }

  const send = () => {
    const field = lastField.current
    if (!field?.isConnected || !answer?.snapped) return
    const set = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value')?.set
    const { text: said, mm } = answer.snapped
    set?.call(field, said.startsWith('≈') ? `${mm} mm` : `${said} ${unit}`)
    field.dispatchEvent(new Event('input', { bubbles: true }))
    field.focus()
  }

  return (
    <Form
      className="reckoner"
      aria-label="Reckoner"
      onSubmit={(event) => {
        event.preventDefault()
        send()
      }}
    >
      <Form.Label htmlFor={id} className="mb-0">
        Reckon
      </Form.Label>
      <Form.Control
        id={id}
        size="sm"
        value={text}
        data-reckoner
        autoComplete="off"
        placeholder="(30 3/8 - 3 * 3/4) / 4"
        onChange={(event) => reckon(event.target.value)}
      />
      <output htmlFor={id}>
        {answer?.read && answer.snapped && (
          <Fractions>
            {`${answer.read.value.text} ${unit}, cut ${answer.snapped.text}, ${answer.read.value.other}`}
          </Fractions>
        )}
        {answer?.refused && <span className="said--refused">{answer.refused.message}</span>}
      </output>
      <Button type="submit" size="sm" variant="outline-secondary" disabled={!answer?.snapped}>
        To the field
      </Button>
    </Form>
  )
}
