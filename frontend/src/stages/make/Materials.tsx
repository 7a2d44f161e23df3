import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import { answered, client, type Schemas } from '../../api/client'
import { useCatalogue } from '../../api/queries'
import { Fractions } from '../../lengths/Num'
import { WrittenField } from '../../lengths/WrittenField'
import { Panel } from '../../panels/Panel'
import { change, put } from '../../plan/acts'
import { useCommands, usePlan } from '../../plan/PlanDesk'
import { PlanLength } from '../../plan/PlanLength'
import { ChoiceFields } from '../ChoiceFields'
import { PasteTable } from '../PasteTable'
import { RowChoice } from './RowChoice'

type Kind = Schemas['StockRow']['kind']
type Row = Record<string, unknown> & { name: string }

const KINDS = ['sheets', 'boards', 'bands'] as const
const ONE: Record<Kind, string> = { sheets: 'sheet', boards: 'board', bands: 'edge band' }
const TITLES: Record<Kind, string> = { sheets: 'Sheets', boards: 'Boards', bands: 'Edge bands' }
const LENGTHS: Record<Kind, [string, string][]> = {
  sheets: [
    ['nominal', 'Sold as'],
    ['length', 'Length as sold'],
    ['width', 'Width as sold'],
  ],
  boards: [
    ['thickness', 'Thickness'],
    ['width', 'Width'],
    ['length', 'Length as sold'],
  ],
  bands: [
    ['thickness', 'Thickness'],
    ['length', 'Length of a roll'],
  ],
}
const BANDS = ['bands'] as const
const STRIPPED = ['boards', 'sheets'] as const
const STIFFNESSES = [
  ['stiffness_along', 'Stiffness along the grain, N/mm²'],
  ['stiffness_across', 'Stiffness across the grain, N/mm²'],
] as const
const NEEDED = ['nominal', 'thickness', 'width']
const EXAMPLE =
  '{ "format": "vasculum-library", "version": 1, "sheets": [], "boards": [], "bands": [], "runners": [] }'

/** What it is made of: sheets, boards and edge bands, how they are sold and what they cost. */
export function Materials() {
  const { plan } = usePlan()
  const { act } = useCommands()
  const [isOpen, setIsOpen] = useState(false)
  const { library } = plan.document
  const says = KINDS.map((kind) => counted(Object.keys(library[kind] ?? {}).length, kind)).filter(Boolean)
  return (
    <Panel id="materials" says={says.join(', ')}>
      <p className="lead-in">How they are sold, and what they cost.</p>
      {KINDS.map((kind) => (
        <Rows key={kind} kind={kind} />
      ))}
      <div className="pairs">
        <RowChoice choice="front_band" title="Edge band of the fronts" rows={BANDS} otherwise="none" />
        <RowChoice
          choice="case_band"
          title="Edge band of case, dividers and shelves"
          rows={BANDS}
          otherwise="none"
        />
        <RowChoice
          choice="strip_board"
          title="Board or sheet for strips"
          rows={STRIPPED}
          otherwise="not said"
        />
      </div>
      <ChoiceFields group="To buy" />
      <div className="d-flex flex-wrap gap-2">
        <a className="btn btn-outline-secondary" href={`/api/plans/${plan.id}/files/library.json`}>
          Library (JSON)
        </a>
        <Button variant="outline-secondary" aria-expanded={isOpen} onClick={() => setIsOpen(!isOpen)}>
          Paste a library
        </Button>
      </div>
      {isOpen && (
        <div className="mt-2">
          <PasteTable
            id="pasted-library"
            label="The text of a library file"
            example={EXAMPLE}
            onLook={async (text) => {
              const path = { params: { path: { plan_id: plan.id } }, body: { text } }
              const answer = await answered(client.POST('/api/plans/{plan_id}/library', path))
              const rows = answer.rows.map((row, at) => ({
                line: at,
                isGood: row.row !== null,
                said: `${row.kind} ${row.line}: ${row.name}${row.problem && ` · ${row.problem}`}`,
              }))
              return { rows, patch: answer.patch }
            }}
            onTake={(patch, good) => {
              act(change(patch), `${good} rows of a library taken in`)
              setIsOpen(false)
            }}
            onLeave={() => setIsOpen(false)}
          />
        </div>
      )}
    </Panel>
  )
}

const counted = (count: number, kind: Kind) =>
  count === 0 ? '' : count === 1 ? `1 ${ONE[kind]}` : `${count} ${TITLES[kind].toLowerCase()}`

function Rows({ kind }: { kind: Kind }) {
  const { plan } = usePlan()
  const { act, edit } = useCommands()
  const stock = useCatalogue().data?.stock ?? []
  const rows = Object.entries((plan.document.library[kind] ?? {}) as Record<string, Row>)
  const system = plan.document.defaults_system
  const offered = stock
    .filter((one) => one.kind === kind && !rows.some(([, row]) => row.name === one.name))
    .sort((one, other) => Number(other.system === system) - Number(one.system === system))
  return (
    <section aria-label={TITLES[kind]}>
      <h3 className="h5">{TITLES[kind]}</h3>
      {rows.map(([id, row]) => (
        <details key={id}>
          <summary>
            <Fractions>{row.name}</Fractions>
          </summary>
          <WrittenField
            label="Called"
            kept={row.name}
            onKeep={async (kept) =>
              kept === null
                ? 'It needs a name.'
                : edit(
                    put(`/library/${kind}/${id}/name`, kept),
                    `${row.name} is called ${kept}`,
                    `${id}/name`,
                  )
            }
          />
          <Fields kind={kind} id={id} row={row} />
        </details>
      ))}
      <Form.Select
        aria-label={`Another of the ${TITLES[kind].toLowerCase()}`}
        className="mb-2"
        value=""
        onChange={(event) => {
          const one = offered.find((row) => row.name === event.target.value)
          if (one) act({ do: 'add-stock', kind, name: one.name, system: one.system })
        }}
      >
        <option value="">Add one as it is sold …</option>
        {offered.map((one) => (
          <option key={one.name}>{one.name}</option>
        ))}
      </Form.Select>
    </section>
  )
}

function Fields({ kind, id, row }: { kind: Kind; id: string; row: Row }) {
  const { edit, act } = useCommands()
  const at = `/library/${kind}/${id}`
  const keep = (name: string, title: string, kept: string | number | null) =>
    edit(put(`${at}/${name}`, kept), `${row.name}, ${title}: ${kept ?? 'not known'}`, `${id}/${name}`)
  const text = (name: string) => (row[name] == null ? null : String(row[name]))
  return (
    <div className="pairs">
      {LENGTHS[kind].map(([name, title]) => (
        <PlanLength
          key={name}
          label={title}
          kept={text(name)}
          act={(typed) => ({ do: 'enter', path: `${at}/${name}`, text: typed })}
          called={`${row.name}, ${title.toLowerCase()}`}
          emptied={`${row.name}, ${title.toLowerCase()}: not known`}
          needed={
            NEEDED.includes(name) &&
            !(kind === 'sheets' && name === 'width') &&
            'It has this size; measure it.'
          }
          field={`${id}/${name}`}
        />
      ))}
      <WrittenField
        label={kind === 'bands' ? 'Price of a roll' : 'Price of one'}
        kept={text('price')}
        placeholder="48.50"
        onKeep={(kept) => keep('price', 'price', kept)}
      />
      {kind !== 'bands' && (
        <WrittenField
          label="Density, kg/m³"
          kept={text('density')}
          placeholder="600"
          onKeep={async (kept) =>
            kept !== null && !/^[0-9]+$/.test(kept)
              ? 'Write a whole number of kilograms per cubic metre.'
              : keep('density', 'density', kept === null ? null : Number(kept))
          }
        />
      )}
      {kind === 'sheets' && (
        <>
          {STIFFNESSES.map(([name, title]) => (
            <WrittenField
              key={name}
              label={title}
              kept={text(name)}
              placeholder="not said"
              onKeep={async (kept) =>
                kept !== null && !/^[0-9]+$/.test(kept)
                  ? 'Write a whole number of newtons per square millimetre.'
                  : keep(name, title.toLowerCase(), kept === null ? null : Number(kept))
              }
            />
          ))}
          <Form.Group controlId={`${id}-grain`}>
            <Form.Label className="mb-0">Grain</Form.Label>
            <Form.Select
              value={text('grain') ?? 'length'}
              onChange={(event) =>
                act(put(`${at}/grain`, event.target.value), `${row.name}: grain ${event.target.value}`)
              }
            >
              <option value="length">along its length</option>
              <option value="free">none to be seen</option>
            </Form.Select>
          </Form.Group>
        </>
      )}
      <div className="align-self-end">
        <Button
          size="sm"
          variant="outline-secondary"
          onClick={() => act({ do: 'take-stock-out', kind, row: id })}
        >
          Take it out
        </Button>
      </div>
    </div>
  )
}
