import { useQuery } from '@tanstack/react-query'
import { Fragment } from 'react'
import Form from 'react-bootstrap/Form'
import { Link, useNavigate, useParams } from 'react-router'
import { answered, client, Refused, type Schemas } from '../api/client'
import { usePlanList } from '../api/queries'
import { Drawing } from '../drawing/Drawing'
import { Fractions } from '../lengths/Num'

type Line = Schemas['Compared']
type Side = 'left' | 'right'

const TOPICS: [Line['topic'], string][] = [
  ['whole', 'Altogether'],
  ['sheets', 'Sheet area, net'],
  ['hardware', 'To buy'],
  ['parts', 'Parts that only one has, or in another number'],
  ['findings', 'Findings that only one has'],
]

/** Two versions side by side: what each takes, and where they differ. */
export function ComparePage() {
  const { left = '', right = '' } = useParams()
  const navigate = useNavigate()
  const list = usePlanList()
  const compared = useQuery({
    queryKey: ['compare', left, right],
    queryFn: () => answered(client.GET('/api/compare', { params: { query: { left, right } } })),
    staleTime: 0,
  })
  const choose = (side: Side, id: string) =>
    navigate(side === 'left' ? `/compare/${id}/${right}` : `/compare/${left}/${id}`, { replace: true })
  const data = compared.data
  return (
    <main className="page page--wide compare" data-ready={data || compared.isError ? true : undefined}>
      <div className="d-flex flex-wrap gap-2 align-items-center mb-2">
        <h1 className="me-auto mb-0">Two versions, side by side</h1>
        <Link to="/plans">All plans</Link>
      </div>
      {compared.isError && (
        <p role="alert">
          {compared.error instanceof Refused ? compared.error.message : 'The program does not answer.'}
        </p>
      )}
      <div className="pictures">
        {(['left', 'right'] as const).map((side) => (
          <section key={side} aria-label={side === 'left' ? 'First version' : 'Second version'}>
            <Form.Select
              aria-label={side === 'left' ? 'First plan' : 'Second plan'}
              value={side === 'left' ? left : right}
              onChange={(event) => choose(side, event.target.value)}
            >
              {list.data?.plans.map((plan) => (
                <option key={plan.id} value={plan.id}>
                  {plan.name}
                </option>
              ))}
            </Form.Select>
            {data?.[side].elevations.map(
              (sheet) =>
                sheet.strokes.length > 0 && (
                  <Drawing
                    key={sheet.place}
                    sheet={sheet}
                    without={['readings']}
                    label={() => ''}
                    onWhy={() => navigate(`/plans/${data[side].id}`)}
                  />
                ),
            )}
            {data && (
              <Link to={`/plans/${data[side].id}/fill`}>
                Open {data[side].name}, revision {data[side].revision}
              </Link>
            )}
          </section>
        ))}
      </div>
      {data && <Lines lines={data.lines} names={[data.left.name, data.right.name]} />}
    </main>
  )
}

function Lines({ lines, names }: { lines: Line[]; names: [string, string] }) {
  return (
    <table>
      <thead>
        <tr>
          <th scope="col">A mark where they differ</th>
          {names.map((name, at) => (
            <td key={at === 0 ? 'left' : 'right'}>{name}</td>
          ))}
        </tr>
      </thead>
      <tbody>
        {TOPICS.map(([topic, title]) => {
          const own = lines.filter((line) => line.topic === topic)
          return (
            <Fragment key={topic}>
              <tr className="topic">
                <th scope="colgroup" colSpan={3}>
                  {title}
                </th>
              </tr>
              {own.length === 0 && (
                <tr>
                  <th scope="row" colSpan={3} className="text-secondary">
                    none
                  </th>
                </tr>
              )}
              {own.map((line) => (
                <tr key={line.what} className={line.differs ? 'differs' : undefined}>
                  <th scope="row">
                    <Fractions>{line.what}</Fractions>
                  </th>
                  <td>{line.left || '–'}</td>
                  <td>{line.right || '–'}</td>
                </tr>
              ))}
            </Fragment>
          )
        })}
      </tbody>
    </table>
  )
}
