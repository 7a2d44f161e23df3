import type { Sheet } from '../api/client'
import { Mark } from '../drawing/Drawing'

/** A sheet without anything to press: the picture of a plan in a list. */
export const Sketch = ({ sheet }: { sheet: Sheet }) => (
  <svg
    className="drawing sketch"
    viewBox={`${sheet.left} ${-sheet.bottom - sheet.height} ${sheet.width} ${sheet.height}`}
    preserveAspectRatio="xMidYMid meet"
    aria-hidden="true"
  >
    {sheet.strokes.map((stroke, at) => (
      // biome-ignore lint/suspicious/noArrayIndexKey: strokes have no identity of their own
      <Mark key={at} stroke={stroke} isTold={false} isMet={false} />
    ))}
  </svg>
)
