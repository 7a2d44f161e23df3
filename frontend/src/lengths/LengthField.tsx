import { type KeyboardEvent, type ReactNode, useEffect, useId, useRef, useState } from 'react'
import Form from 'react-bootstrap/Form'
import { answered, client, Refused, type Unit } from '../api/client'
import { keepingInHand } from './inHand'
import { asTyped } from './kept'
import { Fractions } from './Num'

const PAUSE = 1600

interface Props {
  label: ReactNode
  /** The kept text with its unit, or null where nothing is chosen. */
  kept: string | null
  unit: Unit
  placeholder?: string
  after?: ReactNode
  /** Told while typing: the text to keep, or null when the field is empty or unreadable. */
  onType?(kept: string | null): void
  /** Enter, leaving the field, or a pause. Answers a refusal to show. */
  onKeep(kept: string | null): Promise<string | null>
  onFocus?(): void
  id?: string
}

interface Said {
  text: string
  isRefused: boolean
}

class Unreadable extends Error {}

/** Takes a length or a sum as typed; the program reads it, the browser works nothing out. */
export function LengthField({ label, kept, unit, placeholder, after, onType, onKeep, onFocus, id }: Props) {
  const own = useId()
  const fieldId = id ?? own
  const shownKept = kept === null ? '' : asTyped(kept, unit)
  const [text, setText] = useState(shownKept)
  const [said, setSaid] = useState<Said | null>(null)
  const isDirty = useRef(false)
  const pause = useRef<ReturnType<typeof setTimeout> | undefined>(undefined)
  const asked = useRef(0)
  const left = useRef<{ for: HTMLInputElement; was: string } | null>(null)

  useEffect(() => {
    if (!isDirty.current) setText(shownKept)
  }, [shownKept])
  useEffect(() => () => clearTimeout(pause.current), [])

  const read = async (typed: string): Promise<string | null> => {
    if (typed.trim() === '') {
      setSaid(null)
      return null
    }
    const answer = await answered(
      client.POST('/api/length', { body: { text: typed, unit, increment: null } }),
    )
    if (answer.refused !== null) throw new Unreadable(`${answer.refused.message} ${answer.refused.fix}`)
    setSaid({ text: `${answer.value?.text} ${unit} · ${answer.value?.other}`, isRefused: false })
    return answer.kept
  }

  const keep = (typed: string): Promise<boolean> => {
    clearTimeout(pause.current)
    return isDirty.current ? keepingInHand(keepDirty(typed)) : Promise.resolve(true)
  }

  const keepDirty = async (typed: string) => {
    const mine = ++asked.current
    try {
      const made = await read(typed)
      if (mine !== asked.current) return true
      isDirty.current = false
      const refusal = made === kept ? null : await onKeep(made)
      if (made === kept) onType?.(made)
      setSaid(refusal === null ? null : { text: refusal, isRefused: true })
      if (refusal !== null) isDirty.current = true
      return refusal === null
    } catch (failure) {
      if (!(failure instanceof Refused || failure instanceof Unreadable)) throw failure
      setSaid({ text: failure.message, isRefused: true })
      return false
    }
  }

  const type = (typed: string) => {
    setText(typed)
    isDirty.current = true
    const mine = ++asked.current
    clearTimeout(pause.current)
    read(typed)
      .then((made) => {
        if (mine !== asked.current) return
        onType?.(made)
        pause.current = setTimeout(() => keep(typed), PAUSE)
      })
      .catch((failure) => {
        if (mine !== asked.current) return
        if (!(failure instanceof Refused || failure instanceof Unreadable)) throw failure
        onType?.(null)
        setSaid({ text: failure.message, isRefused: true })
      })
  }

  const onKeyDown = (event: KeyboardEvent<HTMLInputElement>) => {
    if (event.key === 'Enter') {
      event.preventDefault()
      const next = nextField(event.currentTarget)
      left.current = next ? { for: next, was: next.value } : null
      next?.focus()
      next?.select()
      if (!next) keep(text)
    } else if (event.key === 'Escape' && isDirty.current) {
      event.stopPropagation()
      clearTimeout(pause.current)
      asked.current += 1
      isDirty.current = false
      setText(shownKept)
      setSaid(null)
      onType?.(null)
    }
  }

  /** Keep on leaving; a text that is refused calls the hand back, unless it is busy elsewhere already. */
  const onBlur = (field: HTMLInputElement) => {
    const to = left.current
    left.current = null
    keep(text).then((isKept) => {
      if (!isKept && to && document.activeElement === to.for && to.for.value === to.was) field.focus()
    })
  }

  return (
    <div className="length-field">
      <Form.Label htmlFor={fieldId}>{label}</Form.Label>
      <Form.Control
        id={fieldId}
        value={text}
        placeholder={placeholder}
        autoComplete="off"
        spellCheck={false}
        data-length
        aria-invalid={said?.isRefused === true}
        aria-describedby={`${fieldId}-said`}
        onChange={(event) => type(event.target.value)}
        onKeyDown={onKeyDown}
        onFocus={onFocus}
        onBlur={(event) => onBlur(event.currentTarget as HTMLInputElement)}
      />
      <div
        id={`${fieldId}-said`}
        className={said?.isRefused ? 'said said--refused' : 'said'}
        aria-live="polite"
      >
        {said ? <Fractions>{said.text}</Fractions> : after}
      </div>
    </div>
  )
}

/** The next length field, as the tape goes round. */
function nextField(field: HTMLInputElement): HTMLInputElement | undefined {
  const all = [...document.querySelectorAll<HTMLInputElement>('input[data-length]')]
  return all[all.indexOf(field) + 1]
}
