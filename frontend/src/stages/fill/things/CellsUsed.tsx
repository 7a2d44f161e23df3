import type { Schemas } from '../../../api/client'
import { tintOf } from '../../../plan/layout'

/** What is used of each cell with things in it. */
export function CellsUsed({ cells }: { cells: Schemas['CellContents'][] }) {
  return (
    <table className="table table-sm cells-used">
      <thead>
        <tr>
          <th scope="col">Cell</th>
          <th scope="col">Floor</th>
          <th scope="col">Room</th>
          <th scope="col">Weight</th>
          <th scope="col">Runner</th>
        </tr>
      </thead>
      <tbody>
        {cells.map((cell) => (
          <tr key={cell.place} data-place={cell.place}>
            <th scope="row">
              <span className={`number ${tintOf(cell.number)}`}>{cell.number}</span> {cell.name}
            </th>
            <td>{cell.floor}</td>
            <td>{cell.volume}</td>
            <td>{cell.weight}</td>
            <td>{cell.load}</td>
          </tr>
        ))}
      </tbody>
    </table>
  )
}
