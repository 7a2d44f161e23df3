import Form from 'react-bootstrap/Form'
import type { Place } from '../../plan/layout'
import { useQuantity } from '../../plan/onScreen'
import { useCommands, useSelection } from '../../plan/PlanDesk'
import { PlanLength } from '../../plan/PlanLength'

type Sizing = NonNullable<Place['size']>

const PLAIN: Sizing = { by: 'share', length: null, share: 1 }

const WAYS: [Sizing['by'], string][] = [
  ['fixed', 'fixed'],
  ['contents', 'from contents'],
  ['share', 'shares of what is left'],
  ['graduated', 'graduated'],
  ['left', 'what is left'],
]

/** How large the place wants to be in its split: by a length, by its contents, or by what is left. */
export function Wish({ place, parent }: { place: Place; parent: Place | undefined }) {
  const { chosenPlace } = useSelection()
  const { act } = useCommands()
  const size = place.size ?? PLAIN
  const what = parent?.holds === 'columns' ? 'width' : 'height'
  const now = useQuantity(`${chosenPlace}/cell_${what}`)?.value
  const kept = size.by === 'fixed' || size.by === 'contents' ? (size.length ?? null) : null
  const isOfContents = size.by === 'contents'
  const isBin = place.holds === 'bin'
  return (
    <div className="pairs">
      <Form.Group controlId="way">
        <Form.Label className="mb-0">How {what === 'width' ? 'wide' : 'high'}</Form.Label>
        <Form.Select
          value={size.by}
          onChange={(event) =>
            act({ do: 'size-by', place: chosenPlace, by: event.target.value as Sizing['by'] })
          }
        >
          {WAYS.map(([by, title]) => (
            <option key={by} value={by}>
              {title}
            </option>
          ))}
        </Form.Select>
      </Form.Group>
      {!(isOfContents && isBin) && (
        <PlanLength
          key={chosenPlace + String(isOfContents)}
          label={isOfContents ? (what === 'width' ? 'Contents, wide' : 'Contents, high') : `Clear ${what}`}
          kept={kept}
          placeholder={now ? `${now.text}, as it comes` : 'as it comes'}
          after={
            isOfContents
              ? 'What the bottom, the play and the headroom take is added.'
              : 'Type a size to fix it; empty it to share what is left.'
          }
          act={(length) => ({ do: 'size', place: chosenPlace, length })}
          field={chosenPlace}
        />
      )}
      {size.by === 'share' && (
        <Form.Group controlId="share">
          <Form.Label className="mb-0">Shares of what is left</Form.Label>
          <Form.Select
            value={size.share ?? 1}
            onChange={(event) =>
              act({ do: 'size-by', place: chosenPlace, by: 'share', share: Number(event.target.value) })
            }
          >
            {[1, 2, 3, 4, 5].map((count) => (
              <option key={count}>{count}</option>
            ))}
          </Form.Select>
        </Form.Group>
      )}
    </div>
  )
}
