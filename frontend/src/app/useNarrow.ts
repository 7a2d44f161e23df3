import { useEffect, useState } from 'react'

const QUERY = '(max-width: 767.98px)'

export const isNarrow = () => matchMedia(QUERY).matches

/** Whether the screen is as narrow as a phone held upright. */
export function useNarrow(): boolean {
  const [is, setIs] = useState(isNarrow)
  useEffect(() => {
    const list = matchMedia(QUERY)
    const note = () => setIs(list.matches)
    list.addEventListener('change', note)
    return () => list.removeEventListener('change', note)
  }, [])
  return is
}
