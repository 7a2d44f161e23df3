import { useQuery } from '@tanstack/react-query'
import { Fragment } from 'react'
import { answered, client } from '../../api/client'
import { Fractions, Num } from '../../lengths/Num'
import { useOpen } from '../../panels/open'
import { Panel } from '../../panels/Panel'
import { usePlan } from '../../plan/PlanDesk'

/** Where boards end on each other: the lines to mark on each, from its datum. */
export function Marking() {
  const { plan } = usePlan()
  const isOpen = useOpen('marking')
  const { data } = useQuery({
    queryKey: ['marking', plan.id, plan.revision],
    queryFn: () =>
      answered(client.GET('/api/plans/{plan_id}/marking', { params: { path: { plan_id: plan.id } } })),
    enabled: isOpen,
    staleTime: Number.POSITIVE_INFINITY,
  })
  const boards = data?.boards ?? []
  return (
    <Panel id="marking" says="lines of each board">
      {data && boards.length === 0 && <p className="lead-in">No board ends on another.</p>}
      {boards.map((board) => (
        <table key={`${board.piece} ${board.measured}`} className="figures caption-top">
          <caption>
            {board.board}, {board.measured}
          </caption>
          <thead>
            <tr>
              <th scope="col">What ends on it</th>
              <td>nearer face</td>
              <td>middle</td>
              <td>runs {board.run}</td>
            </tr>
          </thead>
          <tbody>
            {board.lines.map((line) => (
              <Fragment key={`${line.member} ${line.near} ${line.begins}`}>
                <tr>
                  <th scope="row">{line.member}</th>
                  <td>
                    <Num>{line.near}</Num>
                  </td>
                  <td>
                    <strong>
                      <Num>{line.middle}</Num>
                    </strong>
                  </td>
                  <td>
                    <Num>{`${line.begins} to ${line.ends}`}</Num>
                  </td>
                </tr>
                {line.holes !== '' && (
                  <tr>
                    <td colSpan={4}>
                      fasteners at <Num>{line.holes}</Num>
                    </td>
                  </tr>
                )}
              </Fragment>
            ))}
          </tbody>
        </table>
      ))}
      {data?.drilled.map((told) => (
        <p key={told} className="lead-in">
          <Fractions>{told}</Fractions>
        </p>
      ))}
    </Panel>
  )
}
