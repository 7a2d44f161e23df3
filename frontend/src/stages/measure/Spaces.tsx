import { useEffect, useState } from 'react'
import Dropdown from 'react-bootstrap/Dropdown'
import Form from 'react-bootstrap/Form'
import { useCatalogue } from '../../api/queries'
import type { Setting } from '../../drawing/SpacePicture'
import { put } from '../../plan/acts'
import { useCommands, usePlan } from '../../plan/PlanDesk'

/** The spaces of the plan as tabs; what is done with one, and another one, behind its menu. */
export function Spaces({ chosen }: { chosen: string }) {
  const { plan } = usePlan()
  const { choosePlace } = useCommands()
  const { document } = plan
  return (
    <section aria-label="Spaces" className="spaces">
      <div className="tabs">
        {document.space_order.map((id) => (
          <button
            type="button"
            key={id}
            aria-pressed={id === chosen}
            onClick={() => choosePlace(document.spaces[id]?.holds ?? '')}
          >
            {document.spaces[id]?.name}
          </button>
        ))}
      </div>
      <SpaceMenu chosen={chosen} />
    </section>
  )
}

function SpaceMenu({ chosen }: { chosen: string }) {
  const { plan } = usePlan()
  const { act } = useCommands()
  const { document } = plan
  const name = document.spaces[chosen]?.name ?? ''
  const settings = useCatalogue().data?.settings ?? []
  const isFramed = document.spaces[chosen]?.kind === 'framed'
  return (
    <Dropdown align="end" autoClose="outside">
      <Dropdown.Toggle size="sm" variant="outline-secondary">
        Space
      </Dropdown.Toggle>
      <Dropdown.Menu className="space-menu">
        <NameOfSpace key={chosen} id={chosen} name={name} />
        <Form.Select
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
        <Form.Select
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
        <Dropdown.Item as="button" onClick={() => act({ do: 'copy-space', space: chosen })}>
          A copy beside it, to be measured
        </Dropdown.Item>
        <Dropdown.Item as="button" onClick={() => act({ do: 'mirror', space: chosen })}>
          Its mirror image beside it
        </Dropdown.Item>
        {document.space_order.length > 1 && (
          <Dropdown.Item as="button" onClick={() => act({ do: 'take-space-out', space: chosen })}>
            Take this space out
          </Dropdown.Item>
        )}
      </Dropdown.Menu>
    </Dropdown>
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
