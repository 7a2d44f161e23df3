import { useEffect, useRef } from 'react'

const PAUSE = 400

/** Asks again and again for what a job has found, while there is one; the job's id, or nothing. */
export function useLooking(job: string, look: () => Promise<void>, onGone: (failure: unknown) => void) {
  const asked = useRef({ look, onGone })
  asked.current = { look, onGone }
  useEffect(() => {
    if (job === '') return
    const timer = setInterval(() => asked.current.look().catch(asked.current.onGone), PAUSE)
    return () => clearInterval(timer)
  }, [job])
}
