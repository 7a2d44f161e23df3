import { useEffect, useRef, useState } from 'react'
import Button from 'react-bootstrap/Button'
import { asTyped } from '../../lengths/kept'
import { Fractions } from '../../lengths/Num'
import { useWantedField, wantField } from '../../panels/wantedField'
import { takenNow } from '../../plan/acts'
import { useCommands, usePlan } from '../../plan/PlanDesk'
import { StationPicture } from './StationPicture'
import { bareOf, type Group, isAt, nameOf } from './stations'
import { Tape } from './Tape'

interface Props {
  groups: { group: Group; survey: string }[]
  onDrawing(): void
}

/** Whole fractions, and what makes any other of a numerator: *22 space 13 /16*. */
const FRACTIONS = ['1/2', '1/4', '3/4', '1/8', ' ', '/8', '/16', '/32']

/** One station fills the screen: where to hold the tape, what it said last, a keypad, back and next at the thumb. */
export function OneStation({ groups, onDrawing }: Props) {
  const { plan } = usePlan()
  const { edit } = useCommands()
  const { document } = plan
  const unit = document.units.length
  const all = groups.flatMap(({ group, survey }) =>
    group.stations.map((station) => ({ group, survey, station: bareOf(station) })),
  )
  const readingAt = (at: number) => {
    const one = all[at]
    if (!one) return null
    return document.reading_order.find((id) => {
      const reading = document.readings[id]
      return reading && isAt(reading, one.station, one.survey)
    })
  }
  const [at, setAt] = useState(() => {
    const first = all.findIndex((_, index) => !readingAt(index))
    return Math.max(first, 0)
  })
  const wanted = useWantedField()
  useEffect(() => {
    const led = all.findIndex(
      (one, index) => wanted === `${readingAt(index) ?? one.survey}/${one.station.of}`,
    )
    if (led < 0) return
    setAt(led)
    wantField('')
  })
  const one = all[Math.min(at, all.length - 1)]
  const id = readingAt(at) ?? null
  const kept = id ? (document.readings[id]?.value ?? null) : null
  const shown = kept === null ? '' : asTyped(kept, unit)
  const [text, setText] = useState(shown)
  const [refused, setRefused] = useState('')
  const field = useRef<HTMLInputElement>(null)
  useEffect(() => {
    setText(shown)
    setRefused('')
  }, [shown])
  if (!one) return null

  const go = (by: number) => {
    const next = (at + by + all.length) % all.length
    setAt(next)
    const there = readingAt(next)
    setText(there ? asTyped(document.readings[there]?.value ?? '', unit) : '')
    setRefused('')
    field.current?.focus()
  }

  const keep = async () => {
    if (text.trim() === shown) return go(1)
    const { station, survey } = one
    const problem = await edit(
      { do: 'measure', survey, station, reading: id, value: text, ...takenNow() },
      `${one.group.title}, ${nameOf(station)}`,
    )
    if (problem !== null) return setRefused(problem)
    go(1)
  }

  const press = (key: string) => {
    const isFraction = /^\d+\//.test(key)
    const glue = isFraction && /\d$/.test(text) ? ' ' : ''
    setText(text + glue + key)
    field.current?.focus()
  }

  return (
    <form
      className="one-station"
      data-ready
      aria-label="One station"
      onSubmit={(event) => {
        event.preventDefault()
        keep()
      }}
    >
      <div className="where">
        <StationPicture what={one.group.what} stations={one.group.stations} here={one.station} />
        <div>
          <h2>{one.group.title}</h2>
          <p className="station">{nameOf(one.station)}</p>
          <p className="lead-in mb-0">
            {at + 1} of {all.length}. {one.group.hint}
          </p>
        </div>
      </div>
      <label className="visually-hidden" htmlFor="one-reading">
        {one.group.title}, {nameOf(one.station)}
      </label>
      <input
        id="one-reading"
        ref={field}
        className="form-control said-now"
        value={text}
        inputMode="none"
        autoComplete="off"
        placeholder={kept === null ? 'not read yet' : ''}
        onChange={(event) => setText(event.target.value)}
      />
      <p className="last" role={refused ? 'alert' : 'status'}>
        {refused ||
          (kept === null ? 'No reading here yet.' : <Fractions>{`Last reading: ${kept}`}</Fractions>)}
      </p>
      <div className="keypad">
        {['7', '8', '9', '4', '5', '6', '1', '2', '3', '.', '0'].map((key) => (
          <button type="button" key={key} onClick={() => press(key)}>
            {key}
          </button>
        ))}
        <button
          type="button"
          aria-label="Take the last sign away"
          onClick={() => {
            setText(text.slice(0, -1).trimEnd())
            field.current?.focus()
          }}
        >
          ⌫
        </button>
      </div>
      {unit === 'in' && (
        <div className="keypad keypad--fractions">
          {FRACTIONS.map((key) => (
            <button type="button" key={key} aria-label={key.trim() || 'space'} onClick={() => press(key)}>
              <span className="frac">{key.trim() || '␣'}</span>
            </button>
          ))}
        </div>
      )}
      <Tape
        at={{ station: one.station, survey: one.survey, id, title: one.group.title }}
        onRead={() => go(1)}
      />
      <div className="thumb">
        <Button variant="outline-secondary" onClick={() => go(-1)}>
          Back
        </Button>
        <Button variant="outline-secondary" onClick={onDrawing}>
          Drawing
        </Button>
        <Button type="submit">Next</Button>
      </div>
    </form>
  )
}
