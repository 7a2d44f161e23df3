import { useState } from 'react'
import type { Schemas } from '../api/client'
import { Fractions } from '../lengths/Num'
import { useGoTo } from '../panels/useGoTo'
import { useSection } from '../plan/onScreen'
import { useCommands } from '../plan/PlanDesk'
import { Icon } from './icons'
import { useFixes } from './useFixes'

type Finding = Schemas['FindingShown']

const SAID: Record<Finding['severity'], string> = {
  stop: 'Stop',
  attention: 'Attention',
  note: 'Note',
  caution: 'Caution',
}

/** What a person should know, the gravest first; notes and cautions are shut to their number. */
export function Findings() {
  const findings = useSection('findings')
  const [isOpen, setIsOpen] = useState(false)
  const grave = alike(findings.filter((one) => one.severity === 'stop' || one.severity === 'attention'))
  const light = alike(findings.filter((one) => one.severity === 'note' || one.severity === 'caution'))
  return (
    // biome-ignore lint/a11y/noNoninteractiveTabindex: what scrolls must be reached by the keyboard
    <section aria-label="Findings" tabIndex={0}>
      <h2>
        Findings {grave.length === 0 && <span className="other">nothing speaks against cutting</span>}
        {light.length > 0 && (
          <button
            type="button"
            className="btn btn-sm notes"
            aria-expanded={isOpen}
            onClick={() => setIsOpen(!isOpen)}
          >
            {light.length === 1 ? '1 note' : `${light.length} notes`}
          </button>
        )}
      </h2>
      <ul>
        {[...grave, ...(isOpen ? light : [])].map(([first, ...others], at) => (
          <Row
            key={first.code + first.place + first.message}
            first={first}
            others={others}
            isGravest={at === 0 && grave.length > 0}
          />
        ))}
      </ul>
    </section>
  )
}

/** What the program says is one line: the first of them, and the others. */
function alike(findings: Finding[]): [Finding, ...Finding[]][] {
  const found = new Map<number, [Finding, ...Finding[]]>()
  for (const one of findings) {
    const known = found.get(one.group ?? 0)
    if (known) known.push(one)
    else found.set(one.group ?? 0, [one])
  }
  return [...found.values()]
}

/** One line; a press shows all of it. Beside it the fields that mend it, and why. */
function Row({ first, others, isGravest }: { first: Finding; others: Finding[]; isGravest: boolean }) {
  const { askWhy, act } = useCommands()
  const goTo = useGoTo()
  const [isOpen, setIsOpen] = useState(false)
  const fields = first.mends ?? []
  const fixes = useFixes(first, (isGravest || isOpen) && fields.length > 0)
  return (
    <li className={`finding finding--${first.severity}`} data-code={first.code}>
      <Icon name={first.severity} />
      <button
        type="button"
        className={isOpen ? 'told told--open' : 'told'}
        aria-expanded={isOpen}
        onClick={() => setIsOpen(!isOpen)}
      >
        <b>{SAID[first.severity]}:</b> <Fractions>{`${first.message} ${first.fix}`}</Fractions>{' '}
        <span className="other">
          {first.place_name}
          {others.length > 0 && `, and ${others.length} more like it`}
        </span>
      </button>
      <span className="mends">
        {fields.slice(0, isOpen ? fields.length : 1).map((one) => (
          <button
            key={one.key}
            type="button"
            className="btn btn-sm btn-outline-primary"
            aria-label={`Go to ${one.label}: ${first.message}`}
            onClick={() => goTo(one)}
          >
            → {one.label}
          </button>
        ))}
        {first.keys[0] && (
          <button
            type="button"
            className="btn btn-sm btn-outline-secondary"
            aria-label={`Why: ${first.message}`}
            onClick={() => askWhy(first.keys[0] ?? null)}
          >
            Why
          </button>
        )}
      </span>
      {fixes.length > 0 && (
        <span className="fixes">
          {fixes.slice(0, isOpen ? fixes.length : 1).map((one) => (
            <button
              key={`${one.act.at} ${one.act.name}`}
              type="button"
              className="btn btn-sm btn-primary"
              aria-label={`Mend: ${one.label}: ${one.was} → ${one.value}`}
              onClick={() => act(one.act, `${one.label}: ${one.value}`)}
            >
              <Fractions>{`${one.label}: ${one.was} → ${one.value}`}</Fractions>
            </button>
          ))}
        </span>
      )}
      {isOpen && others.length > 0 && (
        <ul className="others">
          {others.map((one) => (
            <li key={one.message}>
              <Fractions>{one.message}</Fractions>
            </li>
          ))}
        </ul>
      )}
    </li>
  )
}
