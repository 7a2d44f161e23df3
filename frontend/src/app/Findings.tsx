import type { Finding } from '../api/client'
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

/** Findings that say the same together, with the names of all their places. */
function alike(findings: Finding[]): { finding: Finding; places: string[] }[] {
  const groups = new Map<string, { finding: Finding; places: string[] }>()
  for (const finding of findings) {
    const key = `${finding.severity} ${finding.message} ${finding.fix}`
    const group = groups.get(key) ?? { finding, places: [] }
    if (!group.places.includes(finding.place_name)) group.places.push(finding.place_name)
    groups.set(key, group)
  }
  return [...groups.values()]
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
        {alike(findings).map(({ finding, places }) => (
          <li
            key={finding.code + finding.place + finding.message}
            className={`finding finding--${finding.severity}`}
            data-code={finding.code}
          >
            <Icon name={finding.severity} />
            <span>
              <b>{SAID[finding.severity]}:</b> <Fractions>{`${finding.message} ${finding.fix}`}</Fractions>{' '}
              <span className="other">{places.join(', ')}</span>
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
