import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import { type PatchStep, Refused } from '../api/client'
import { Fractions } from '../lengths/Num'

interface Looked {
  rows: { line: number; said: string; isGood: boolean }[]
  patch: PatchStep[]
}

interface Props {
  id: string
  label: string
  example: string
  /** The program reads the table; nothing is kept. */
  onLook(text: string): Promise<Looked>
  onTake(patch: PatchStep[], good: number): void
  onLeave(): void
}

/** A pasted table, looked at row by row before anything is taken. */
export function PasteTable({ id, label, example, onLook, onTake, onLeave }: Props) {
  const [text, setText] = useState('')
  const [looked, setLooked] = useState<Looked | null>(null)
  const [refused, setRefused] = useState('')
  const good = looked?.rows.filter((row) => row.isGood).length ?? 0
  const look = async () => {
    setRefused('')
    setLooked(null)
    try {
      setLooked(await onLook(text))
    } catch (failure) {
      if (!(failure instanceof Refused)) throw failure
      setRefused(failure.message)
    }
  }
  return (
    <>
      <Form.Group controlId={id}>
        <Form.Label className="mb-0">{label}</Form.Label>
        <Form.Control
          as="textarea"
          rows={5}
          value={text}
          placeholder={example}
          onChange={(event) => {
            setText(event.target.value)
            setLooked(null)
          }}
        />
      </Form.Group>
      {refused && <p role="alert">{refused}</p>}
      {looked && (
        <ul className="pasted-rows" aria-label="Rows">
          {looked.rows.map((row) => (
            <li key={row.line} className={row.isGood ? undefined : 'pasted-rows__bad'}>
              <Fractions>{row.said}</Fractions>
            </li>
          ))}
        </ul>
      )}
      <div className="d-flex flex-wrap gap-2 mt-2">
        <Button variant="outline-primary" disabled={text.trim() === ''} onClick={look}>
          Look at the rows
        </Button>
        {looked && good > 0 && (
          <Button onClick={() => onTake(looked.patch, good)}>
            {`Take the ${good} good row${good === 1 ? '' : 's'}`}
          </Button>
        )}
        <Button variant="outline-secondary" onClick={onLeave}>
          Leave it
        </Button>
      </div>
    </>
  )
}
