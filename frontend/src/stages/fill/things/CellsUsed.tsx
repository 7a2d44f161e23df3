import Button from 'react-bootstrap/Button'
import type { Schemas } from '../../../api/client'
import { tintOf } from '../../../plan/layout'
import { useCommands } from '../../../plan/PlanDesk'

const COLUMNS = [
  ['floor', 'Floor'],
  ['volume', 'Room'],
  ['weight', 'Weight'],
  ['load', 'Runner'],
  ['wood', 'Wood, gaps'],
  ['air', 'Air'],
] as const

/** What is used of each cell with things in it, and what of its opening is lost. */
export function CellsUsed({ cells }: { cells: Schemas['CellContents'][] }) {
  const { act } = useCommands()
  const shown = COLUMNS.filter(([name]) => cells.some((cell) => cell[name] !== ''))
  return (
    <table className="table table-sm cells-used">
      <thead>
        <tr>
          <th scope="col">Cell</th>
          {shown.map(([name, title]) => (
            <th key={name} scope="col">
              {title}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {cells.map((cell) => (
          <tr key={cell.place} data-place={cell.place}>
            <th scope="row">
              <span className={`number ${tintOf(cell.number)}`}>{cell.number}</span> {cell.name}
              {cell.is_by_hand && (
                <Button
                  size="sm"
                  variant="outline-secondary"
                  className="ms-2"
                  aria-label={`Lay ${cell.name} anew`}
                  onClick={() => act({ do: 'lay-anew', place: cell.place })}
                >
                  Lay anew
                </Button>
              )}
            </th>
            {shown.map(([name]) => (
              <td key={name}>{cell[name]}</td>
            ))}
          </tr>
        ))}
      </tbody>
    </table>
  )
}
