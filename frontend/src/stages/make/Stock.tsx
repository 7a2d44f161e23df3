import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import { Fractions } from '../../lengths/Num'
import { Panel } from '../../panels/Panel'
import { useAsked } from '../../plan/asked'
import { spaceOf } from '../../plan/layout'
import { useCommands, usePlan, useSelection } from '../../plan/PlanDesk'
import { PlanLength } from '../../plan/PlanLength'
import { Origin } from '../../reasons/Origin'
import { MadeOf } from './MadeOf'
import { type Role, sheetOf, useRoles } from './roles'

const PLAN = 'plan'

/** What is made of what, for the plan, a space or the chosen place; and what the sheets in use measure. */
export function Stock() {
  const { document } = usePlan().plan
  const { chosenPlace } = useSelection()
  const [level, setLevel] = useState(PLAN)
  const asked = useAsked()
  const roles = useRoles().filter((one) => asked.has(one.name))
  const space = spaceOf(document, chosenPlace)
  const levels = [PLAN, space, chosenPlace].filter((one) => one !== '')
  const at = levels.includes(level) ? level : PLAN
  const named = (id: string) =>
    id === PLAN ? 'The whole plan' : (document.places[id]?.name ?? document.spaces[id]?.name ?? id)
  const used = sheetsInUse(document, roles)
  const unsaid = used.filter((id) => !stockOf(document, id)?.measured).length
  return (
    <Panel
      id="stock"
      title="Stock"
      says={unsaid === 0 ? 'measured' : `${unsaid} of ${used.length} not measured yet`}
    >
      <fieldset className="levels">
        <legend className="visually-hidden">What is made of what, in</legend>
        {levels.map((one) => (
          <Button
            key={one}
            size="sm"
            variant={one === at ? 'primary' : 'outline-secondary'}
            aria-pressed={one === at}
            onClick={() => setLevel(one)}
          >
            {named(one)}
          </Button>
        ))}
      </fieldset>
      <MadeOf at={at === PLAN ? undefined : at} />
      <h3>As they measure</h3>
      <p className="lead-in">
        Measure the stock in your hand. What is only assumed carries a broken ring, and so does what rests on
        it.
      </p>
      <div className="pairs">
        {used.map((id) => (
          <Measured key={id} id={id} />
        ))}
      </div>
    </Panel>
  )
}

type Document = ReturnType<typeof usePlan>['plan']['document']

/** A sheet or a board of the library, with how thick it is sold. */
function stockOf(document: Document, id: string) {
  const sheet = document.library.sheets?.[id]
  const board = document.library.boards?.[id]
  if (sheet) return { ...sheet, sold: sheet.nominal, shelf: 'sheets' as const }
  return board && { ...board, sold: board.thickness, often: null, shelf: 'boards' as const }
}

/** Every sheet and board that something is made of, in the order of the parts. */
function sheetsInUse(document: Document, roles: Role[]): string[] {
  const others = [...Object.values(document.spaces), ...Object.values(document.places)]
  const found = new Set(roles.map((role) => sheetOf(document, roles, role)))
  for (const one of others) for (const role of roles) found.add(one.choices?.[role.name])
  return [...found].filter((id): id is string => id !== undefined && stockOf(document, id) !== undefined)
}

function Measured({ id }: { id: string }) {
  const { plan } = usePlan()
  const { act } = useCommands()
  const sheet = stockOf(plan.document, id)
  if (!sheet) return null
  const path = `/library/${sheet.shelf}/${id}/measured`
  const field = `${sheet.shelf}/${id}`
  return (
    <div data-field={field}>
      <PlanLength
        label={
          <>
            <Origin origin={sheet.measured ? 'measured' : 'assumed'} />
            <span>
              <Fractions>{`${sheet.name} measures`}</Fractions>
            </span>
          </>
        }
        kept={sheet.measured ?? null}
        placeholder={`assumed ${sheet.sold}`}
        after={
          <Fractions>{sheet.often ? `Sold as ${sheet.sold}; often measures ${sheet.often}.` : ''}</Fractions>
        }
        act={(text) => ({ do: 'enter', path, text })}
        called={`${sheet.name} measured`}
        emptied={`${sheet.name} no longer measured`}
        field={field}
      />
      {!sheet.measured && (
        <Button
          size="sm"
          variant="outline-secondary"
          onClick={() => act({ do: 'enter', path, text: sheet.sold }, `${sheet.name} measured`, field)}
        >
          <Fractions>{`It measures ${sheet.sold}`}</Fractions>
        </Button>
      )}
    </div>
  )
}
