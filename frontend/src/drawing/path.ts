import type { Stroke } from '../api/client'

/** A stroke's points as an SVG path; y grows downwards on the screen. */
export const pathOf = (stroke: Stroke) =>
  `M${stroke.points.map(([x, y]) => `${x} ${-(y ?? 0)}`).join('L')}${stroke.is_closed ? 'Z' : ''}`
