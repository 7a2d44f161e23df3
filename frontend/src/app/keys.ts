import { useEffect } from 'react'
import { useNavigate } from 'react-router'
import { keysAreOn } from '../plan/keysSwitch'
import { useCommands, usePlan } from '../plan/PlanDesk'
import { STAGES } from './stages'

const isTyping = (target: EventTarget | null) =>
  target instanceof HTMLElement && ['INPUT', 'SELECT', 'TEXTAREA'].includes(target.tagName)

const isInDrawing = (target: EventTarget | null) =>
  target instanceof Element && target.closest('.working') !== null

/** Undo and redo anywhere outside a field; digits and signs only while the drawing has the focus. */
export function useKeys(showHelp: () => void) {
  const { plan } = usePlan()
  const { step } = useCommands()
  const navigate = useNavigate()
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (isTyping(event.target)) return
      const key = event.key.toLowerCase()
      if ((event.ctrlKey || event.metaKey) && (key === 'z' || key === 'y')) {
        event.preventDefault()
        step(key === 'y' || event.shiftKey ? 'redo' : 'undo')
        return
      }
      if (event.ctrlKey || event.metaKey || event.altKey || !keysAreOn() || !isInDrawing(event.target)) return
      const stage = STAGES.find((one) => one.key === event.key)
      if (stage) navigate(`/plans/${plan.id}/${stage.id}`)
      if (event.key === '?') showHelp()
      if (key === 'r') {
        event.preventDefault()
        document.querySelector<HTMLInputElement>('[data-reckoner]')?.focus()
      }
    }
    window.addEventListener('keydown', onKey)
    return () => window.removeEventListener('keydown', onKey)
  }, [navigate, plan.id, showHelp, step])
}
