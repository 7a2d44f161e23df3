import Form from 'react-bootstrap/Form'
import { LengthField } from '../../lengths/LengthField'
import type { Place } from '../../plan/layout'
import { useCommands, useOutcome, usePlan, useSelection } from '../../plan/PlanDesk'
import { put } from '../../plan/patches'

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
  const { plan } = usePlan()
  const { solution } = useOutcome()
  const { chosenPlace } = useSelection()
  const { edit, act, preview } = useCommands()
  const size = place.size ?? PLAIN
  const what = parent?.holds === 'columns' ? 'width' : 'height'
  const now = solution.quantities[`${chosenPlace}/cell_${what}`]?.value
  const kept = size.by === 'fixed' || size.by === 'contents' ? (size.length ?? null) : null
  const isOfContents = size.by === 'contents'
  const isBin = place.holds === 'bin'
  const sized = (more: Partial<Sizing>) => [
    put(`/places/${chosenPlace}/size`, { ...PLAIN, ...size, ...more }),
  ]
  const typed = (length: string | null) => () =>
    length === null
      ? sized({ by: 'share', length: null })
      : sized({ by: isOfContents ? 'contents' : 'fixed', length })
  const chooseWay = (by: Sizing['by']) => {
    const needsLength = by === 'fixed' || (by === 'contents' && !isBin)
    const length = needsLength ? (kept ?? inThePlansUnit(now?.text, plan.document.units.length)) : null
    if (needsLength && length === null) return
    act({ patch: () => sized({ by, length }), label: `${place.name}: ${by}`, field: '' })
  }
  return (
    <div className="pairs">
      <Form.Group controlId="way">
        <Form.Label className="mb-0">How {what === 'width' ? 'wide' : 'high'}</Form.Label>
        <Form.Select value={size.by} onChange={(event) => chooseWay(event.target.value as Sizing['by'])}>
          {WAYS.map(([by, title]) => (
            <option key={by} value={by}>
              {title}
            </option>
          ))}
        </Form.Select>
      </Form.Group>
      {!(isOfContents && isBin) && (
        <LengthField
          key={chosenPlace + String(isOfContents)}
          label={isOfContents ? (what === 'width' ? 'Contents, wide' : 'Contents, high') : `Clear ${what}`}
          kept={kept}
          unit={plan.document.units.length}
          placeholder={now ? `${now.text}, as it comes` : 'as it comes'}
          after={
            isOfContents
              ? 'What the bottom, the play and the headroom take is added.'
              : 'Type a size to fix it; empty it to share what is left.'
          }
          onType={(length) => preview(length === null ? null : typed(length))}
          onKeep={(length) =>
            edit({
              patch: typed(length),
              label: `${place.name}: ${what} ${length ?? 'shared'}`,
              field: chosenPlace,
            })
          }
        />
      )}
      {size.by === 'share' && (
        <Form.Group controlId="share">
          <Form.Label className="mb-0">Shares of what is left</Form.Label>
          <Form.Select
            value={size.share ?? 1}
            onChange={(event) => {
              const share = Number(event.target.value)
              act({ patch: () => sized({ share }), label: `${place.name}: ${share} shares`, field: '' })
            }}
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

/** A size as it is shown, to be kept as typed; null where it is not exact. */
const inThePlansUnit = (text: string | undefined, unit: string) =>
  text === undefined || text.startsWith('≈') ? null : `${text} ${unit}`
