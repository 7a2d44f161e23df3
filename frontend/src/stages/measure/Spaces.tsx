import { useEffect, useState } from 'react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import { answered, client } from '../../api/client'
import { useCatalogue } from '../../api/queries'
import type { Setting } from '../../drawing/SpacePicture'
import { useCommands, usePlan } from '../../plan/PlanDesk'
import { put } from '../../plan/patches'
import { withoutSpace, withSpace } from '../../plan/spaces'

/** The spaces of the plan: which one is measured, and another one. */
export function Spaces({ chosen }: { chosen: string }) {
  const { plan } = usePlan()
  const { act, choosePlace } = useCommands()
  const { document } = plan
  const many = document.space_order.length > 1
  const name = document.spaces[chosen]?.name ?? ''
  const settings = useCatalogue().data?.settings ?? []
  const isFramed = document.spaces[chosen]?.kind === 'framed'
  return (
    <section aria-label="Spaces" className="mb-3">
      {many && (
        <div className="d-flex flex-wrap gap-1 mb-2">
          {document.space_order.map((id) => (
            <Button
              key={id}
              size="sm"
              variant={id === chosen ? 'primary' : 'outline-secondary'}
              aria-pressed={id === chosen}
              onClick={() => choosePlace(document.spaces[id]?.holds ?? '')}
            >
              {document.spaces[id]?.name}
            </Button>
          ))}
        </div>
      )}
      <div className="d-flex flex-wrap gap-2 align-items-end">
        <Form.Select
          className="w-auto mw-100"
          aria-label="What this space is"
          value={document.spaces[chosen]?.what ?? 'cabinet'}
          onChange={(event) => {
            const what = event.target.value
            act({ patch: () => [put(`/spaces/${chosen}/what`, what)], label: `${name}: ${what}`, field: '' })
          }}
        >
          {settings
            .filter((one) => one.may_be_framed || !isFramed)
            .map((one) => (
              <option key={one.what} value={one.what}>
                {one.title}
              </option>
            ))}
        </Form.Select>
        <NameOfSpace key={chosen} id={chosen} name={name} />
        <Form.Select
          className="w-auto mw-100"
          aria-label="Another space"
          value=""
          onChange={(event) => {
            const [what, kind] = event.target.value.split(' ') as [Setting, 'framed' | 'frameless']
            if (kind) act({ patch: (now) => withSpace(now, what, kind), label: 'Another space', field: '' })
          }}
        >
          <option value="">Another space …</option>
          {settings.map((one) => (
            <option key={one.what} value={`${one.what} frameless`}>
              {one.title}
            </option>
          ))}
          {settings
            .filter((one) => one.may_be_framed)
            .map((one) => (
              <option key={`${one.what} framed`} value={`${one.what} framed`}>
                {one.title}, with a frame before it
              </option>
            ))}
        </Form.Select>
        <Button
          variant="outline-secondary"
          onClick={async () => {
            const made = await answered(
              client.GET('/api/plans/{plan_id}/mirrored', {
                params: { path: { plan_id: plan.id }, query: { space: chosen } },
              }),
            )
            act({ patch: () => made.patch, label: `${name}, mirrored`, field: '' })
          }}
        >
          Its mirror image beside it
        </Button>
        {many && (
          <Button
            variant="outline-secondary"
            onClick={() =>
              act({ patch: (now) => withoutSpace(now, chosen), label: `${name} taken out`, field: '' })
            }
          >
            Take this space out
          </Button>
        )}
      </div>
    </section>
  )
}

function NameOfSpace({ id, name }: { id: string; name: string }) {
  const { act } = useCommands()
  const [text, setText] = useState(name)
  useEffect(() => setText(name), [name])
  const keep = () => {
    const wanted = text.trim()
    if (wanted === '' || wanted === name) setText(name)
    else act({ patch: () => [put(`/spaces/${id}/name`, wanted)], label: `Named ${wanted}`, field: '' })
  }
  return (
    <Form.Control
      className="w-auto flex-grow-1"
      aria-label="Name of the space"
      value={text}
      maxLength={120}
      onChange={(event) => setText(event.target.value)}
      onBlur={keep}
      onKeyDown={(event) => {
        if (event.key === 'Enter') keep()
        if (event.key === 'Escape') setText(name)
      }}
    />
  )
}
