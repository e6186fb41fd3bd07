import { requireNumber } from '../validate'
import { reacted } from './release'
import type { Amendment } from './tables'

/** What happened to a lot, as far as its lime goes; oldest first. */
export interface LimeEvent {
  /** Days before today. */
  readonly daysAgo: number
  /** What came in (positive) or left (negative), L. */
  readonly litres: number
  readonly doses: readonly {
    readonly amendment: Pick<Amendment, 'cce' | 'releaseDays50'>
    readonly grams: number
  }[]
}

/**
 * Lime in a lot that has not reacted yet, g CaCO3-equivalent per L: every dose since it was mixed in, less what has
 * reacted and less what left with the mix. It counts as free lime at the next correction.
 * @param events oldest first
 * @returns 0 for a lot that is empty or was never limed
 */
export function unreactedLime({ events }: { events: readonly LimeEvent[] }): number {
  let litres = 0
  let reserves: { grams: number; cce: number; daysAgo: number; releaseDays50: number }[] = []
  for (const event of events) {
    requireNumber('The days since an entry', event.daysAgo, { min: 0 })
    requireNumber('The litres of an entry', event.litres)
    if (event.litres < 0 && litres > 0) {
      const kept = Math.max(0, 1 + event.litres / litres)
      reserves = reserves.map((reserve) => ({ ...reserve, grams: reserve.grams * kept }))
    }
    litres = Math.max(0, litres + event.litres)
    for (const { amendment, grams } of event.doses) {
      if (amendment.cce <= 0) continue
      const { cce, releaseDays50 } = amendment
      reserves.push({ grams, cce, releaseDays50, daysAgo: event.daysAgo })
    }
  }
  if (!(litres > 0)) return 0
  const left = reserves.reduce(
    (sum, { grams, cce, daysAgo, releaseDays50 }) =>
      sum + grams * cce * (1 - reacted(daysAgo, releaseDays50)),
    0,
  )
  return Math.max(0, left / litres)
}
