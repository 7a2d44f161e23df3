import type { Act, PlanDocument } from '../api/client'
import { parentOf } from './layout'

interface CellAct {
  title: string
  /** Said in short, beside the cell in the drawing. */
  sign: string
  /** Pressed while the cell has focus. */
  key?: string
  /** Only beside others, in a split. */
  isOfPart: boolean
  act(place: string): Act
}

/** What can be done with a cell by one press: first what divides it, then what concerns its neighbours. */
export const CELL_ACTS: CellAct[] = [
  {
    title: 'Split into rows',
    sign: 'Rows',
    key: '-',
    isOfPart: false,
    act: (place) => ({ do: 'split', place, into: 'rows' }),
  },
  {
    title: 'Split into columns',
    sign: 'Columns',
    key: '|',
    isOfPart: false,
    act: (place) => ({ do: 'split', place, into: 'columns' }),
  },
  {
    title: 'Make equal',
    sign: 'Equal',
    key: '=',
    isOfPart: true,
    act: (place) => ({ do: 'size-all', place, by: 'share' }),
  },
  {
    title: 'Graduate',
    sign: 'Graduate',
    isOfPart: true,
    act: (place) => ({ do: 'size-all', place, by: 'graduated' }),
  },
  { title: 'Copy beside', sign: 'Copy', key: 'c', isOfPart: true, act: (place) => ({ do: 'copy', place }) },
  { title: 'Take out', sign: 'Take out', isOfPart: true, act: (place) => ({ do: 'take-out', place }) },
]

/** Those that a place can take. */
export const actsOf = (document: PlanDocument, place: string): CellAct[] =>
  CELL_ACTS.filter((one) => !one.isOfPart || parentOf(document, place) !== null)
