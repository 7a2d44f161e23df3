import type { ReactNode } from 'react'
import type { Act } from '../api/client'
import { LengthField } from '../lengths/LengthField'
import { useCommands, usePlan } from './PlanDesk'

interface Props {
  label: ReactNode
  kept: string | null
  /** What it does with the text as typed; null where it was emptied. */
  act(typed: string | null): Act
  /** What the history calls it, before the length; empty where the act says it well enough. */
  called?: string
  /** What the history calls it where the field was emptied. */
  emptied?: string
  /** Why it may not be empty, where it may not. */
  needed?: string | false
  /** Edits of one field are one step back. */
  field?: string
  placeholder?: string | undefined
  after?: ReactNode
  onFocus?(): void
}

/** A length of the plan: while it is typed one request reads it and shows what it would do; then one keeps it. */
export function PlanLength({ act, called = '', emptied, needed, field = '', ...shown }: Props) {
  const { plan } = usePlan()
  const { edit, preview } = useCommands()
  return (
    <LengthField
      {...shown}
      unit={plan.document.units.length}
      read={(typed) => preview(act(typed))}
      onClear={() => preview(null)}
      onKeep={async (typed) => {
        if (typed !== null) return edit(act(typed), called, field)
        return needed ? needed : edit(act(null), emptied ?? called, field)
      }}
    />
  )
}
