import { DomainError } from '../errors'
import { DAY_MS } from '../units'

/**
 * Mean temperature of each week from a start date, from monthly means: each week takes the month of its middle day.
 * @param monthlyMeanTempC twelve values, January first, °C
 * @param startDate ISO date
 * @throws DomainError for anything but twelve months or a date that is none
 */
export function weeklyTemperatures({
  monthlyMeanTempC,
  startDate,
  weeks,
}: {
  monthlyMeanTempC: readonly number[]
  startDate: string
  weeks: number
}): number[] {
  if (monthlyMeanTempC.length !== 12) {
    throw new DomainError('too-few', 'Monthly temperatures are needed for all twelve months.')
  }
  const start = Date.parse(`${startDate}T00:00:00Z`)
  if (Number.isNaN(start)) throw new DomainError('bad-argument', `"${startDate}" is not a date.`)
  return Array.from({ length: weeks }, (_, week) => {
    const middle = new Date(start + (week * 7 + 3) * DAY_MS)
    return monthlyMeanTempC[middle.getUTCMonth()] as number
  })
}
