import {
  type CountsResult,
  type MeasureResult,
  type TrialMeasure,
  usualSummary,
} from '../../../core/trials'
import { daysBetween } from '../../../core/units'
import type {
  CountsView,
  GrowthView,
  MeasureSays,
  PotDot,
} from '../../../messages/trials/resultViews'
import type { Tables } from '../../lots'
import type { TrialCourse } from './courseOf'

export function dotsOf(
  { pots }: TrialCourse,
  result: MeasureResult | undefined,
  isHidden: boolean,
): PotDot[] {
  const seen = new Map<number, number>()
  return pots.map((pot) => {
    const place = seen.get(pot.treatment) ?? 0
    seen.set(pot.treatment, place + 1)
    const value =
      result && 'values' in result ? (result.values[pot.treatment]?.[place] ?? null) : null
    return {
      potId: pot.id,
      code: pot.code,
      containerId: pot.containerId,
      treatment: isHidden ? null : pot.treatment,
      cropName: pot.cropName,
      value,
    }
  })
}

/** By the first of these measures that was read on more than one day. */
export function growthOf(
  { pots, plantedOn }: TrialCourse,
  measures: readonly TrialMeasure[],
  isHidden: boolean,
): GrowthView | null {
  for (const measure of measures) {
    const lines = pots.flatMap(({ code, treatment, records }) => {
      const points = pointsOf(records, measure, plantedOn)
      return points.length > 1 ? [{ code, treatment: isHidden ? null : treatment, points }] : []
    })
    if (lines.length > 0) return { measure, lines }
  }
  return null
}

/** By day; of what is picked what it came to by then. */
function pointsOf(
  records: TrialCourse['pots'][number]['records'],
  measure: TrialMeasure,
  since: string,
): (readonly [number, number])[] {
  const byDay = new Map<number, number>()
  let sum = 0
  for (const one of [...records].sort((a, b) => (a.on < b.on ? -1 : a.on > b.on ? 1 : 0))) {
    if (one.measure !== measure) continue
    sum += one.value
    byDay.set(daysBetween(since, one.on), usualSummary(measure) === 'total' ? sum : one.value)
  }
  return [...byDay]
}

export function measureView(
  { crops }: Tables,
  measure: TrialMeasure,
  wish: 'more' | 'less',
  result: MeasureResult,
): MeasureSays {
  switch (result.by) {
    case 'means':
      return {
        by: 'means',
        measure,
        wish,
        isShare: result.isShare,
        groups: result.groups,
        dose: result.dose,
      }
    case 'counts':
      return {
        by: 'counts',
        measure,
        wish,
        counts: countsView(result.counts),
        trend: result.trend,
      }
    case 'sides':
      return {
        by: 'sides',
        measure,
        wish,
        sides: result.sides.map((side) => ({
          treatment: side.treatment,
          result: side.result,
          crops: side.crops.map(({ crop, control, treatment }) => ({
            cropName: crops.get(crop)?.name ?? crop,
            control,
            other: treatment,
          })),
        })),
      }
  }
}

export function countsView({ groups, treatments }: CountsResult): CountsView {
  return { groups, treatments: treatments.map(({ fisher: _, ...told }) => told) }
}
