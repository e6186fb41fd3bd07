import { growingMonths } from './growingYear'
import { referenceEvapotranspiration } from './referenceEvapotranspiration'
import type { GrowingMonth } from './waterGiven'

/** Means of one month at a site. */
export interface MonthClimate {
  readonly tMinC: number
  readonly tMaxC: number
  readonly rainMm: number
}

const MIDDLE_OF_MONTH = [15, 46, 74, 105, 135, 166, 196, 227, 258, 288, 319, 349]

/**
 * The month of a site in which the air takes most, its growing months, and their mean temperature.
 * @returns `month` counted from 0
 */
export function worstMonth({
  latitudeDeg,
  climateByMonth,
}: {
  readonly latitudeDeg: number
  /** Twelve, January first. */
  readonly climateByMonth: readonly MonthClimate[]
}) {
  const months = climateByMonth.map(({ tMinC, tMaxC }, month) => ({
    month,
    tMinC,
    tMaxC,
    dayOfYear: MIDDLE_OF_MONTH[month] as number,
    et0: referenceEvapotranspiration({
      latitudeDeg,
      dayOfYear: MIDDLE_OF_MONTH[month] as number,
      tMinC,
      tMaxC,
    }),
  }))
  const worst = months.reduce((most, one) => (one.et0 > most.et0 ? one : most))
  const growing = growingMonths(latitudeDeg).map((month): GrowingMonth => {
    const { tMinC, tMaxC, rainMm } = climateByMonth[month - 1] as MonthClimate
    return { dayOfYear: MIDDLE_OF_MONTH[month - 1] as number, tMinC, tMaxC, rainMm }
  })
  const { month, tMinC, tMaxC, dayOfYear } = worst
  return {
    month,
    place: {
      latitudeDeg,
      dayOfYear,
      tMinC,
      tMaxC,
      seasonMeanTempC:
        growing.reduce((sum, one) => sum + (one.tMinC + one.tMaxC) / 2, 0) / growing.length,
      growing,
    },
  }
}
