import { useEffect, useState } from 'react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import { useCatalogue } from '../../api/queries'
import type { Setting } from '../../drawing/SpacePicture'
import { put } from '../../plan/acts'
import { useCommands, usePlan } from '../../plan/PlanDesk'

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
            act(put(`/spaces/${chosen}/what`, what), `${name}: ${what}`)
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
            if (kind) act({ do: 'add-space', what, kind })
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
        <Button variant="outline-secondary" onClick={() => act({ do: 'mirror', space: chosen })}>
          Its mirror image beside it
        </Button>
        {many && (
          <Button variant="outline-secondary" onClick={() => act({ do: 'take-space-out', space: chosen })}>
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
    else act(put(`/spaces/${id}/name`, wanted), `Named ${wanted}`)
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
