import { useQueryClient } from '@tanstack/react-query'
import { useEffect, useRef, useState } from 'react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import { Link, useNavigate } from 'react-router'
import { answered, client, type PreviewAnswer, Refused, readOf, type Schemas, type Unit } from '../api/client'
import { planKey, useCatalogue } from '../api/queries'
import { Drawing } from '../drawing/Drawing'
import { type Setting, SpacePicture } from '../drawing/SpacePicture'
import { LengthField } from '../lengths/LengthField'
import { Num } from '../lengths/Num'
import { withDrawings, withOutcome } from '../plan/held'
import { AlternativePicture } from '../stages/make/Pictures'

type Kind = Schemas['NewPlan']['kind']
type Sizes = { width: string | null; height: string | null; depth: string | null }

type Carcass = NonNullable<Schemas['NewPlan']['carcass']>

/** A setting, whether a face frame stands before it, and what the three numbers are. */
interface Card {
  what: Setting
  kind: Kind
  carcass: Carcass
}

const FIELDS = [
  { name: 'width', label: 'How wide', hint: 'side to side, at the narrowest' },
  { name: 'height', label: 'How high', hint: 'floor to top, at the lowest' },
  { name: 'depth', label: 'How deep', hint: 'front face to the nearest thing behind' },
] as const

/** The first minute: what it is, three numbers, and a drawn drawer stands there. */
export function NewPlanPage() {
  const catalogue = useCatalogue()
  const [card, setCard] = useState<Card>({ what: 'cabinet', kind: 'framed', carcass: 'existing' })
  const [unit, setUnit] = useState<Unit>('in')
  const [name, setName] = useState('My opening')
  const [sizes, setSizes] = useState<Sizes>({ width: null, height: null, depth: null })
  const [shown, setShown] = useState<PreviewAnswer | null>(null)
  const [refusal, setRefusal] = useState<string | null>(null)
  const queries = useQueryClient()
  const navigate = useNavigate()
  const asked = useRef(0)
  const typed = useRef(sizes)
  const unreadable = useRef(new Set<keyof Sizes>())
  const whole = () => ({ name: 'My opening', ...card, unit, ...typed.current, reading: null })
  /** What can be drawn already: without what cannot be read yet. */
  const readable = () => ({
    ...whole(),
    ...Object.fromEntries([...unreadable.current].map((field) => [field, null])),
  })

  useEffect(() => {
    document.title = 'Measure my own · Vasculum'
  }, [])
  // biome-ignore lint/correctness/useExhaustiveDependencies: a size is shown while it is typed, by what it asks itself
  useEffect(() => {
    const mine = ++asked.current
    answered(client.POST('/api/plans/preview', { body: readable() }))
      .then((answer) => mine === asked.current && setShown(answer))
      .catch(() => undefined)
  }, [card, unit])

  const set = (field: keyof Sizes, kept: string | null) => {
    if (kept === null) unreadable.current.delete(field)
    typed.current = { ...typed.current, [field]: kept }
    setSizes(typed.current)
  }

  /** One request for each sign that is typed: it reads the size and draws what would stand there. */
  const type = async (field: keyof Sizes, text: string) => {
    const mine = ++asked.current
    set(field, text)
    const body = { ...readable(), [field]: text, reading: field }
    const answer = await answered(client.POST('/api/plans/preview', { body }))
    if (typed.current[field] === text) {
      if (answer.typed?.refused) unreadable.current.add(field)
      else unreadable.current.delete(field)
      if (answer.typed?.read) set(field, answer.typed.read.kept)
    }
    const read = readOf(answer.typed)
    if (mine === asked.current) setShown(answer)
    return read
  }

  const make = async () => {
    try {
      const made = await answered(client.POST('/api/plans', { body: { ...whole(), name } }))
      queries.setQueryData(planKey(made.id), made)
      queries.invalidateQueries({ queryKey: ['plans'] })
      navigate(`/plans/${made.id}/measure`)
    } catch (failure) {
      if (!(failure instanceof Refused)) throw failure
      setRefusal(failure.message)
    }
  }
  const settings = catalogue.data?.settings ?? []
  const cards = settings.flatMap((one): (Omit<Card, 'carcass'> & { title: string })[] =>
    one.what === 'cabinet'
      ? [
          { what: one.what, kind: 'framed', title: 'Cabinet with a face frame' },
          { what: one.what, kind: 'frameless', title: 'Cabinet, no frame' },
        ]
      : [{ what: one.what, kind: 'frameless', title: one.title }],
  )
  const built = catalogue.data?.alternatives.filter((one) => one.family === 'carcass') ?? []
  const about = settings.find((one) => one.what === card.what)?.about

  return (
    <main className="page page--wide" data-ready>
      <p className="mb-1">
        <Link to="/plans">All plans</Link>
      </p>
      <h1>Measure my own</h1>
      <div className="first">
        <Form
          onSubmit={(event) => {
            event.preventDefault()
            make()
          }}
        >
          <fieldset className="kind-cards kind-cards--small">
            <legend className="fs-5">What is it?</legend>
            {cards.map((one) => (
              <label key={`${one.what} ${one.kind}`} className="kind-card">
                <input
                  type="radio"
                  name="kind"
                  checked={one.what === card.what && one.kind === card.kind}
                  onChange={() =>
                    setCard({
                      what: one.what,
                      kind: one.kind,
                      carcass: one.what === 'unit' ? 'new' : 'existing',
                    })
                  }
                />
                <SpacePicture what={one.what} isFramed={one.kind === 'framed'} />
                <strong>{one.title}</strong>
              </label>
            ))}
            <p className="lead-in about">{about}</p>
          </fieldset>
          {card.kind === 'frameless' && (
            <fieldset className="kind-cards kind-cards--small">
              <legend className="fs-5">What are the three numbers?</legend>
              {built.map((one) => (
                <label key={one.kind} className="kind-card">
                  <input
                    type="radio"
                    name="carcass"
                    checked={one.value === card.carcass}
                    onChange={() => setCard({ ...card, carcass: one.value as Carcass })}
                  />
                  <AlternativePicture kind={one.kind} />
                  <strong>{one.title}</strong>
                </label>
              ))}
              <p className="lead-in about">{built.find((one) => one.value === card.carcass)?.about}</p>
            </fieldset>
          )}
          <Form.Group className="mb-2" controlId="unit">
            <Form.Label className="mb-0">A bare number is in</Form.Label>
            <Form.Select value={unit} onChange={(event) => setUnit(event.target.value as Unit)}>
              <option value="in">inches, as 22 1/2</option>
              <option value="mm">millimetres, as 571.5</option>
            </Form.Select>
          </Form.Group>
          <div className="three">
            {FIELDS.map((field) => (
              <LengthField
                key={field.name + unit}
                id={`new-${field.name}`}
                label={field.label}
                kept={sizes[field.name]}
                unit={unit}
                after={card.carcass === 'of_outside' ? 'outside, everything included' : field.hint}
                read={(typed) => type(field.name, typed)}
                onKeep={async (typed) => {
                  set(field.name, typed)
                  if (typed !== null) await type(field.name, typed)
                  return null
                }}
              />
            ))}
          </div>
          <Form.Group className="mb-3" controlId="new-name">
            <Form.Label className="mb-0">Call it</Form.Label>
            <Form.Control value={name} maxLength={120} onChange={(event) => setName(event.target.value)} />
          </Form.Group>
          {refusal && <p role="alert">{refusal}</p>}
          <Button type="submit" size="lg" disabled={name.trim() === ''}>
            Keep it and go on
          </Button>
        </Form>
        <FirstDrawing shown={shown} />
      </div>
    </main>
  )
}

function FirstDrawing({ shown }: { shown: PreviewAnswer | null }) {
  const sheet = shown && withDrawings([], shown.drawings).find((one) => one.name === 'elevation')
  const solution = shown && withOutcome(null, shown.outcome)
  const parts = solution?.parts ?? []
  const ready = parts.filter((part) => part.length.value && part.width.value)
  const count = ready.reduce((sum, part) => sum + part.count, 0)
  const box = (name: string) =>
    Object.entries(solution?.quantities ?? {}).find(([key]) => key.endsWith(`/${name}`))?.[1].value?.text
  return (
    <section aria-label="What it makes" aria-live="polite">
      {sheet && sheet.strokes.length > 0 ? (
        <Drawing sheet={sheet} label={(key) => key} onWhy={() => undefined} />
      ) : (
        <p className="lead-in text-center py-5">The drawer is drawn here as you type.</p>
      )}
      {box('outside_depth') && ready.length === parts.length && (
        <p className="fs-5" data-testid="first-result">
          A drawer box{' '}
          <strong>
            <Num>{`${box('outside_width')} × ${box('outside_depth')} × ${box('outside_height')}`}</Num>
          </strong>{' '}
          outside, width × depth × height, from <strong>{count} parts</strong>. Each size was taken once so
          far; more stations would remove doubt.
        </p>
      )}
    </section>
  )
}
