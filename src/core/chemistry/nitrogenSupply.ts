import { requireNumber, requireWhole } from '../validate'
import { reacted, warmDays } from './release'

export interface NitrogenSupply {
  /** mg N per L of mix set free up to the end of each week. */
  readonly cumulativeMgPerL: readonly number[]
  readonly totalMgPerL: number
}

/**
 * Nitrogen a source sets free, week by week, mg per L of mix: first-order release whose half-time shortens
 * with warmth (Handreck & Black 2010).
 * @param gPerL dry mass of the source per L of mix
 * @param nPercent nitrogen as per cent of that mass
 * @param nReleaseSeason share of the nitrogen that can be set free at all
 * @param weeks 1 to 104, whole
 * @param q10 how many times faster it goes 10 °C warmer: 1.3 for organic fertilizers, 2 for all else; at least 1
 */
export function nitrogenSupply({
  gPerL,
  nPercent,
  nReleaseSeason,
  releaseDays50,
  weeks,
  weeklyMeanTempC = 20,
  q10 = 2,
}: {
  gPerL: number
  nPercent: number
  nReleaseSeason: number
  releaseDays50: number
  weeks: number
  weeklyMeanTempC?: number | readonly number[]
  q10?: number
}): NitrogenSupply {
  requireNumber('The mass in g/L', gPerL, { min: 0 })
  requireNumber('The nitrogen in per cent', nPercent, { min: 0, max: 100 })
  requireNumber('The share released', nReleaseSeason, { min: 0, max: 1 })
  requireNumber('The half-time in days', releaseDays50, { min: 0 })
  requireWhole('The weeks', weeks, { min: 1, max: 104 })
  requireNumber('The Q10', q10, { min: 1, max: 5 })
  const releasable = 10 * gPerL * nPercent * nReleaseSeason
  const cumulativeMgPerL = warmDays(weeks, weeklyMeanTempC, q10).map(
    (days) => releasable * reacted(days, releaseDays50),
  )
  return { cumulativeMgPerL, totalMgPerL: cumulativeMgPerL[weeks - 1] as number }
}
