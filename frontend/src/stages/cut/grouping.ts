import type { Part } from '../../api/client'

export const GROUPINGS = [
  ['listed', 'as they are listed'],
  ['material', 'by material'],
  ['fence', 'by fence setting'],
  ['place', 'by drawer'],
] as const

export type Grouping = (typeof GROUPINGS)[number][0]

interface Group {
  title: string
  /** Of the cell, 0 where the group is none. */
  number: number
  parts: Part[]
}

/** The parts in which every word is found: in mark, name, stock, drawer, size, or how they are worked. */
export function holding(parts: Part[], words: string): Part[] {
  const wanted = words.toLowerCase().split(/\s+/).filter(Boolean)
  return parts.filter((part) => {
    const sizes = [part.length, part.width, part.thickness].map((size) => size.value?.text ?? '')
    const cells = part.places.flatMap((name, at) => [name, `${part.numbers[at] || ''}`])
    const worked = part.joinery.map((one) => one.text)
    const said = [...part.marks, part.name, part.material, ...cells, ...sizes, ...worked]
    const told = said.map((one) => one.toLowerCase())
    return wanted.every((word) => told.some((one) => (word.length > 2 ? one.includes(word) : one === word)))
  })
}

/** The parts in groups, in the order in which they come; by drawer, a row that serves several is shared out to them. */
export function grouped(parts: Part[], by: Grouping): Group[] {
  const groups = new Map<string, Group>()
  const into = (title: string, number: number, part: Part) => {
    const key = `${number} ${title}`
    const group = groups.get(key) ?? { title, number, parts: [] }
    group.parts.push(part)
    groups.set(key, group)
  }
  for (const part of parts) {
    if (by === 'place')
      for (const piece of byPlace(part)) into(piece.places[0] ?? '', piece.numbers[0] ?? 0, piece)
    else into(titleOf(part, by), 0, part)
  }
  return [...groups.values()]
}

function titleOf(part: Part, by: Grouping): string {
  if (by === 'material') return part.material
  if (by === 'fence') return `Fence at ${part.width.value?.text ?? 'a width that is not known yet'}`
  return 'All parts'
}

/** One row for each cell that the pieces are for; two cells may bear one name, but not one number. */
function byPlace(part: Part): Part[] {
  const cells = part.places.map((name, at) => `${part.numbers[at]} ${name}`)
  return [...new Set(cells)].map((cell) => {
    const own = cells.flatMap((one, at) => (one === cell ? [at] : []))
    const of = <T>(all: T[]) => own.flatMap((at) => all.slice(at, at + 1))
    const piece = { ...part, ids: of(part.ids), marks: of(part.marks), numbers: of(part.numbers) }
    return { ...piece, places: of(part.places), count: own.length }
  })
}
