import type { Schemas } from '../../api/client'
import { useCatalogue } from '../../api/queries'
import type { usePlan } from '../../plan/PlanDesk'

export type Role = Schemas['ChoosableShown']
type Document = ReturnType<typeof usePlan>['plan']['document']

/** Every part that is made of a sheet. */
export function useRoles(): Role[] {
  return (useCatalogue().data?.choosables ?? []).filter((one) => one.kind === 'sheet')
}

/** The sheet of a part in the whole plan: its own, or that of the part which it is like. */
export function sheetOf(document: Document, roles: Role[], role: Role): string | undefined {
  const own = document.choices[role.name]
  const like = roles.find((one) => one.name === role.like)
  return own ?? (like && sheetOf(document, roles, like))
}
