import { type RefObject, useEffect, useState } from 'react'

/** Whether something has come into view: what costs the program work is asked for then, and not before. */
export function useSeen(of: RefObject<Element | null>): boolean {
  const [isSeen, setIsSeen] = useState(false)
  useEffect(() => {
    const element = of.current
    if (element === null) return
    const watch = new IntersectionObserver((entries) => setIsSeen(entries.some((one) => one.isIntersecting)))
    watch.observe(element)
    return () => watch.disconnect()
  }, [of])
  return isSeen
}
