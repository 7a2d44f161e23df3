/** A kept length as a person would type it again: without the plan's unit, and without the parentheses put round a sum. */
export function asTyped(kept: string, unit: string): string {
  if (!kept.endsWith(` ${unit}`)) return kept
  const bare = kept.slice(0, -unit.length - 1)
  if (/^[\d\s/.,½¼¾⅛⅜⅝⅞⅓⅔-]+$/.test(bare)) return bare
  return isWrapped(bare) ? bare.slice(1, -1) : kept
}

function isWrapped(text: string): boolean {
  let depth = 0
  for (const [at, sign] of [...text].entries()) {
    if (sign === '(') depth += 1
    if (sign === ')') depth -= 1
    if (depth === 0) return at === text.length - 1 && at > 0
  }
  return false
}

/** A whole number as one; anything else as it was written, so that the program says what is wrong with it. */
export const counted = (written: string | null) =>
  /^\d{1,6}$/.test(written ?? '') ? Number(written) : written
