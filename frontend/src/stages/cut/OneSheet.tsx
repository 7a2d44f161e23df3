import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import { answered, client, type Schemas, type Stroke } from '../../api/client'
import { Drawing } from '../../drawing/Drawing'
import { Fractions } from '../../lengths/Num'
import { useCommands, usePlan } from '../../plan/PlanDesk'

type Row = Schemas['RowShown']
type Aim = Schemas['WayShown']['aim']

/** How one sheet is drawn, *row:aim:number*; while the rows are those of an earlier revision, as it was then. */
function useCutSheet(of: string, isOld: boolean) {
  const { plan } = usePlan()
  const { data } = useQuery({
    queryKey: ['cut-sheet', plan.id, plan.revision, of],
    queryFn: () =>
      answered(
        client.GET('/api/plans/{plan_id}/drawing', {
          params: { path: { plan_id: plan.id }, query: { name: 'cut_sheet', of } },
        }),
      ),
    enabled: !isOld,
    staleTime: Number.POSITIVE_INFINITY,
    placeholderData: keepPreviousData,
  })
  return data
}

/** An offcut of the rack as it is cut: to look at. */
export function OneOffcut({ of, isOld }: { of: string; isOld: boolean }) {
  const sheet = useCutSheet(of, isOld)
  if (!sheet) return null
  return (
    <div className="cut-sheet">
      <Drawing sheet={sheet} label={() => ''} onWhy={() => undefined} />
    </div>
  )
}

interface Props {
  row: Row
  aim: Aim
  number: number
  count: number
  /** The row is that of an earlier revision: the newest is on its way. */
  isOld: boolean
}

/** A sheet on which parts are moved by hand until it is sawn. */
export function OneSheet({ row, aim, number, count, isOld }: Props) {
  const { document } = usePlan().plan
  const { act, edit } = useCommands()
  const [held, setHeld] = useState<{ part: string; by: [number, number] } | null>(null)
  const [refused, setRefused] = useState<string | null>(null)
  const [picked, setPicked] = useState('')
  const sheet = useCutSheet(`${row.row}:${aim}:${number}`, isOld)
  if (!sheet) return null
  const isSawn = number <= row.sawn
  const kept = document.layouts?.[row.row]?.filter((one) => one.state !== 'kept')[number - 1]
  const parts = sheet.strokes
    .filter((one) => one.role === 'fill' && one.key in row.called)
    .map((one) => one.key)
  const lay = async (part: string, on: number, at: { x?: number; y?: number }) => {
    setHeld(null)
    setRefused(await edit({ do: 'move-part', row: row.row, aim, part, sheet: on, ...at }))
  }
  const move = (part: string, across: number, up: number) => {
    const from = middleOf(sheet.strokes, part)
    if (from) lay(part, number, { x: from.x + across, y: from.y + up })
  }
  const shove = (part: string, across: number, up: number) => {
    const from = middleOf(sheet.strokes, part)
    if (from) move(part, across * (from.length / 2 + NEXT), up * (from.width / 2 + NEXT))
  }
  const drop = (isKept: boolean) => {
    if (held && isKept) move(held.part, ...held.by)
    else setHeld(null)
  }
  const loose = {
    nameOf: (part: string) => row.called[part] ?? '',
    held,
    onPush: (part: string, across: number, up: number) => setHeld({ part, by: [across, up] }),
    onShove: shove,
  }
  return (
    <div className="cut-sheet">
      <Drawing
        sheet={sheet}
        label={() => ''}
        onWhy={() => undefined}
        onDrop={drop}
        {...(isSawn ? {} : { loose })}
      />
      {refused && (
        <p role="alert" className="said said--refused">
          <Fractions>{refused}</Fractions>
        </p>
      )}
      <div className="d-flex flex-wrap gap-3 align-items-center mb-2">
        <Form.Check
          id={`sawn-${row.row}-${number}`}
          label={`This ${row.noun} is sawn`}
          checked={isSawn}
          onChange={(event) =>
            act({ do: 'saw-sheet', row: row.row, aim, sheet: number, is_sawn: event.target.checked })
          }
        />
        {isSawn && !kept?.is_racked && (
          <Button
            size="sm"
            variant="outline-secondary"
            onClick={() => act({ do: 'rack-offcuts', row: row.row, sheet: number })}
          >
            What is left of it into the rack
          </Button>
        )}
        {!isSawn && (
          <Form.Select
            size="sm"
            className="w-auto"
            aria-label={`A part of this ${row.noun} to lay elsewhere`}
            value={picked}
            onChange={(event) => setPicked(event.target.value)}
          >
            <option value="">Lay a part elsewhere…</option>
            {parts.map((part) => (
              <option key={part} value={part}>
                {row.called[part]}
              </option>
            ))}
          </Form.Select>
        )}
        {!isSawn && parts.includes(picked) && (
          <Form.Select
            size="sm"
            className="w-auto"
            aria-label={`Onto which ${row.noun}`}
            value=""
            onChange={(event) => lay(picked, Number(event.target.value), {})}
          >
            <option value="">onto…</option>
            {Array.from({ length: count + 1 }, (_, at) => at + 1)
              .filter((one) => one !== number && one > row.sawn)
              .map((one) => (
                <option key={one} value={one}>
                  {one > count ? `one ${row.noun} more` : `${row.noun} ${one}`}
                </option>
              ))}
          </Form.Select>
        )}
      </div>
    </div>
  )
}

/** A step of the arrows ends so far beyond the edge of the part, mm: in what lies next to it. */
const NEXT = 12

function middleOf(strokes: Stroke[], part: string) {
  const found = strokes.find((one) => one.role === 'fill' && one.key === part)
  if (!found) return null
  const across = found.points.map(([x]) => x ?? 0)
  const up = found.points.map(([, y]) => y ?? 0)
  const [left, right, low, high] = [
    Math.min(...across),
    Math.max(...across),
    Math.min(...up),
    Math.max(...up),
  ]
  return { x: (left + right) / 2, y: (low + high) / 2, length: right - left, width: high - low }
}
