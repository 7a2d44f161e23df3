import { actsOf } from '../plan/cellActs'
import { keysAreOn } from '../plan/keysSwitch'
import { parentOf } from '../plan/layout'
import { useCommands, usePlan } from '../plan/PlanDesk'

/** Keys that act on the cell in focus: - and | split it, = makes its neighbours alike, C copies it, Shift and an arrow
 * moves the divider beside it. Answers whether it acted. */
export function useCellKeys(): (id: string, key: string, isShift: boolean) => boolean {
  const { plan } = usePlan()
  const { act, nudge } = useCommands()

  const nudgeBeside = (id: string, key: string): boolean => {
    const steps = { ArrowRight: 1, ArrowDown: 1, ArrowLeft: -1, ArrowUp: -1 }[key]
    const holds = /Up|Down/.test(key) ? 'rows' : 'columns'
    const { places } = plan.document
    let part = id
    let split = parentOf(plan.document, part)
    while (split !== null && places[split]?.holds !== holds) {
      part = split
      split = parentOf(plan.document, part)
    }
    if (steps === undefined || split === null) return false
    const siblings = places[split]?.children ?? []
    const at = siblings.indexOf(part)
    const before = at + 1 < siblings.length ? part : siblings[at - 1]
    if (before === undefined) return false
    nudge(before, steps)
    return true
  }

  return (id, key, isShift) => {
    if (isShift && key.startsWith('Arrow')) return nudgeBeside(id, key)
    if (!keysAreOn()) return false
    const pressed = actsOf(plan.document, id).find((one) => one.key === key)
    if (pressed) act(pressed.act(id))
    return pressed !== undefined
  }
}
