import type { Schemas } from '../../api/client'

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

/** Where to hold the tape: the opening from the front, or the inside from above. */
export function StationPicture({ stations, here }: { stations: Station[]; here: Station | null }) {
  const isFromAbove = stations.some((one) => one.along || one.of === 'depth')
  return (
    <svg viewBox="0 0 112 76" className="station-picture" role="img">
      <title>{isFromAbove ? 'Seen from above, front edge below' : 'Seen from the front'}</title>
      <rect className="space" x="12" y="12" width="88" height="44" />
      {isFromAbove && <path className="space" d="M6 60H106" />}
      {stations.map((one) => (
        <path key={JSON.stringify(one)} className="tape" d={line(one)} />
      ))}
      {here && <path className="tape tape--here" d={line(here)} />}
    </svg>
  )
}
