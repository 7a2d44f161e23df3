import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import { useAsked } from '../../plan/asked'
import { choicesOf } from '../../plan/layout'
import { useCommands, usePlan } from '../../plan/PlanDesk'
import { type Role, useRoles } from './roles'

const OWN = 'own'

/** Which sheet each part is made of: one list, for the plan, or what differs in a space or a place. */
export function MadeOf({ at }: { at: string | undefined }) {
  const asked = useAsked(at)
  const roles = useRoles()
  const shown = roles.filter((one) => asked.has(one.name))
  const [naming, setNaming] = useState<string | null>(null)
  return (
    <>
      <div className="made-of" data-testid="made-of">
        {shown.map((role) => (
          <RoleRow key={role.name} role={role} roles={roles} at={at} onOwn={() => setNaming(role.name)} />
        ))}
      </div>
      <Button size="sm" variant="outline-secondary" onClick={() => setNaming(naming === null ? OWN : null)}>
        A sheet or board of your own
      </Button>
      {naming !== null && (
        <OwnSheet
          key={naming}
          role={shown.find((one) => one.name === naming)}
          at={at}
          onDone={() => setNaming(null)}
        />
      )}
    </>
  )
}

function RoleRow({
  role,
  roles,
  at,
  onOwn,
}: {
  role: Role
  roles: Role[]
  at: string | undefined
  onOwn: () => void
}) {
  const { document } = usePlan().plan
  const { act } = useCommands()
  const sheets = Object.entries(document.library.sheets ?? {})
  const boards = Object.entries(document.library.boards ?? {}).filter(([, one]) => one.section === 'board')
  const choices = at === undefined ? document.choices : choicesOf(document, at)
  const like = roles.find((one) => one.name === role.like)
  const standsIn = like ? `as: ${titled(like).toLowerCase()}` : 'none'
  const otherwise = at === undefined ? standsIn : 'as in the plan'
  return (
    <Form.Group
      controlId={`made-of-${at ?? 'plan'}-${role.name}`}
      className="made-of__row"
      data-field={`${at ?? 'plan'}/${role.name}`}
    >
      <Form.Label className="mb-0">{titled(role)}</Form.Label>
      <Form.Select
        size="sm"
        value={choices[role.name] ?? ''}
        onChange={(event) => {
          const id = event.target.value
          if (id === OWN) return onOwn()
          const name = [...sheets, ...boards].find(([one]) => one === id)?.[1].name ?? otherwise
          act({ do: 'choose', at: at ?? null, name: role.name, value: id || null }, `${role.title}: ${name}`)
        }}
      >
        <option value="">{otherwise}</option>
        {sheets.map(([id, one]) => (
          <option key={id} value={id}>
            {one.name}
          </option>
        ))}
        {boards.length > 0 && (
          <optgroup label="Boards">
            {boards.map(([id, one]) => (
              <option key={id} value={id}>
                {one.name}
              </option>
            ))}
          </optgroup>
        )}
        <option value={OWN}>A sheet or board of your own …</option>
      </Form.Select>
    </Form.Group>
  )
}

/** *Sheet for the case back* → *Case back*: the list says what it is of. */
function titled(role: Role): string {
  const of = role.title.replace(/^Sheet for (the )?/, '')
  return of.charAt(0).toUpperCase() + of.slice(1)
}

/** A sheet or a board by its name, thickness and size; chosen at once for the part that asked for it. */
function OwnSheet({
  role,
  at,
  onDone,
}: {
  role: Role | undefined
  at: string | undefined
  onDone: () => void
}) {
  const { edit } = useCommands()
  const [said, setSaid] = useState({ name: '', thickness: '', length: '', width: '' })
  const [what, setWhat] = useState<keyof typeof KINDS>('sheet')
  const kind = what === 'sheet' ? 'sheets' : 'boards'
  const [refused, setRefused] = useState<string | null>(null)
  const keep = async () => {
    const refusal = await edit({
      do: 'name-stock',
      kind,
      section: what === 'sheet' ? 'board' : what,
      name: said.name.trim(),
      thickness: said.thickness,
      length: said.length || null,
      width: said.width || null,
      role: role?.name ?? null,
      at: at ?? null,
    })
    if (refusal) setRefused(refusal)
    else onDone()
  }
  return (
    <Form
      className="own-sheet"
      aria-label="A sheet or board of your own"
      onSubmit={(event) => {
        event.preventDefault()
        keep()
      }}
    >
      <Form.Group controlId="own-sheet-kind">
        <Form.Label className="mb-0">It is</Form.Label>
        <Form.Select value={what} onChange={(event) => setWhat(event.target.value as keyof typeof KINDS)}>
          {Object.entries(role ? FOR_A_ROLE : KINDS).map(([one, said]) => (
            <option key={one} value={one}>
              {said}
            </option>
          ))}
        </Form.Select>
      </Form.Group>
      {FIELDS.map(([name, label, placeholder]) => (
        <Form.Group key={name} controlId={`own-sheet-${name}`}>
          <Form.Label className="mb-0">{label}</Form.Label>
          <Form.Control
            value={said[name]}
            placeholder={placeholder}
            maxLength={120}
            autoFocus={name === 'name'}
            onChange={(event) => setSaid({ ...said, [name]: event.target.value })}
          />
        </Form.Group>
      ))}
      {refused && <p role="alert">{refused}</p>}
      <div className="d-flex gap-2">
        <Button
          type="submit"
          size="sm"
          disabled={
            said.name.trim() === '' ||
            said.thickness.trim() === '' ||
            (kind === 'boards' && said.width.trim() === '')
          }
        >
          {role ? `Take it for: ${titled(role).toLowerCase()}` : 'Take it in'}
        </Button>
        <Button size="sm" variant="outline-secondary" onClick={onDone}>
          Leave it
        </Button>
      </div>
    </Form>
  )
}

const FOR_A_ROLE = { sheet: 'a sheet', board: 'a board, with its grain along it' }
/** What is only cut to length is for parts of one's own. */
const KINDS = {
  ...FOR_A_ROLE,
  moulding: 'a moulding, cut to length',
  angle: 'an angle, cut to length',
  pipe: 'a pipe or a rod, cut to length',
}

const FIELDS = [
  ['name', 'What it is called', 'Birch 5/8'],
  ['thickness', 'Sold as', '5/8'],
  ['length', 'Length as sold', '60'],
  ['width', 'Width as sold', '60'],
] as const
