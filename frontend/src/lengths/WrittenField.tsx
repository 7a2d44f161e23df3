import { type ReactNode, useEffect, useId, useRef, useState } from 'react'
import Form from 'react-bootstrap/Form'
import { keepingInHand } from './inHand'
import { Fractions } from './Num'

interface Props {
  label: ReactNode
  kept: string | null
  placeholder?: string
  after?: ReactNode
  /** Digits only; a weight or a list may hold more. */
  isCount?: boolean
  onKeep(kept: string | null): Promise<string | null>
}

/** Takes a weight or a count as written; the program reads it. */
export function WrittenField({ label, kept, placeholder, after, isCount = false, onKeep }: Props) {
  const id = useId()
  const shown = kept ?? ''
  const [text, setText] = useState(shown)
  const [refused, setRefused] = useState<string | null>(null)
  const isDirty = useRef(false)
  useEffect(() => {
    if (!isDirty.current) setText(shown)
  }, [shown])

  const keep = async () => {
    if (!isDirty.current) return
    const typed = text.trim()
    const refusal = await keepingInHand(onKeep(typed === '' ? null : typed))
    isDirty.current = refusal !== null
    setRefused(refusal)
  }
  return (
    <div className="length-field">
      <Form.Label htmlFor={id}>{label}</Form.Label>
      <Form.Control
        id={id}
        value={text}
        placeholder={placeholder}
        autoComplete="off"
        inputMode={isCount ? 'numeric' : 'text'}
        aria-invalid={refused !== null}
        aria-describedby={`${id}-said`}
        onChange={(event) => {
          isDirty.current = true
          setText(event.target.value)
        }}
        onBlur={keep}
        onKeyDown={(event) => {
          if (event.key === 'Enter') {
            event.preventDefault()
            keep()
          }
          if (event.key === 'Escape' && isDirty.current) {
            event.stopPropagation()
            isDirty.current = false
            setText(shown)
            setRefused(null)
          }
        }}
      />
      <div id={`${id}-said`} className={refused ? 'said said--refused' : 'said'} aria-live="polite">
        {refused ? <Fractions>{refused}</Fractions> : after}
      </div>
    </div>
  )
}
