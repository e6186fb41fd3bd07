import { daysBetween } from '../../../core/units'
import type { RungView } from '../../../messages/recondition/ladder'

/** What two ways are held against each other by, in the order of the ladder. */
export const APART_ROWS = [
  'air',
  'days',
  'ph',
  'ec',
  'nitrogen',
  'cost',
  'work',
  'planting',
  'litres',
  'kilos',
  'innings',
] as const
export type ApartRow = (typeof APART_ROWS)[number]

export interface WayApart {
  readonly row: ApartRow
  /** null where one of them has no such number. */
  readonly apart: number | null
}

/** Numbers of a way by the row they stand in. */
export const FIGURES: Readonly<
  Record<Exclude<ApartRow, 'planting'>, (way: RungView) => number | null>
> = {
  air: (way) => way.airFraction,
  days: (way) => way.daysBetweenWaterings,
  ph: (way) => way.ph,
  ec: (way) => way.ecSme,
  // What the crop gets in the end, fed or not.
  nitrogen: (way) => way.feedPlan?.coverageAfter ?? way.nCoverage,
  cost: (way) => way.cost,
  work: (way) => way.minutes,
  litres: (way) => way.litres,
  kilos: (way) => way.kilosToLift,
  innings: (way) => way.inningsLeft,
}

/** The second way less the first; planting in days. */
export function waysApart(one: RungView, other: RungView): WayApart[] {
  return APART_ROWS.map((row) => ({ row, apart: apartIn(row, one, other) }))
}

function apartIn(row: ApartRow, one: RungView, other: RungView): number | null {
  if (row === 'planting') {
    const [first, second] = [one.earliestPlanting, other.earliestPlanting]
    return first === null || second === null ? null : daysBetween(first, second)
  }
  if (row === 'cost' && !lackTheSame(one, other)) return null
  const [first, second] = [FIGURES[row](one), FIGURES[row](other)]
  return first === null || second === null ? null : second - first
}

/** Money of two ways is apart by what is known only where both lack the same prices. */
function lackTheSame(one: RungView, other: RungView): boolean {
  const [first, second] = [one, other].map(({ unpriced }) => [...new Set(unpriced)].sort().join())
  return first === second
}
