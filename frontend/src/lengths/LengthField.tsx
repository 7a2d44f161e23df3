import { type KeyboardEvent, type ReactNode, useEffect, useId, useRef, useState } from 'react'
import Form from 'react-bootstrap/Form'
import { answered, client, type LengthRead, Refused, readOf, type Unit, Unreadable } from '../api/client'
import { keepingInHand } from './inHand'
import { asTyped } from './kept'
import { Fractions } from './Num'

const PAUSE = 1600

interface Props {
  label: ReactNode
  /** The kept text with its unit, or null where nothing is chosen. */
  kept: string | null
  unit: Unit
  placeholder?: string | undefined
  after?: ReactNode
  /** While typing, reads the text and may show what it would do; where there is none, only the text is read. */
  read?: ((typed: string) => Promise<LengthRead | null>) | undefined
  /** The field is empty or as it was: what was shown while typing is off. */
  onClear?: (() => void) | undefined
  /** Enter, leaving the field, or a pause, with the text as typed; null where it was emptied. Answers a refusal. */
  onKeep(typed: string | null): Promise<string | null>
  onFocus?: (() => void) | undefined
  id?: string
}

interface Said {
  text: string
  isRefused: boolean
}

/** Takes a length or a sum as typed; the program reads it, the browser works nothing out. */
export function LengthField({
  label,
  kept,
  unit,
  placeholder,
  after,
  read,
  onClear,
  onKeep,
  onFocus,
  id,
}: Props) {
  const own = useId()
  const fieldId = id ?? own
  const shownKept = kept === null ? '' : asTyped(kept, unit)
  const [text, setText] = useState(shownKept)
  const [said, setSaid] = useState<Said | null>(null)
  const isDirty = useRef(false)
  const pause = useRef<ReturnType<typeof setTimeout> | undefined>(undefined)
  const asked = useRef(0)
  const unreadable = useRef<string | null>(null)
  const pending = useRef<Promise<boolean> | null>(null)
  const left = useRef<{ for: HTMLInputElement; was: string } | null>(null)

  useEffect(() => {
    if (!isDirty.current) setText(shownKept)
  }, [shownKept])
  useEffect(() => () => clearTimeout(pause.current), [])

  const justRead = async (typed: string): Promise<LengthRead | null> => {
    const body = { text: typed, unit, increment: null }
    return readOf(await answered(client.POST('/api/length', { body })))
  }

  const refuse = (failure: unknown) => {
    if (!(failure instanceof Refused || failure instanceof Unreadable)) throw failure
    setSaid({ text: failure.message, isRefused: true })
  }

  const keep = (typed: string): Promise<boolean> => {
    clearTimeout(pause.current)
    return isDirty.current ? keepingInHand(keepDirty(typed)) : Promise.resolve(true)
  }

  const keepDirty = async (typed: string) => {
    if (typed === unreadable.current) return false
    // What holds already may hold because it was typed: whether it can be read is still being asked.
    if (pending.current && typed.trim() === shownKept) return pending.current
    const mine = ++asked.current
    const isBlank = typed.trim() === ''
    try {
      if (!read && !isBlank) await justRead(typed)
      if (mine !== asked.current) return true
      isDirty.current = false
      const isAsBefore = typed.trim() === shownKept
      if (isAsBefore) onClear?.()
      const refusal = isAsBefore ? null : await onKeep(isBlank ? null : typed)
      setSaid(refusal === null ? null : { text: refusal, isRefused: true })
      if (refusal !== null) isDirty.current = true
      return refusal === null
    } catch (failure) {
      refuse(failure)
      return false
    }
  }

  const type = (typed: string) => {
    setText(typed)
    isDirty.current = true
    const mine = ++asked.current
    clearTimeout(pause.current)
    unreadable.current = null
    const keepLater = () => {
      pause.current = setTimeout(() => keep(typed), PAUSE)
    }
    if (typed.trim() === '') {
      setSaid(null)
      onClear?.()
      keepLater()
      return
    }
    const answer: Promise<boolean> = (read ?? justRead)(typed)
      .then((made) => {
        if (mine !== asked.current) return true
        if (made) setSaid({ text: `${made.value.text} ${unit} · ${made.value.other}`, isRefused: false })
        keepLater()
        return true
      })
      .catch((failure) => {
        if (mine !== asked.current) return true
        if (failure instanceof Unreadable) unreadable.current = typed
        refuse(failure)
        return false
      })
      .finally(() => {
        if (pending.current === answer) pending.current = null
      })
    pending.current = answer
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
      onClear?.()
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

/** The next length field, as the tape goes round; none after one that stands alone. */
function nextField(field: HTMLInputElement): HTMLInputElement | undefined {
  if (field.closest('[data-alone]')) return undefined
  const all = [...document.querySelectorAll<HTMLInputElement>('input[data-length]')]
  return all[all.indexOf(field) + 1]
}
