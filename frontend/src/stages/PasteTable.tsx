import { type ChangeEvent, type ReactNode, useState } from 'react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import { type PatchStep, Refused } from '../api/client'
import { Fractions } from '../lengths/Num'

interface Looked {
  rows: { line: number; said: string; isGood: boolean }[]
  patch: PatchStep[]
  /** Where somebody may say which column is which. */
  columns?: Columns
}

interface Columns {
  known: string[]
  headings: { given: string; column: string | null }[]
  /** What is missing, so that no row could be read. */
  problem: string
}

interface Props {
  id: string
  label: string
  example: string
  /** The program reads the table; nothing is kept. */
  onLook(text: string, said: Record<string, string>): Promise<Looked>
  /** A file as text. */
  onFile?(file: File): Promise<string>
  accept?: string
  /** What was pasted elsewhere. */
  given?: string
  children?: ReactNode
  onTake(patch: PatchStep[], good: number): void
  onLeave(): void
}

const MOST_SHOWN = 100

/** Every bad row is shown; of the good ones the first. */
const isShown = (row: Looked['rows'][number], at: number) => !row.isGood || at < MOST_SHOWN

/** A pasted table, looked at row by row before anything is taken. */
export function PasteTable({
  id,
  label,
  example,
  onLook,
  onFile,
  accept,
  given = '',
  children,
  onTake,
  onLeave,
}: Props) {
  const [text, setText] = useState(given)
  const [looked, setLooked] = useState<Looked | null>(null)
  const [refused, setRefused] = useState('')
  const [said, setSaid] = useState<Record<string, string>>({})
  const good = looked?.rows.filter((row) => row.isGood).length ?? 0
  const attempt = async (what: () => Promise<void>) => {
    setRefused('')
    try {
      await what()
    } catch (failure) {
      if (!(failure instanceof Refused)) throw failure
      setRefused(failure.message)
    }
  }
  const look = (meant: Record<string, string>, of: string) =>
    attempt(async () => {
      setLooked(null)
      setLooked(await onLook(of, meant))
    })
  const begin = (next: string) => {
    setText(next)
    setLooked(null)
    setSaid({})
  }
  const columns = looked?.columns
  return (
    <>
      <Form.Group controlId={id}>
        <Form.Label className="mb-0">{label}</Form.Label>
        <Form.Control
          as="textarea"
          rows={5}
          value={text}
          placeholder={example}
          onChange={(event) => begin(event.target.value)}
        />
      </Form.Group>
      {onFile && (
        <Form.Group controlId={`${id}-file`} className="mt-2">
          <Form.Label className="mb-0">Or a file</Form.Label>
          <Form.Control
            type="file"
            size="sm"
            accept={accept}
            onChange={(event: ChangeEvent<HTMLInputElement>) => {
              const [file] = event.target.files ?? []
              if (file) attempt(async () => begin(await onFile(file)))
            }}
          />
        </Form.Group>
      )}
      {children}
      {refused && <p role="alert">{refused}</p>}
      {columns?.problem && <p role="alert">{columns.problem}</p>}
      {columns && (
        <fieldset className="columns-are">
          <legend>Which column is which</legend>
          {columns.headings.map((one) => (
            <Form.Group key={one.given} controlId={`${id}-${one.given}`}>
              <Form.Label className="mb-0">{one.given || 'without a name'}</Form.Label>
              <Form.Select
                size="sm"
                value={one.column ?? ''}
                onChange={(event) => {
                  const meant = { ...said, [one.given]: event.target.value }
                  setSaid(meant)
                  look(meant, text)
                }}
              >
                <option value="">left out</option>
                {columns.known.map((name) => (
                  <option key={name} value={name}>
                    {name.replaceAll('_', ' ')}
                  </option>
                ))}
              </Form.Select>
            </Form.Group>
          ))}
        </fieldset>
      )}
      {looked && looked.rows.length > 0 && (
        <ul className="pasted-rows" aria-label="Rows">
          {looked.rows.filter(isShown).map((row) => (
            <li key={row.line} className={row.isGood ? undefined : 'pasted-rows__bad'}>
              <Fractions>{row.said}</Fractions>
            </li>
          ))}
        </ul>
      )}
      <div className="d-flex flex-wrap gap-2 mt-2">
        <Button variant="outline-primary" disabled={text.trim() === ''} onClick={() => look(said, text)}>
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
