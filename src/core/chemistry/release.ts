import { DomainError } from '../errors'
import { requireNumber } from '../validate'
import type { AmendmentKind } from './tables'

/** Of coated feeds, composts and decay: the rate doubles with each 10 °C (Handreck & Black 2010). */
const Q10 = 2
/**
 * Of meals and other organic fertilizers: they give most of their nitrogen in the first weeks, and little less of it in
 * cool media (Hartz & Johnstone 2006).
 */
const ORGANIC_Q10 = 1.3

/** How many times faster a kind of amendment sets its nitrogen free when it is 10 °C warmer. */
export function q10Of(kind: AmendmentKind): number {
  return kind === 'organic fertilizer' ? ORGANIC_Q10 : Q10
}

/** How many times faster than at 20 °C things go. */
export function temperatureFactor(tempC: number, q10 = Q10): number {
  return q10 ** ((tempC - 20) / 10)
}

/** Share that has reacted after some days at 20 °C; 1 where it acts at once. */
export function reacted(days: number, releaseDays50: number): number {
  return releaseDays50 === 0 ? 1 : 1 - 0.5 ** (days / releaseDays50)
}

/**
 * One temperature for every week, or a list with at least as many.
 * @returns days at 20 °C that have passed by the end of each week
 * @throws DomainError for too short a list or a temperature outside −10 to 45 °C
 */
export function warmDays(
  weeks: number,
  weeklyMeanTempC: number | readonly number[],
  q10 = Q10,
): number[] {
  const isList = Array.isArray(weeklyMeanTempC)
  if (isList && weeklyMeanTempC.length < weeks) {
    throw new DomainError('too-few', `Temperatures are needed for all ${weeks} weeks.`)
  }
  let total = 0
  return Array.from({ length: weeks }, (_, week) => {
    const tempC = requireNumber(
      'The weekly mean temperature in °C',
      isList ? weeklyMeanTempC[week] : weeklyMeanTempC,
      { min: -10, max: 45 },
    )
    total += 7 * temperatureFactor(tempC, q10)
    return total
  })
}
