/** Small pictures of the alternatives: the corner from above, the bottom from the end. */
const SHAPES: Record<string, React.ReactNode> = {
  'joint.butt_between': (
    <>
      <path className="wood" d="M20 12H38V82H20z" />
      <path className="wood wood--end" d="M38 12H140V30H38z" />
    </>
  ),
  'joint.rabbet_in_ends': (
    <>
      <path className="wood" d="M20 22H38V82H20z" />
      <path className="wood wood--end" d="M20 6H140V32H38V22H20z" />
    </>
  ),
  'bottom.grooved': (
    <>
      <path className="wood" d="M30 8H48V84H30z" />
      <path className="wood wood--end" d="M39 62H140V72H39z" />
    </>
  ),
  'bottom.planted': (
    <>
      <path className="wood" d="M30 8H48V74H30z" />
      <path className="wood wood--end" d="M30 74H140V84H30z" />
    </>
  ),
}

export function AlternativePicture({ kind }: { kind: string }) {
  if (SHAPES[kind] === undefined) return null
  return (
    <svg viewBox="0 0 160 90" aria-hidden="true" className="alternative-picture">
      {SHAPES[kind]}
    </svg>
  )
}
