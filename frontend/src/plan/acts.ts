import type { Act, PatchStep } from '../api/client'
import { whoMeasures } from './whoMeasures'

/** Changes as an answer of the program held them, or one field put as it is. */
export const change = (patch: PatchStep[]): Act => ({ do: 'change', patch })

export const put = (path: string, value: PatchStep['value']): Act => change([{ op: 'add', path, value }])

/** Who reads the tape on this device, and when. */
export const takenNow = () => ({
  taken_by: whoMeasures(),
  taken_at: new Date().toISOString().replace(/\.\d+Z$/, 'Z'),
})
