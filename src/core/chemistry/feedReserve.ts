import { q10Of, reacted } from './release'
import { type DoseEvent, reservesIn } from './reserves'
import type { Amendment, Dose } from './tables'

/** Less nitrogen than this in a litre nobody need reckon with, mg. */
const WORTH_TELLING_MG_PER_L = 1

/**
 * Feed of earlier mixing that has not set its nitrogen free yet, as the smaller doses that it now comes to: what is left
 * of a release that halves in a fixed time goes on halving in that time.
 * @param events oldest first
 * @param warmDaysSince days at 20 °C that have passed since so many days ago, for a Q10
 * @returns g per L of what is in the lot; none where it is empty, was never fed, or all was set free
 */
export function feedLeft({
  events,
  warmDaysSince,
}: {
  events: readonly DoseEvent[]
  warmDaysSince: (daysAgo: number, q10: number) => number
}): Dose[] {
  const { litres, reserves } = reservesIn(events)
  const left = new Map<string, Dose>()
  for (const { amendment, grams, daysAgo } of reserves) {
    if (!isSlow(amendment)) continue
    const days = warmDaysSince(daysAgo, q10Of(amendment.kind))
    const gPerL = (grams * (1 - reacted(days, amendment.releaseDays50))) / litres
    const before = left.get(amendment.id)?.gPerL ?? 0
    left.set(amendment.id, { amendment, gPerL: before + gPerL })
  }
  return [...left.values()].filter((dose) => nitrogenOf(dose) >= WORTH_TELLING_MG_PER_L)
}

/** mg N that doses can still set free in a litre. */
export function nitrogenLeft(doses: readonly Dose[]): number {
  return doses.reduce((sum, dose) => sum + nitrogenOf(dose), 0)
}

function isSlow({ nPercent, nReleaseSeason, releaseDays50 }: Amendment): boolean {
  return nPercent > 0 && nReleaseSeason > 0 && releaseDays50 > 0
}

function nitrogenOf({ amendment, gPerL }: Dose): number {
  return 10 * gPerL * amendment.nPercent * amendment.nReleaseSeason
}
