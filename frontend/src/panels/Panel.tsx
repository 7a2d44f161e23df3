import { type ReactNode, useId } from 'react'
import { Icon } from '../app/icons'
import { setOpen, useOpen } from './open'
import { type PanelId, panelOf } from './panels'
import { useMarks } from './useMarks'

interface Props {
  id: PanelId
  /** Instead of its usual title. */
  title?: string
  /** What holds there, in words with its key figures. */
  says?: ReactNode
  children: ReactNode
}

/** A part of a sheet, shut to one line that says what holds there. */
export function Panel({ id, title = panelOf(id).title, says, children }: Props) {
  const isOpen = useOpen(id)
  const inside = useId()
  const { gravest, differing } = useMarks(id)
  return (
    <section className={isOpen ? 'panel panel--open' : 'panel'} aria-label={panelOf(id).title}>
      <h2>
        <button
          type="button"
          aria-expanded={isOpen}
          aria-controls={inside}
          data-panel={id}
          onClick={() => setOpen(id, !isOpen)}
        >
          <span className="title">{title}</span>
          {says && <span className="says">{says}</span>}
          {differing > 0 && <span className="differs">{`* ${differing} otherwise`}</span>}
          {gravest && (
            <span className={`wants wants--${gravest}`}>
              <Icon name={gravest} />
              <span className="visually-hidden">{gravest === 'stop' ? 'stops' : 'needs attention'}</span>
            </span>
          )}
        </button>
      </h2>
      <div id={inside} hidden={!isOpen}>
        {isOpen && children}
      </div>
    </section>
  )
}
