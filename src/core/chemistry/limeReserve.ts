import { reacted } from './release'
import { type DoseEvent, reservesIn } from './reserves'
import type { Amendment } from './tables'

/** What happened to a lot, as far as its lime goes; oldest first. */
export type LimeEvent = DoseEvent<Pick<Amendment, 'cce' | 'releaseDays50'>>

/**
 * Lime in a lot that has not reacted yet, g CaCO3-equivalent per L: every dose since it was mixed in, less what has
 * reacted and less what left with the mix. It counts as free lime at the next correction.
 * @param events oldest first
 * @returns 0 for a lot that is empty or was never limed
 */
export function unreactedLime({ events }: { events: readonly LimeEvent[] }): number {
  const { litres, reserves } = reservesIn(events)
  if (!(litres > 0)) return 0
  const left = reserves
    .filter(({ amendment }) => amendment.cce > 0)
    .reduce(
      (sum, { amendment: { cce, releaseDays50 }, grams, daysAgo }) =>
        sum + grams * cce * (1 - reacted(daysAgo, releaseDays50)),
      0,
    )
  return Math.max(0, left / litres)
}
