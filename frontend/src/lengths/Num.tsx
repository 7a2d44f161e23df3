import { Fragment } from 'react'

const FRACTION = /(?<![\d/])(\d+\/\d+)(?![\d/])/

interface Run {
  text: string
  isFraction: boolean
}

/** A text cut at its fractions, so that only these are set as fractions. */
export function runsOf(text: string): Run[] {
  return text
    .split(FRACTION)
    .map((run, at) => ({ text: run, isFraction: at % 2 === 1 }))
    .filter((run) => run.text !== '')
}

/** Words and numbers with real fractions. */
export function Fractions({ children }: { children: string }) {
  return runsOf(children).map((run, at) => (
    // biome-ignore lint/suspicious/noArrayIndexKey: runs have no identity of their own
    <Fragment key={at}>{run.isFraction ? <span className="frac">{run.text}</span> : run.text}</Fragment>
  ))
}

/** Said of a size that has no value: something underneath is not known. */
export const NOT_YET = 'not yet'

/** A number that stays on one line, with real fractions. */
export function Num({ children }: { children: string }) {
  return (
    <span className="num">
      <Fractions>{children}</Fractions>
    </span>
  )
}
