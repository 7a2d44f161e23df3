import createClient from 'openapi-fetch'
import type { components, paths } from './schema.gen'

export type Schemas = components['schemas']
export type PlanAnswer = Schemas['PlanAnswer']
export type ChangeAnswer = Schemas['ChangeAnswer']
export type PreviewAnswer = Schemas['PreviewAnswer']
export type Problem = Schemas['ProblemAnswer']
export type PatchStep = Schemas['Edit']['patch'][number]
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
  if (got.error !== undefined || !got.response.ok) throw new Refused((got.error as Problem) ?? null)
  return got.data as T
}
