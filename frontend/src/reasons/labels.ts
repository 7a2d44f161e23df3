import { useCallback } from 'react'
import { useCatalogue } from '../api/queries'
import { useOutcome } from '../plan/PlanDesk'

/** What quantities are called: a reading by its station, everything else by its name. */
export function useLabel(): (key: string) => string {
  const labels = useCatalogue().data?.labels
  const { quantities } = useOutcome().solution
  return useCallback(
    (key: string) => quantities[key]?.label || labels?.[key.split('/')[1] ?? ''] || '',
    [labels, quantities],
  )
}
