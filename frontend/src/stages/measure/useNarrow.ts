import { useEffect, useState } from 'react'

const QUERY = '(max-width: 767.98px)'

/** Whether the screen is as narrow as a phone held upright. */
export function useNarrow(): boolean {
  const [isNarrow, setIsNarrow] = useState(() => matchMedia(QUERY).matches)
  useEffect(() => {
    const list = matchMedia(QUERY)
    const note = () => setIsNarrow(list.matches)
    list.addEventListener('change', note)
    return () => list.removeEventListener('change', note)
  }, [])
  return isNarrow
}
