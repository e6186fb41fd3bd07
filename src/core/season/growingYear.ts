import { requireNumber } from '../validate'

/** Between the tropics there is no cold season to plan around. */
const TROPIC_DEG = 23.4
const NORTH: readonly number[] = [4, 5, 6, 7, 8, 9, 10]
const HALF_YEAR = 6

/** Whether a place has its summer around January. @param latitudeDeg north positive */
export function isSouthern(latitudeDeg: number): boolean {
  return requireNumber('The latitude in degrees', latitudeDeg, { min: -90, max: 90 }) < 0
}

/**
 * Months a garden grows in, 1 to 12 in the order of its season: April to October in the north, October to April in the
 * south, all of them between the tropics (our own rule; climate and crop decide within it).
 */
export function growingMonths(latitudeDeg: number): number[] {
  const southern = isSouthern(latitudeDeg)
  if (Math.abs(latitudeDeg) < TROPIC_DEG) return Array.from({ length: 12 }, (_, i) => i + 1)
  return southern ? NORTH.map(monthHalfAYearOn) : [...NORTH]
}

/**
 * A span of months written for the north, such as "3-5", at a place: half a year later in the south.
 * @returns first and last month, 1 to 12; null where none is written
 */
export function monthsAt(
  northern: string | null,
  latitudeDeg: number,
): { readonly from: number; readonly to: number } | null {
  const [from, to = from] = (northern ?? '').split('-').map(Number)
  if (!from || !to) return null
  if (!isSouthern(latitudeDeg)) return { from, to }
  return { from: monthHalfAYearOn(from), to: monthHalfAYearOn(to) }
}

/** Twelve values by month as they are on the other half of the globe. */
export function halfAYearOn<T>(byMonth: readonly T[]): T[] {
  return [...byMonth.slice(HALF_YEAR), ...byMonth.slice(0, HALF_YEAR)]
}

function monthHalfAYearOn(month: number): number {
  return ((month - 1 + HALF_YEAR) % 12) + 1
}
