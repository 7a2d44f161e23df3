import Button from 'react-bootstrap/Button'
import type { Part, PlanDocument } from '../../api/client'
import { WrittenField } from '../../lengths/WrittenField'
import { useSection } from '../../plan/onScreen'
import { useCommands, usePlan } from '../../plan/PlanDesk'

const MOST_OF_ONE = 8

/** How many spare ones are cut of a part, and whether what is alike in one place comes out of one piece. */
export function CutWith({ part }: { part: Part }) {
  const { document } = usePlan().plan
  const { act, edit } = useCommands()
  const all = useSection('parts')
  if (part.grain === 'matched') return null
  const together = Object.entries(document.together ?? {}).filter(([, ids]) =>
    ids.some((id) => part.ids.includes(id)),
  )
  const groups = alikeInOnePlace(part, all)
  const spare = spareOf(part, document)
  return (
    <div className="pairs">
      <WrittenField
        isCount
        label="Spare, cut as well"
        kept={spare > 0 ? String(spare) : null}
        placeholder="none"
        onKeep={async (kept) =>
          kept !== null && !/^[0-9]{1,2}$/.test(kept)
            ? 'Write a whole number.'
            : edit({ do: 'cut-spare', parts: part.ids, count: Number(kept ?? 0) })
        }
      />
      <div className="align-self-center">
        {together.length > 0 && (
          <Button
            size="sm"
            variant="outline-secondary"
            onClick={() => act({ do: 'cut-apart', groups: together.map(([id]) => id) })}
          >
            No longer from one piece
          </Button>
        )}
        {together.length === 0 && groups.length > 0 && (
          <Button size="sm" variant="outline-secondary" onClick={() => act({ do: 'cut-together', groups })}>
            {groups.length === 1 ? 'Its pair from one piece' : 'Each pair from one piece'}
          </Button>
        )}
      </div>
    </div>
  )
}

/** So many more are cut of a row of the list. */
export const spareOf = (part: Part, document: PlanDocument) =>
  part.ids.reduce((sum, id) => sum + (document.spares?.[id] ?? 0), 0)

/** Pieces of one place that are of one sheet and one size: both sides of a drawer. */
function alikeInOnePlace(part: Part, all: Part[]): string[][] {
  const size = sizeOf(part)
  const alike = all.filter((one) => sizeOf(one) === size).flatMap((one) => one.ids)
  const places = [...new Set(part.ids.map(placeOf))]
  return places
    .map((place) => alike.filter((id) => placeOf(id) === place))
    .filter((ids) => ids.length > 1 && ids.length <= MOST_OF_ONE)
}

const placeOf = (id: string) => id.slice(0, id.lastIndexOf('/'))
const sizeOf = (one: Part) => [one.material, one.length.value?.text, one.width.value?.text].join()
