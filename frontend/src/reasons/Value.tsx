import { Num } from '../lengths/Num'
import { useQuantity } from '../plan/onScreen'

/** A figure in a line of words: nothing where there is none. */
export function Value({ of, before = '', after = '' }: { of: string; before?: string; after?: string }) {
  const text = useQuantity(of)?.value?.text
  if (!text) return null
  return (
    <>
      {before}
      <Num>{text}</Num>
      {after}
    </>
  )
}
