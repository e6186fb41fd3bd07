import type { Exchanged } from './arrangements'
import { random32 } from './random32'

/**
 * Arrangements drawn once for a whole plan: of each, the places of the pots of every group but the last, group by group.
 * @param exchanges with as many pots of each group in all of them together
 * @returns draws rows of (groups − 1) · pots places
 */
export function drawnPlaces(
  exchanges: readonly Exchanged[],
  draws: number,
  seed: number,
): Uint16Array {
  const groups = exchanges[0]?.ofGroup.length ?? 0
  const pots = exchanges.reduce((sum, { ofGroup }) => sum + (ofGroup[0] ?? 0), 0)
  const width = (groups - 1) * pots
  const table = new Uint16Array(draws * width)
  const order = Uint16Array.from({ length: exchanges.at(-1)?.to ?? 0 }, (_, place) => place)
  const draw = random32(seed)
  const next = new Uint32Array(groups)
  for (let nth = 0; nth < draws; nth++) {
    for (let group = 0; group < groups; group++) next[group] = nth * width + group * pots
    for (const { from, to, ofGroup } of exchanges) {
      let at = from
      for (let group = 0; group < groups - 1; group++) {
        for (let left = ofGroup[group] as number; left > 0; left--, at++) {
          const other = at + draw(to - at)
          const place = order[other] as number
          order[other] = order[at] as number
          order[at] = place
          table[next[group] as number] = place
          next[group] = (next[group] as number) + 1
        }
      }
    }
  }
  return table
}
