import { useCallback } from 'react'
import { useNavigate } from 'react-router'
import type { PlanDocument, Schemas } from '../api/client'
import { spaceOf } from '../plan/layout'
import { useCommands, usePlan, useSelection } from '../plan/PlanDesk'
import { setOpen } from './open'
import { type PanelId, panelOf, panelOfGroup } from './panels'
import { wantField } from './wantedField'

const PATIENCE = 60

/** Goes to the field that mends something: its sheet, its panel, and the field in focus. */
export function useGoTo(): (mend: Schemas['Mend']) => void {
  const { plan } = usePlan()
  const { choosePlace } = useCommands()
  const { chosenPlace } = useSelection()
  const navigate = useNavigate()
  return useCallback(
    (mend) => {
      const place = mend.key.split('/')[0] ?? ''
      const isOfPlace = place in plan.document.places
      const panel: PanelId = isOfPlace
        ? 'differs'
        : mend.group === ''
          ? 'readings'
          : (panelOfGroup(mend.group) ?? 'shop')
      const shown = isOfPlace ? place : cellIn(plan.document, place)
      const isInView =
        !isOfPlace && spaceOf(plan.document, chosenPlace) === spaceOf(plan.document, shown ?? '')
      if (shown && !isInView) choosePlace(shown)
      setOpen(panel, true)
      navigate(`/plans/${plan.id}/${panelOf(panel).stage}`)
      wantField(mend.key)
      focusSoon(mend.key, panel)
    },
    [plan, chosenPlace, choosePlace, navigate],
  )
}

/** What a space holds, for a choice of that space or a reading that was taken in it: so that its fields are in view. */
function cellIn(document: PlanDocument, at: string): string | undefined {
  const survey = document.readings[at]?.survey ?? at
  const spaces = Object.entries(document.spaces)
  return spaces.find(([id, one]) => id === at || [one.case, one.frame].includes(survey))?.[1].holds
}

/** The field, once it is there; where the panel has none of that name, the panel itself. */
function focusSoon(key: string, panel: PanelId, left = PATIENCE) {
  const field = document.querySelector<HTMLElement>(`[data-field="${CSS.escape(key)}"]`)
  const wanted = field?.matches('input, select')
    ? field
    : field?.querySelector<HTMLElement>('input, select, button')
  if (wanted) {
    wanted.focus()
    wantField('')
    wanted.scrollIntoView({ block: 'center' })
  } else if (left > 0) {
    requestAnimationFrame(() => focusSoon(key, panel, left - 1))
  } else document.querySelector<HTMLElement>(`[data-panel="${panel}"]`)?.focus()
}
