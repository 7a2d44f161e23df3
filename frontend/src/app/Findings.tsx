import { Fractions } from '../lengths/Num'
import { useSection } from '../plan/onScreen'
import { useCommands } from '../plan/PlanDesk'
import { Icon } from './icons'

const SAID: Record<string, string> = {
  stop: 'Stop',
  attention: 'Look',
  note: 'Note',
  caution: 'Caution',
}

/** What a person should know, the gravest first; each can be asked why. */
export function Findings() {
  const { askWhy } = useCommands()
  const findings = useSection('findings')
  return (
    // biome-ignore lint/a11y/noNoninteractiveTabindex: what scrolls must be reached by the keyboard
    <section aria-label="Findings" tabIndex={0}>
      <h2>
        Findings <span className="other">{findings.length === 0 ? 'none' : findings.length}</span>
      </h2>
      {findings.length === 0 && <p className="lead-in mb-0">Nothing speaks against cutting.</p>}
      <ul>
        {findings.map((finding) => (
          <li
            key={finding.code + finding.place + finding.message}
            className={`finding finding--${finding.severity}`}
            data-code={finding.code}
          >
            <Icon name={finding.severity} />
            <span>
              <b>{SAID[finding.severity]}:</b> <Fractions>{`${finding.message} ${finding.fix}`}</Fractions>{' '}
              <span className="other">{finding.place_name}</span>
            </span>
            {finding.keys[0] && (
              <button
                type="button"
                className="btn btn-sm btn-outline-primary align-self-start"
                aria-label={`Why: ${finding.message}`}
                onClick={() => askWhy(finding.keys[0] ?? null)}
              >
                Why
              </button>
            )}
          </li>
        ))}
      </ul>
    </section>
  )
}
