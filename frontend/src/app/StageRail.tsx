import { Link } from 'react-router'
import { useSection } from '../plan/onScreen'
import { usePlan } from '../plan/PlanDesk'
import { Icon } from './icons'
import { STAGES, type StageId } from './stages'

/** The stages as tabs of a book, each with how far it is. */
export function StageRail({ stage }: { stage: StageId }) {
  const { plan } = usePlan()
  const states = useSection('stages')
  return (
    <nav className="rail" aria-label="Stages">
      <ol>
        {STAGES.map((one) => (
          <li key={one.id}>
            <Link to={`/plans/${plan.id}/${one.id}`} aria-current={one.id === stage ? 'page' : undefined}>
              {one.title}
              <span className="state">
                <Icon name={states[one.id]} />
                {states[one.id]}
              </span>
            </Link>
          </li>
        ))}
      </ol>
    </nav>
  )
}
