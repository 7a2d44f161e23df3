const DRAWN: Record<string, React.ReactNode> = {
  measured: <path d="M2 4v8M5 6v6M8 4v8M11 6v6M14 4v8M1 12h14" />,
  chosen: <circle cx="8" cy="8" r="4" fill="currentColor" />,
  assumed: <circle cx="8" cy="8" r="5" strokeDasharray="3 2" />,
  'worked out': <path d="M3 12L8 4l5 8zM5.5 9h5" />,
  'as built': <path d="M8 15V9M4.5 9h7L10 6V2H6v4z" fill="currentColor" />,
}

export const originClass = (origin: string) => origin.replace(' ', '-')

/** Where a number comes from, as a mark with its word for those who do not see it. */
export function Origin({ origin }: { origin: string }) {
  return (
    <svg
      className={`origin origin--${originClass(origin)}`}
      viewBox="0 0 16 16"
      role="img"
      fill="none"
      stroke="currentColor"
      strokeWidth="1.6"
    >
      <title>{origin}</title>
      {DRAWN[origin]}
    </svg>
  )
}
