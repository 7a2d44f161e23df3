import { keysAreOn } from '../plan/keysSwitch'
import { withSizes, withSplit } from '../plan/layout'
import { useDesk } from '../plan/PlanDesk'

/** Keys that act on the cell in focus: - and | split it, = makes its neighbours alike. Answers whether it acted. */
export function useCellKeys(): (id: string, key: string) => boolean {
  const { act, plan } = useDesk()
  return (id, key) => {
    if (!keysAreOn()) return false
    const name = plan.document.places[id]?.name ?? ''
    if (key === '-')
      act({ patch: (now) => withSplit(now, id, 'rows', 2), label: `${name}: into rows`, field: '' })
    else if (key === '|')
      act({ patch: (now) => withSplit(now, id, 'columns', 2), label: `${name}: into columns`, field: '' })
    else if (key === '=')
      act({ patch: (now) => withSizes(now, id, 'share'), label: `${name}: all alike`, field: '' })
    else return false
    return true
  }
}
