import type { BestReason, BestRung, LadderPriorities, Rung } from './ladderTypes'

const TIE = 1e-12
/** Ways that fall short by as much as that are alike. */
const AS_SHORT = 0.02

/** As much of a way as it is weighed by. */
type Weighed = Pick<
  Rung,
  | 'id'
  | 'allowed'
  | 'litres'
  | 'cost'
  | 'unpriced'
  | 'minutesWithFeeding'
  | 'feedPlan'
  | 'nCoverage'
  | 'airFraction'
  | 'fails'
  | 'shortfall'
>

type Terms = Readonly<Record<'cost' | 'effort' | 'yield', number>>

/**
 * First the gate, then the weights. A way stands where its litres, its air, its pH and its salts do; only ways that stand
 * are ranked while there is one, else those that fall short least. Of them the least sum of money and work, each as a share
 * of the dearest and the longest of all five, less what it lets the crop have of its feed, its air and its litres. Money
 * counts only where none of them lacks a price that another has no need of: what all lack, they are compared without. Ties
 * go to the way that comes first.
 * @param lowAir least air of the crop, share of the volume
 * @param litresWanted above 0
 */
export function bestRung(
  rungs: readonly Weighed[],
  priorities: LadderPriorities,
  { lowAir, litresWanted }: { readonly lowAir: number; readonly litresWanted: number },
): BestRung | null {
  const open = rungs.filter(({ allowed }) => allowed)
  const standing = open.filter(({ fails }) => fails.length === 0)
  const shortBy = ({ shortfall }: Weighed) => shortfall ?? Number.POSITIVE_INFINITY
  const leastShort = Math.min(...open.map(shortBy))
  const ranked =
    standing.length > 0 ? standing : open.filter((one) => shortBy(one) <= leastShort + AS_SHORT)
  const isByCost = lackTheSame(ranked)
  const most = (of: (rung: Weighed) => number | null) =>
    Math.max(0, ...rungs.map((one) => of(one) ?? 0))
  const [dearest, longest] = [most(({ cost }) => cost), most((one) => one.minutesWithFeeding)]
  const terms = (rung: Weighed): Terms => {
    const coverage = rung.feedPlan?.coverageAfter ?? rung.nCoverage ?? 0
    const air = lowAir > 0 ? Math.min(1, (rung.airFraction ?? 0) / lowAir) : 1
    const litres = Math.min(1, (rung.litres ?? 0) / litresWanted)
    return {
      cost: isByCost && dearest > 0 ? (priorities.cost * (rung.cost ?? 0)) / dearest : 0,
      effort: longest > 0 ? (priorities.effort * (rung.minutesWithFeeding ?? 0)) / longest : 0,
      yield: -priorities.yield * Math.min(1, coverage) * air * litres,
    }
  }
  const sumOf = (rung: Weighed) => Object.values(terms(rung)).reduce((sum, one) => sum + one, 0)
  // A stable sort by sums that do not differ keeps the order of the ladder.
  const [best, next] = [...ranked].sort((a, b) => {
    const apart = sumOf(a) - sumOf(b)
    return Math.abs(apart) <= TIE ? 0 : apart
  })
  if (!best) return null
  const reason =
    standing.length === 0 && open.length > 1
      ? 'least-short'
      : next
        ? reasonOf(terms(best), terms(next))
        : 'only-one'
  return { id: best.id, reason, fails: best.fails, isByCost }
}

function lackTheSame(rungs: readonly Weighed[]): boolean {
  const lacked = rungs.map(({ unpriced }) => [...new Set(unpriced)].sort().join('\n'))
  return new Set(lacked).size <= 1
}

/** The term in which the best is farthest ahead of the next. */
function reasonOf(best: Terms, next: Terms): BestReason {
  const ahead = (['yield', 'cost', 'effort'] as const)
    .map((term) => ({ term, by: next[term] - best[term] }))
    .sort((a, b) => b.by - a.by)[0]
  return ahead && ahead.by > TIE ? ahead.term : 'first'
}
