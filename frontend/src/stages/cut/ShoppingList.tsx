import { Fractions } from '../../lengths/Num'
import { Panel } from '../../panels/Panel'
import { useSection } from '../../plan/onScreen'
import { usePlan } from '../../plan/PlanDesk'

/** What to buy: sheets by area until they are laid out, boards and bands by length, hardware by the piece. */
export function ShoppingList() {
  const { plan } = usePlan()
  const { lines, total, unpriced } = useSection('shopping')
  if (lines.length === 0) return null
  return (
    <Panel id="shopping" says={<Fractions>{`${counted(lines.length)}${total && `, ${total}`}`}</Fractions>}>
      <div className="d-flex flex-wrap align-items-center justify-content-end gap-2">
        <a className="btn btn-sm btn-outline-secondary" href={`/api/plans/${plan.id}/files/shopping.csv`}>
          To buy (CSV)
        </a>
      </div>
      <table className="figures shopping">
        <thead>
          <tr>
            <th scope="col">What</th>
            <th scope="col">Buy</th>
            <th scope="col">Cost</th>
          </tr>
        </thead>
        <tbody>
          {lines.map((line) => (
            <tr key={`${line.what} ${line.need}`}>
              <th scope="row">
                <Fractions>{line.what}</Fractions>
                {line.need && (
                  <small className="d-block other">
                    <Fractions>{line.need}</Fractions>
                  </small>
                )}
              </th>
              <td>
                <Fractions>{line.buy || '?'}</Fractions>
              </td>
              <td>{line.cost || '–'}</td>
            </tr>
          ))}
        </tbody>
        {total && (
          <tfoot>
            <tr>
              <th scope="row">
                Together
                {unpriced > 0 && <small className="d-block other">{`${unpriced} without a price`}</small>}
              </th>
              <td />
              <td>
                <strong>{total}</strong>
              </td>
            </tr>
          </tfoot>
        )}
      </table>
    </Panel>
  )
}

const counted = (lines: number) => (lines === 1 ? '1 thing' : `${lines} things`)
