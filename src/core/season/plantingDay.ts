import type { Crop } from '../chemistry'
import { monthsAt } from './growingYear'

/**
 * First day of the next month in which the crop is sown or planted at the site; today where it is now or not known.
 * @param today ISO day
 * @param latitudeDeg below 0 in the south
 * @returns ISO day
 */
export function plantingDay(
  crop: Pick<Crop, 'sowOrPlantMonthsNorth'>,
  today: string,
  latitudeDeg: number,
): string {
  const span = monthsAt(crop.sowOrPlantMonthsNorth, latitudeDeg)
  if (!span) return today
  const { from, to } = span
  const year = Number(today.slice(0, 4))
  const month = Number(today.slice(5, 7))
  const inSeason = from <= to ? month >= from && month <= to : month >= from || month <= to
  if (inSeason) return today
  const yearOfSowing = month < from ? year : year + 1
  return `${yearOfSowing}-${String(from).padStart(2, '0')}-01`
}
