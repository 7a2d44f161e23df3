import createClient from 'openapi-fetch'
import type { components, paths } from './schema.gen'

export type Schemas = components['schemas']
export type PlanAnswer = Schemas['PlanAnswer']
export type ChangeAnswer = Schemas['ChangeAnswer']
export type PreviewAnswer = Schemas['PreviewAnswer']
export type Problem = Schemas['ProblemAnswer']
export type PatchStep = Schemas['PatchStep']
export type Act = Schemas['Edit']['act']
export type LengthRead = Schemas['LengthRead']
export type PlanDocument = PlanAnswer['document']
export type Quantity = Schemas['QuantityShown']
export type Solution = Schemas['Solution']
export type Part = Schemas['PartShown']
export type Sheet = Schemas['SheetShown']
export type Stroke = Schemas['StrokeShown']
export type Moved = Schemas['Moved']
export type Finding = Schemas['FindingShown']
export type Reason = Schemas['ReasonShown']
export type Shown = Schemas['Shown']
export type Unit = PlanDocument['units']['length']

export const client = createClient<paths>()

/** A refusal by the program, or its silence, as a thrown value. */
export class Refused extends Error {
  readonly problem: Problem | null

  constructor(problem: Problem | null) {
    super(problem ? `${problem.detail} ${problem.fix}`.trim() : 'The program does not answer.')
    this.problem = problem
  }
}

/** A text that is no length, at least not yet. */
export class Unreadable extends Error {}

/** A typed length as it was read; one that was not is thrown. */
export function readOf(typed: Schemas['TypedRead'] | null | undefined): LengthRead | null {
  if (typed?.refused) throw new Unreadable(`${typed.refused.message} ${typed.refused.fix}`)
  return typed?.read ?? null
}

const isProblem = (error: unknown): error is Problem =>
  typeof error === 'object' && error !== null && 'code' in error && 'status' in error

/** The data of an answer; a problem or a silence is thrown as Refused. */
export async function answered<T>(
  call: Promise<{ data?: T | undefined; error?: unknown; response: Response }>,
): Promise<T> {
  let got: Awaited<typeof call>
  try {
    got = await call
  } catch (failure) {
    if (failure instanceof DOMException && failure.name === 'AbortError') throw failure
    throw new Refused(null)
  }
  if (got.error !== undefined || !got.response.ok) throw new Refused(isProblem(got.error) ? got.error : null)
  return got.data as T
}
