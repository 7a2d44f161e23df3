import Button from 'react-bootstrap/Button'
import type { PlanDocument } from '../../api/client'
import { LengthField } from '../../lengths/LengthField'
import { withoutProfile, withProfile } from '../../plan/obstructions'
import { useCommands, useOutcome, usePlan } from '../../plan/PlanDesk'

type Obstruction = NonNullable<PlanDocument['obstructions']>[string]

/** The outline of what stands in: how far, at heights from below. */
export function Profile({ id, one }: { id: string; one: Obstruction }) {
  const { plan } = usePlan()
  const { solution } = useOutcome()
  const { act, edit, preview } = useCommands()
  const points = one.profile ?? []
  const unit = plan.document.units.length
  const opening = solution.quantities[`${one.space}/opening_height`]?.value?.mm
  const top = opening ? `${opening} mm` : null
  if (points.length === 0 && !one.height && top === null)
    return <p className="lead-in mb-0">A profile can be told once the height has been read.</p>
  if (points.length === 0)
    return (
      <Button
        size="sm"
        variant="link"
        className="p-0"
        onClick={() =>
          act({
            patch: (now) => withProfile(now, id, startOf(now.obstructions?.[id] ?? one, top ?? '')),
            label: `${one.name}: a profile`,
            field: '',
          })
        }
      >
        It has a profile: say how far it stands in at several heights
      </Button>
    )
  const set = (at: number, name: 'at' | 'projection', kept: string) =>
    points.map((point, number) => (number === at ? { ...point, [name]: kept } : point))
  const keep = (label: string, wanted: typeof points, field: string) => ({
    patch: (now: PlanDocument) => withProfile(now, id, wanted),
    label: `${one.name}: ${label}`,
    field,
  })
  return (
    <fieldset className="profile">
      <legend className="fs-6 mb-0">Profile, from below</legend>
      {points.map((point, at) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: points have no identity but their order
        <div className="pairs" key={at}>
          {(['at', 'projection'] as const).map((name) => (
            <LengthField
              key={name}
              label={name === 'at' ? `Point ${at + 1}, above the floor` : 'Stands in by'}
              kept={point[name]}
              unit={unit}
              onType={(kept) => preview(kept === null ? null : keep('', set(at, name, kept), '').patch)}
              onKeep={async (kept) =>
                kept === null
                  ? 'A point has both; take the point out instead.'
                  : edit(keep(`point ${at + 1} ${kept}`, set(at, name, kept), `${id}/profile/${at}/${name}`))
              }
            />
          ))}
        </div>
      ))}
      <div className="d-flex gap-2">
        <LengthField
          key={points.length}
          label="Another point, above the floor"
          kept={null}
          unit={unit}
          onKeep={async (kept) =>
            kept === null
              ? null
              : edit(
                  keep(
                    `point at ${kept}`,
                    [...points, { at: kept, projection: points.at(-1)?.projection ?? kept }],
                    '',
                  ),
                )
          }
        />
        {points.length > 2 && (
          <Button
            size="sm"
            variant="outline-secondary"
            className="align-self-center"
            onClick={() => act(keep('last point taken out', points.slice(0, -1), ''))}
          >
            Last point out
          </Button>
        )}
        <Button
          size="sm"
          variant="outline-secondary"
          className="align-self-center"
          onClick={() =>
            act({ patch: (now) => withoutProfile(now, id), label: `${one.name}: no profile`, field: '' })
          }
        >
          No profile
        </Button>
      </div>
    </fieldset>
  )
}

/** Its lower and upper end as they are said, as sums where they are sums; what runs all the way up ends at the top. */
const startOf = (one: Obstruction, top: string) => [
  { at: one.from_floor ?? '0 mm', projection: one.projection },
  {
    at: one.height ? (one.from_floor ? `${one.from_floor} + ${one.height}` : one.height) : top,
    projection: one.projection_above ?? one.projection,
  },
]
