import { useCatalogue } from '../../api/queries'
import { choicesOf } from '../../plan/layout'
import { usePlan } from '../../plan/PlanDesk'

/** The value that holds of one family, for the plan or one of its spaces: as chosen, or the default. */
export function useChosen(family: string, place?: string): string | undefined {
  const { document } = usePlan().plan
  const fallback = useCatalogue().data?.choosables.find((one) => one.name === family)?.default_in
  const said = (place && choicesOf(document, place)[family]) || document.choices[family]
  return family === 'runner' ? document.library.runners?.[said ?? '']?.kind : (said ?? fallback ?? undefined)
}

/** What the alternative that holds is called. */
export function useChosenTitle(family: string, place?: string): string {
  const value = useChosen(family, place)
  const all = useCatalogue().data?.alternatives ?? []
  return all.find((one) => one.family === family && one.value === value)?.title ?? ''
}
