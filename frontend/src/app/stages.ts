/** The stages that there are, in the order of the work; the key is the stage's place among all six. */
export const STAGES = [
  { id: 'measure', title: 'Measure', key: '1' },
  { id: 'fill', title: 'Fill', key: '2' },
  { id: 'make', title: 'Make', key: '3' },
  { id: 'cut', title: 'Cut', key: '5' },
] as const

export type StageId = (typeof STAGES)[number]['id']
