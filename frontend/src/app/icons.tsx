const SHAPES = {
  undo: 'M3 8h7a4 4 0 0 1 0 8H7M3 8l4-4M3 8l4 4',
  redo: 'M17 8h-7a4 4 0 0 0 0 8h3M17 8l-4-4M17 8l-4 4',
  stop: 'M6 2h8l4 4v8l-4 4H6l-4-4V6zM7 7l6 6M13 7l-6 6',
  attention: 'M10 2l8.5 16h-17zM10 8v5M10 15.2v.6',
  note: 'M4 3h12v14H4zM7 7h6M7 10h6M7 13h4',
  caution: 'M10 2a8 8 0 1 0 0 16 8 8 0 0 0 0-16M10 6v5M10 13.4v.6',
  empty: 'M10 4a6 6 0 1 0 0 12 6 6 0 0 0 0-12',
  'in hand': 'M10 4a6 6 0 1 0 0 12a6 6 0 0 0 0-12V16M8 5v10M6 6v8',
  settled: 'M3 10l5 5 9-10',
  'needs attention': 'M10 2l8.5 16h-17zM10 8v5M10 15.2v.6',
} as const

export type IconName = keyof typeof SHAPES

/** A small drawn sign; always beside a word. */
export function Icon({ name }: { name: IconName }) {
  return (
    <svg
      viewBox="0 0 20 20"
      width="18"
      height="18"
      aria-hidden="true"
      fill="none"
      stroke="currentColor"
      strokeWidth="1.8"
      strokeLinecap="round"
      strokeLinejoin="round"
    >
      <path d={SHAPES[name]} />
    </svg>
  )
}
