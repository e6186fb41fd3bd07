import type { BestReason, Ladder, LadderPriorities, Rung } from './ladderTypes'

const TIE = 1e-12

/** As much of a way as it is weighed by. */
type Weighed = Pick<
  Rung,
  'id' | 'allowed' | 'cost' | 'minutes' | 'feedPlan' | 'nCoverage' | 'airFraction'
>

/**
 * The way with the least sum of money and work, each as a share of the dearest and the longest of all five, less what it
 * lets the crop have of its feed and its air. Ties go to the way that comes first.
 * @param lowAir least air of the crop, share of the volume
 */
export function bestRung(
  rungs: readonly Weighed[],
  priorities: LadderPriorities,
  lowAir: number,
): Ladder['best'] {
  const most = (of: (rung: Weighed) => number | null) =>
    Math.max(0, ...rungs.map((one) => of(one) ?? 0))
  const [dearest, longest] = [most(({ cost }) => cost), most(({ minutes }) => minutes)]
  const terms = (rung: Weighed): Record<'cost' | 'effort' | 'yield', number> => {
    const coverage = rung.feedPlan?.coverageAfter ?? rung.nCoverage ?? 0
    const air = lowAir > 0 ? Math.min(1, (rung.airFraction ?? 0) / lowAir) : 1
    return {
      cost: dearest > 0 ? (priorities.cost * (rung.cost ?? 0)) / dearest : 0,
      effort: longest > 0 ? (priorities.effort * (rung.minutes ?? 0)) / longest : 0,
      yield: -priorities.yield * Math.min(1, coverage) * air,
    }
  }
  const sumOf = (rung: Weighed) => Object.values(terms(rung)).reduce((sum, one) => sum + one, 0)
  const open = rungs.filter(({ allowed }) => allowed)
  // A stable sort by sums that do not differ keeps the order of the ladder.
  const [best, next] = [...open].sort((a, b) => {
    const apart = sumOf(a) - sumOf(b)
    return Math.abs(apart) <= TIE ? 0 : apart
  })
  if (!best) return null
  return { id: best.id, reason: next ? reasonOf(terms(best), terms(next)) : 'only-one' }
}

/** The term in which the best is farthest ahead of the next. */
function reasonOf(
  best: Record<'cost' | 'effort' | 'yield', number>,
  next: Record<'cost' | 'effort' | 'yield', number>,
): BestReason {
  const ahead = (['yield', 'cost', 'effort'] as const)
    .map((term) => ({ term, by: next[term] - best[term] }))
    .sort((a, b) => b.by - a.by)[0]
  return ahead && ahead.by > TIE ? ahead.term : 'first'
}
