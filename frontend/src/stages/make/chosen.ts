import { useCatalogue } from '../../api/queries'
import { choicesOf, chosenFurtherOut } from '../../plan/layout'
import { usePlan } from '../../plan/PlanDesk'

/** The value that holds of one family, for the plan or one of its spaces: as chosen, or the default. */
export function useChosen(family: string, place?: string): string | undefined {
  const { document } = usePlan().plan
  const fallback = useCatalogue().data?.choosables.find((one) => one.name === family)?.default_in
  const own = place === undefined ? undefined : choicesOf(document, place)[family]
  const said = own ?? chosenFurtherOut(document, place ?? '', family)
  return family === 'runner' ? document.library.runners?.[said ?? '']?.kind : (said ?? fallback ?? undefined)
}

/** What the alternative that holds is called. */
export function useChosenTitle(family: string, place?: string): string {
  const value = useChosen(family, place)
  const all = useCatalogue().data?.alternatives ?? []
  return all.find((one) => one.family === family && one.value === value)?.title ?? ''
}
