import { useRef } from 'react'
import Button from 'react-bootstrap/Button'
import { Link } from 'react-router'
import { Icon } from '../app/icons'
import { STAGES } from '../app/stages'
import { useSeen } from '../app/useSeen'
import { Fractions } from '../lengths/Num'
import { type Listed, useGlance } from './glances'
import { Sketch } from './Sketch'

interface Props {
  plan: Listed
  isGuest: boolean
  isMarked: boolean
  onMark(isMarked: boolean): void
  onCopy(): void
  onDelete(): void
}

/** One plan: what it looks like, how large it is, how far it is, and the worst that was found. */
export function PlanCard({ plan, isGuest, isMarked, onMark, onCopy, onDelete }: Props) {
  const card = useRef<HTMLLIElement>(null)
  const { data: glance } = useGlance(plan, useSeen(card))
  return (
    <li ref={card} aria-label={plan.name} data-glance={glance ? true : undefined}>
      <Link className="picture" to={`/plans/${plan.id}`} tabIndex={-1} aria-hidden="true">
        {glance && <Sketch sheet={glance.picture} />}
      </Link>
      <div className="told">
        <Link className="name" to={`/plans/${plan.id}`}>
          {plan.name}
        </Link>
        {glance && (
          <>
            <p className="mb-1">
              <Fractions>{glance.size}</Fractions>
              {glance.spaces > 1 && `, ${glance.spaces} spaces`},{' '}
              {glance.drawers === 1 ? '1 drawer' : `${glance.drawers} drawers`}
            </p>
            <p className="stage-states mb-1">
              {STAGES.map((one) => (
                <span key={one.id}>
                  <Icon name={glance.stages[one.id]} /> {one.title}
                  <span className="visually-hidden">: {glance.stages[one.id]}</span>
                </span>
              ))}
            </p>
            {glance.worst && (
              <p className={`worst mb-1 worst--${glance.stops > 0 ? 'stop' : 'attention'}`}>
                <Icon name={glance.stops > 0 ? 'stop' : 'attention'} /> <Fractions>{glance.worst}</Fractions>
                {glance.stops + glance.attention > 1 && ` And ${glance.stops + glance.attention - 1} more.`}
              </p>
            )}
          </>
        )}
        <span className="when">
          {plan.is_demo && 'demo, '}revision {plan.revision}, {new Date(plan.changed_at).toLocaleDateString()}
        </span>
      </div>
      <div className="acts">
        <label className="btn btn-sm btn-outline-secondary mark">
          <input
            type="checkbox"
            className="form-check-input"
            checked={isMarked}
            aria-label={`Compare ${plan.name}`}
            onChange={(event) => onMark(event.target.checked)}
          />{' '}
          Compare
        </label>
        <Button
          size="sm"
          variant="outline-secondary"
          hidden={isGuest}
          aria-label={`Copy ${plan.name}`}
          onClick={onCopy}
        >
          Copy
        </Button>
        <Button
          size="sm"
          variant="outline-secondary"
          hidden={isGuest}
          aria-label={`Delete ${plan.name}`}
          onClick={onDelete}
        >
          Delete
        </Button>
      </div>
    </li>
  )
}
