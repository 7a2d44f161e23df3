import type { Schemas } from '../../api/client'
import type { Setting } from '../../drawing/SpacePicture'

type Station = Schemas['Station']

const UP = { low: 48, middle: 34, high: 20 }
const IN = { front: 50, middle: 34, back: 18 }
const ACROSS = { left: 26, middle: 56, right: 86 }

function line(station: Station): string {
  if (station.of === 'width' && station.along) return `M12 ${IN[station.along]}H100`
  if (station.of === 'width') return `M12 ${UP[station.level ?? 'middle']}H100`
  if (station.of === 'diagonal_rising_right') return 'M12 56L100 12'
  if (station.of === 'diagonal_rising_left') return 'M100 56L12 12'
  const x = ACROSS[station.side ?? 'middle']
  return `M${x} 12V56`
}

/** What there is of each kind of space, from the front and from above. */
const AROUND: Partial<Record<Setting, { front: string; above: string }>> = {
  alcove: {
    front: 'M12 8C9 22 15 36 11 60M100 8C104 24 96 40 101 60',
    above: 'M12 8C15 24 9 40 13 60M100 8C96 24 104 42 99 60',
  },
  chest: { front: 'M12 24H18M12 40H18M94 24H100M94 40H100', above: 'M15 16V52M97 16V52' },
  bench: {
    front: 'M4 6H108V12H4zM6 12V64M106 12V64',
    above: 'M8 8H16V16H8zM96 8H104V16H96zM8 52H16V60H8zM96 52H104V60H96z',
  },
  bed: { front: 'M8 2H104V10H8z', above: 'M12 8H100M12 4H100' },
  vehicle: {
    front: 'M12 56V40C20 40 24 46 24 56M100 56V40C92 40 88 46 88 56',
    above: 'M12 24C20 24 20 44 12 44M100 24C92 24 92 44 100 44',
  },
  unit: { front: 'M20 60A3 3 0 1 0 26 60A3 3 0 1 0 20 60M86 60A3 3 0 1 0 92 60A3 3 0 1 0 86 60', above: '' },
}

interface Props {
  what: Setting
  stations: Station[]
  here: Station | null
}

/** Where to hold the tape: the opening from the front, or the inside from above. */
export function StationPicture({ what, stations, here }: Props) {
  const isFromAbove = stations.some((one) => one.along || one.of === 'depth')
  return (
    <svg viewBox="0 0 112 76" className="station-picture" role="img">
      <title>{isFromAbove ? 'Seen from above, front edge below' : 'Seen from the front'}</title>
      <rect className="space" x="12" y="12" width="88" height="44" />
      {isFromAbove && <path className="space" d="M6 60H106" />}
      <path className="around" d={AROUND[what]?.[isFromAbove ? 'above' : 'front'] ?? ''} />
      {stations.map((one) => (
        <path key={JSON.stringify(one)} className="tape" d={line(one)} />
      ))}
      {here && <path className="tape tape--here" d={line(here)} />}
    </svg>
  )
}
