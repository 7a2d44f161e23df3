import type { StageId } from '../app/stages'

interface PanelTold {
  stage: StageId
  title: string
  /** The groups of choices that are made in it. */
  groups?: readonly string[]
  /** Open until somebody shuts it. */
  isOpenAtFirst?: boolean
}

/** Every panel of every sheet, in the order of the work: what is done every time, once, seldom. */
export const PANELS = {
  numbers: { stage: 'measure', title: 'What the numbers are', groups: ['Fitting', 'Outside'] },
  readings: { stage: 'measure', title: 'Readings', isOpenAtFirst: true },
  'in-the-way': { stage: 'measure', title: 'In the way' },
  existing: { stage: 'measure', title: 'What is there' },
  beside: {
    stage: 'measure',
    title: 'Around it',
    groups: ['Kept runners', 'Height to match', 'Bed', 'In front', 'Vehicle', 'Way in'],
  },
  scribes: { stage: 'measure', title: 'Scribe strips', groups: ['Scribe'] },
  clear: { stage: 'measure', title: 'Clear and packing', groups: ['Space'] },
  things: { stage: 'fill', title: 'What goes in', groups: ['Contents'] },
  proposals: { stage: 'fill', title: 'Proposals' },
  layout: { stage: 'fill', title: 'Layout', isOpenAtFirst: true },
  place: {
    stage: 'fill',
    title: 'Chosen place',
    groups: ['Bin', 'Rack', 'Parts trays', 'Hanging', 'Behind'],
    isOpenAtFirst: true,
  },
  differs: { stage: 'fill', title: 'Where it differs' },
  'place-sizes': { stage: 'fill', title: 'Its sizes' },
  former: { stage: 'fill', title: 'Before and after' },
  drawer: { stage: 'make', title: 'Its sizes', isOpenAtFirst: true },
  runners: { stage: 'make', title: 'Runners', groups: ['Runners'] },
  box: { stage: 'make', title: 'Corner joint', groups: ['Box'] },
  bottom: { stage: 'make', title: 'Bottom', groups: ['Bottom'] },
  inside: { stage: 'make', title: 'Inside', groups: ['Inside'] },
  front: { stage: 'make', title: 'Front', groups: ['Front'] },
  pull: { stage: 'make', title: 'Pulls', groups: ['Pull'] },
  stock: { stage: 'make', title: 'Stock', groups: ['Sheets'] },
  case: { stage: 'make', title: 'Case', groups: ['Case', 'Fixing'] },
  shelves: { stage: 'make', title: 'Shelves', groups: ['Shelves'] },
  dividers: { stage: 'make', title: 'Dividers', groups: ['Dividers', 'Dowels', 'Angles', 'Cleats'] },
  'own-parts': { stage: 'make', title: 'Parts of your own' },
  'own-goods': { stage: 'make', title: 'Other hardware' },
  materials: { stage: 'make', title: 'Materials', groups: ['To buy'] },
  tools: { stage: 'make', title: 'Tools' },
  weight: { stage: 'make', title: 'Weight', groups: ['Weight'] },
  screws: { stage: 'make', title: 'Screws', groups: ['Screws'] },
  shop: { stage: 'make', title: 'Workshop', groups: ['Workshop'] },
  print: { stage: 'cut', title: 'Paper', isOpenAtFirst: true },
  assumed: { stage: 'cut', title: 'Still assumed' },
  parts: { stage: 'cut', title: 'Parts', isOpenAtFirst: true },
  sheets: { stage: 'cut', title: 'Sheets' },
  marking: { stage: 'cut', title: 'Marking' },
  shopping: { stage: 'cut', title: 'To buy' },
  checks: { stage: 'cut', title: 'Tape checks' },
} as const satisfies Record<string, PanelTold>

export type PanelId = keyof typeof PANELS

export const panelOf = (id: PanelId): PanelTold => PANELS[id]

/** The panel in which a group of choices is made. */
export const panelOfGroup = (group: string): PanelId | undefined =>
  (Object.keys(PANELS) as PanelId[]).find((id) => panelOf(id).groups?.includes(group))
