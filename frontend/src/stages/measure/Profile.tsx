import Button from 'react-bootstrap/Button'
import type { PlanDocument } from '../../api/client'
import { useQuantity } from '../../plan/onScreen'
import { useCommands } from '../../plan/PlanDesk'
import { PlanLength } from '../../plan/PlanLength'

type Obstruction = NonNullable<PlanDocument['obstructions']>[string]

/** The outline of what stands in: how far, at heights from below. */
export function Profile({ id, one }: { id: string; one: Obstruction }) {
  const { act } = useCommands()
  const points = one.profile ?? []
  const top = useQuantity(`${one.space}/opening_height`)?.value
  if (points.length === 0 && !one.height && !top)
    return <p className="lead-in mb-0">A profile can be told once the height has been read.</p>
  if (points.length === 0)
    return (
      <Button
        size="sm"
        variant="link"
        className="p-0"
        onClick={() => act({ do: 'outline', obstruction: id })}
      >
        It has a profile: say how far it stands in at several heights
      </Button>
    )
  return (
    <fieldset className="profile">
      <legend className="fs-6 mb-0">Profile, from below</legend>
      {points.map((point, at) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: points have no identity but their order
        <div className="pairs" key={at}>
          {(['at', 'projection'] as const).map((name) => (
            <PlanLength
              key={name}
              label={name === 'at' ? `Point ${at + 1}, above the floor` : 'Stands in by'}
              kept={point[name]}
              act={(typed) => ({ do: 'point', obstruction: id, point: at, name, length: typed ?? '' })}
              called={`${one.name}: point ${at + 1}`}
              needed="A point has both; take the point out instead."
              field={`${id}/profile/${at}/${name}`}
            />
          ))}
        </div>
      ))}
      <div className="d-flex gap-2">
        <PlanLength
          key={points.length}
          label="Another point, above the floor"
          kept={null}
          act={(typed) => ({ do: 'point', obstruction: id, point: points.length, length: typed ?? '' })}
          called={`${one.name}: point`}
        />
        {points.length > 2 && (
          <Button
            size="sm"
            variant="outline-secondary"
            className="align-self-center"
            onClick={() => act({ do: 'last-point-out', obstruction: id })}
          >
            Last point out
          </Button>
        )}
        <Button
          size="sm"
          variant="outline-secondary"
          className="align-self-center"
          onClick={() => act({ do: 'straighten', obstruction: id })}
        >
          No profile
        </Button>
      </div>
    </fieldset>
  )
}
