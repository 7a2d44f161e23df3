import { useEffect, useRef, useState } from 'react'
import Button from 'react-bootstrap/Button'
import Form from 'react-bootstrap/Form'
import type { PlanDocument } from '../../api/client'
import { LengthField } from '../../lengths/LengthField'
import { Panel } from '../../panels/Panel'
import { useCommands, usePlan } from '../../plan/PlanDesk'
import { PlanLength } from '../../plan/PlanLength'
import { Size } from '../../reasons/Size'
import { ChoiceFields } from '../ChoiceFields'

const FIRST = 'Say first how far along the strip.'

type Scribe = NonNullable<PlanDocument['scribes']>[string]

/** Strips between the case and a wavy wall: gaps at stations along it, and a template to print. */
export function ScribeStrips({ space }: { space: string }) {
  const { plan } = usePlan()
  const { act } = useCommands()
  const here = Object.entries(plan.document.scribes ?? {}).filter(([, one]) => one.space === space)
  return (
    <Panel id="scribes" says={here.map(([, one]) => one.name.toLowerCase()).join(', ') || 'none'}>
      <p className="lead-in">
        Where a wall is wavy: the gap from the edge of the case to the wall, at stations along the strip.
      </p>
      {here.map(([id, one]) => (
        <Strip key={id} id={id} one={one} />
      ))}
      {here.length > 0 && (
        <>
          <ChoiceFields group="Scribe" />
          <p>
            <a
              className="btn btn-outline-primary"
              href={`/api/plans/${plan.id}/files/templates.pdf`}
              target="_blank"
              rel="noreferrer"
            >
              Templates, full size (PDF)
            </a>
          </p>
        </>
      )}
      <Form.Select
        className="w-auto"
        aria-label="Another scribe strip"
        value=""
        onChange={(event) => {
          const side = event.target.value as Scribe['side']
          if (side) act({ do: 'scribe', space, side })
        }}
      >
        <option value="">Another scribe strip …</option>
        <option value="left">on the left</option>
        <option value="right">on the right</option>
        <option value="top">on top</option>
      </Form.Select>
    </Panel>
  )
}

function Strip({ id, one }: { id: string; one: Scribe }) {
  const { plan } = usePlan()
  const { act, edit } = useCommands()
  const unit = plan.document.units.length
  const stations = one.stations ?? []
  const [at, setAt] = useState<string | null>(null)
  const newest = useRef<string | null>(null)
  const along = (kept: string | null) => {
    newest.current = kept
    setAt(kept)
  }
  // biome-ignore lint/correctness/useExhaustiveDependencies: each new station asks anew
  useEffect(() => along(null), [stations.length])
  return (
    <div className="in-the-way">
      <div className="d-flex align-items-baseline gap-2">
        <strong className="me-auto">{one.name}</strong>
        {stations.length > 0 && (
          <span>
            blank <Size of={`${id}/strip_length_cut`} label="length" plain /> ×{' '}
            <Size of={`${id}/strip_width_cut`} label="width" plain />
          </span>
        )}
        <Button
          size="sm"
          variant="outline-secondary"
          onClick={() => act({ do: 'take-scribe-away', scribe: id })}
        >
          Take away
        </Button>
      </div>
      <div className="pairs">
        {stations.map((station, index) =>
          (['at', 'gap'] as const).map((name) => (
            <PlanLength
              // biome-ignore lint/suspicious/noArrayIndexKey: stations have no identity of their own
              key={`${index}/${name}`}
              label={name === 'at' ? `Station ${index + 1}, along the strip` : `Station ${index + 1}, gap`}
              kept={station[name]}
              act={(text) => ({ do: 'enter', path: `/scribes/${id}/stations/${index}/${name}`, text })}
              called={`${one.name}, station ${index + 1}`}
              needed="A station has both sizes."
              field={`${id}/${index}`}
            />
          )),
        )}
        <LengthField
          key={`at ${stations.length}`}
          label="Next station, along the strip"
          kept={null}
          unit={unit}
          onKeep={async (typed) => {
            along(typed)
            return null
          }}
        />
        <LengthField
          key={`gap ${stations.length}`}
          label="Next station, gap to the wall"
          kept={null}
          unit={unit}
          after={at === null ? FIRST : ''}
          onKeep={async (gap) => {
            const at = newest.current
            if (gap === null) return null
            if (at === null) return FIRST
            return edit({ do: 'station', scribe: id, at, gap }, `${one.name}, at ${at}`)
          }}
        />
      </div>
    </div>
  )
}
