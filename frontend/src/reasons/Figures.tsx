import { useQuantities } from '../plan/onScreen'
import { useLabel } from './labels'
import { Size } from './Size'

/** The sizes of a place that are there, by name: each with its label and its reason. */
export function Figures({
  place,
  names,
  className = '',
}: {
  place: string
  names: string[]
  className?: string
}) {
  const labelOf = useLabel()
  const sizes = useQuantities(names.map((name) => `${place}/${name}`))
  return (
    <table className={`figures ${className}`}>
      <tbody>
        {Object.keys(sizes).map((key) => (
          <tr key={key}>
            <th scope="row">{labelOf(key)}</th>
            <td>
              <Size of={key} />
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  )
}
