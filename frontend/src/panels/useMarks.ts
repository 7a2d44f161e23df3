import { useCatalogue } from '../api/queries'
import { useSection } from '../plan/onScreen'
import { usePlan } from '../plan/PlanDesk'
import { type PanelId, panelOf } from './panels'

/** What a shut panel must not hide: the gravest finding that is mended in it, and how many places differ in it. */
export function useMarks(id: PanelId): { gravest: 'stop' | 'attention' | null; differing: number } {
  const { plan } = usePlan()
  const findings = useSection('findings')
  const catalogue = useCatalogue()
  const groups = panelOf(id).groups ?? []
  const own = findings.filter((one) => groups.includes(one.mends?.[0]?.group ?? 'none'))
  const gravest = own.some((one) => one.severity === 'stop') ? 'stop' : own.length > 0 ? 'attention' : null
  const names = new Set(
    (catalogue.data?.choosables ?? []).filter((one) => groups.includes(one.group)).map((one) => one.name),
  )
  const places = [...Object.values(plan.document.places), ...Object.values(plan.document.spaces)]
  const differing = places.filter((one) =>
    Object.keys(one.choices ?? {}).some((name) => names.has(name)),
  ).length
  return { gravest, differing }
}
