import { useEffect, useState } from 'react'
import { cellsOf } from '../plan/layout'
import { useDesk } from '../plan/PlanDesk'
import { useCellKeys } from './cellKeys'
import { Drawing } from './Drawing'

const SHORT: Record<string, string> = { elevation: 'Elevation', section: 'Section' }

/** The drawing that is always in view: one of the sheets of the plan as it is now. */
export function WorkingDrawing({ stage }: { stage: string }) {
  const { plan, drawings, solution, chosenPart, choosePart, chosenPlace, choosePlace, whyKey, askWhy } =
    useDesk()
  const keys = useCellKeys()
  const [view, setView] = useState('elevation')
  useEffect(() => {
    if (chosenPart !== null) setView('part')
  }, [chosenPart])
  const isPart = view === 'part' && chosenPart !== null
  const sheet =
    (isPart && drawings.find((one) => one.part_ids.includes(chosenPart))) ||
    drawings.find((one) => one.name === view && one.place === chosenPlace) ||
    drawings.find((one) => one.name === (isPart ? 'elevation' : view))
  const names = Object.fromEntries(
    cellsOf(plan.document).map((one) => [one.id, `${one.number}, ${one.place.name}`]),
  )
  const label = (key: string) => solution.quantities[key]?.label ?? key

  const show = (name: string) => {
    setView(name)
    choosePart(null)
  }

  return (
    <section className="working" aria-label="Working drawing">
      <div className="views">
        {Object.entries(SHORT).map(([name, title]) => (
          <button
            type="button"
            className="btn btn-sm"
            key={name}
            aria-pressed={!isPart && view === name}
            onClick={() => show(name)}
          >
            {title}
          </button>
        ))}
        {isPart && (
          <button type="button" className="btn btn-sm" aria-pressed="true">
            {sheet?.title ?? 'Part'}
          </button>
        )}
        <span className="scale">{sheet && sheet.strokes.length > 0 ? `1:${sheet.scale} on paper` : ''}</span>
      </div>
      <div className="surface d-flex">
        {sheet && sheet.strokes.length > 0 ? (
          <Drawing
            sheet={sheet}
            without={stage === 'measure' || isPart ? [] : ['readings']}
            chosenKey={whyKey}
            label={label}
            onWhy={askWhy}
            cells={names}
            chosenCell={chosenPlace}
            onCell={choosePlace}
            onCellKey={keys}
          />
        ) : (
          <Empty view={view} />
        )}
      </div>
    </section>
  )
}

function Empty({ view }: { view: string }) {
  return (
    <div className="empty" data-ready>
      <svg viewBox="0 0 200 110" width="200" height="110" aria-hidden="true" className="station-picture">
        <rect className="space" x="20" y="12" width="160" height="86" />
        <path className="tape tape--here" d="M22 55H178" />
      </svg>
      <p className="mb-0">
        {view === 'section'
          ? 'The section is drawn once a depth and a height have been read.'
          : 'The opening is drawn once a width and a height have been read.'}
      </p>
    </div>
  )
}
