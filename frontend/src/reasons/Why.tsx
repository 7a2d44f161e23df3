import { useEffect, useRef } from 'react'
import Button from 'react-bootstrap/Button'
import { type Reason, Refused } from '../api/client'
import { useWhy } from '../api/queries'
import { Fractions, NOT_YET, Num } from '../lengths/Num'
import { useCommands, usePlan } from '../plan/PlanDesk'
import { Origin } from './Origin'

/** The chain of reasons behind the size that was asked for, back to the tape. */
export function Why({ of }: { of: string }) {
  const { plan } = usePlan()
  const { askWhy } = useCommands()
  const chain = useWhy(plan.id, plan.revision, of)
  const heading = useRef<HTMLHeadingElement>(null)
  const cameFrom = useRef<Element | null>(document.activeElement)

  // biome-ignore lint/correctness/useExhaustiveDependencies: the focus moves whenever another size is asked for
  useEffect(() => heading.current?.focus(), [of])
  useEffect(() => {
    const from = cameFrom.current
    return () => {
      if (from instanceof HTMLElement || from instanceof SVGElement) from.focus()
    }
  }, [])

  return (
    <section
      className="why"
      aria-label="Why this size"
      onKeyDown={(event) => event.key === 'Escape' && askWhy(null)}
    >
      <div className="d-flex justify-content-between align-items-start">
        <h1 ref={heading} tabIndex={-1}>
          Why?
        </h1>
        <Button variant="outline-secondary" size="sm" onClick={() => askWhy(null)}>
          Close
        </Button>
      </div>
      {chain.isError && (
        <p role="alert">
          {chain.error instanceof Refused ? chain.error.message : 'The program does not answer.'}
        </p>
      )}
      {chain.isPending && <p>Looking it up …</p>}
      <ol>
        {chain.data?.chain.map((link, at) => (
          <Link key={link.key} link={link} isFirst={at === 0} />
        ))}
      </ol>
    </section>
  )
}

function Link({ link, isFirst }: { link: Reason; isFirst: boolean }) {
  return (
    <li className={isFirst ? 'link link--first' : 'link'}>
      <Origin origin={link.origin} />
      <h2>
        {link.label} {link.value ? <Fractions>{link.value.text}</Fractions> : NOT_YET}{' '}
        <span className="other">{link.value?.other}</span>
      </h2>
      {link.planned && (
        <p>
          As built; planned <Num>{link.planned.text}</Num>
        </p>
      )}
      {link.sentence ? <p>{link.sentence}</p> : <p>{GIVEN[link.origin]}</p>}
      {link.sum && (
        <p className="sum">
          = <Fractions>{link.sum}</Fractions>
        </p>
      )}
      {link.problem && (
        <p role="alert">
          {link.problem.message} {link.problem.fix}
        </p>
      )}
      {link.compared.length > 0 && (
        <details className="compared" open={!link.sum}>
          <summary>compared</summary>
          {link.compared.map((line) => (
            <div key={line}>
              <Fractions>{line}</Fractions>
            </div>
          ))}
        </details>
      )}
      <p className="source">
        {link.place_name}
        {link.source && <Fractions>{`; ${link.source}`}</Fractions>}
      </p>
    </li>
  )
}

const GIVEN: Record<string, string> = {
  measured: 'Measured.',
  chosen: 'Chosen for this plan.',
  assumed: 'Assumed: nobody has confirmed it yet.',
  'worked out': '',
  'as built': 'As built.',
}
