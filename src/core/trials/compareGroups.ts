import type { Comparison } from './compareToControl'
import { type Description, describe } from './describe'
import { type DecidingTest, judgedBy } from './judgedBy'
import { type PotValues, sumUp, usedPots } from './pots'
import { replicatesNeeded, smallestDifference } from './power'
import { type Verdict, type VerdictReason, verdict } from './verdict'

export interface GroupsInput {
  /** One number a pot, null for a pot not used; the control first. */
  readonly groups: readonly PotValues[]
  /** The block of each pot, in the shape of the groups. */
  readonly blocks?: readonly (readonly (string | number | null)[])[] | undefined
  readonly wish: 'more' | 'less'
  /** The control did not reach what it had to. */
  readonly isVoid: boolean
  /** Fewer used pots on any side, and nothing is said of a difference: trays share the luck of their seeds. */
  readonly leastPots?: number
  /** Whether it is told what the pots could have found, which takes longer than the judgement; told where left out. */
  readonly plans?: boolean
  readonly seed?: number
  readonly draws?: number
  readonly onProgress?: (share: number) => void
}

export interface GroupResult {
  /** Pots that were planted, used or not. */
  readonly planted: number
  /** null where no pot is used. */
  readonly description: Description | null
}

export interface TreatmentResult {
  /** Its place among the groups. */
  readonly group: number
  /** null where it or the control has fewer than two used pots, or fewer than two blocks hold both. */
  readonly comparison: Comparison | null
  /** Family-wise where there are several treatments. */
  readonly p: number | null
  readonly verdict: Verdict
  readonly reason: VerdictReason | null
  /** Percent of the control's mean that these pots could have shown; null where that is not defined. */
  readonly findablePercent: number | null
  /** Its own interval leaves 0 out, although nothing is shown once all treatments are counted. */
  readonly isOnlyAlone: boolean
}

export interface GroupsResult {
  readonly groups: readonly GroupResult[]
  readonly treatments: readonly TreatmentResult[]
  /** What decided; null where nothing can be compared. */
  readonly test: DecidingTest | null
  /** Of the trial itself, inside its blocks, percent of the control's mean; null where that is not above 0 or nothing varies. */
  readonly cv: number | null
  /** Block to block, in the same percent; null without blocks. */
  readonly blockCv: number | null
  /** Of each treatment, to see 20 % with that variation. */
  readonly potsFor20: number | null
  /** The largest spread is more than four times the smallest: p may be too small. */
  readonly isUneven: boolean
}

const ASKED_PERCENT = 20
const UNEVEN = 4

/**
 * What a trial says of one measure, no more than its pots can carry. Without blocks one treatment by Welch's test, several
 * by max-T; with blocks one by permutation within them, several by max-T within them. Where nothing varies but the means
 * differ, by all arrangements. Groups with too few used pots are left out and told.
 * @throws DomainError `not-finite`, `bad-argument`
 * @example compareGroups({ groups: [[10, 12, 11, 13], [15, 16, 14, 17]], wish: 'more' }).treatments[0].p // 0.00466
 */
export function compareGroups(input: GroupsInput): GroupsResult {
  const { groups, wish, isVoid, leastPots = 0, plans = true } = input
  const used = groups.map((values, at) =>
    usedPots(at === 0 ? 'The control' : 'A treatment', values),
  )
  const judged = judgedBy(input, used)
  const { comparisons, compared, test, ps, smallestP, spreads } = judged
  const cv = spreads?.cv ?? null
  const treatments = compared.slice(1)
  const isShortAt = (at: number) => (used[at]?.length ?? 0) < leastPots
  return {
    groups: groups.map((values, at) => ({
      planted: values.length,
      description: (used[at] as number[]).length > 0 ? describe(values) : null,
    })),
    treatments: groups.slice(1).map((_, index) => {
      const group = index + 1
      const place = treatments.indexOf(group)
      const comparison = comparisons[group] ?? null
      const p = place < 0 ? null : (ps[place] ?? null)
      const difference = comparison?.difference ?? 0
      const isShort = isShortAt(0) || isShortAt(group)
      const said = isShort
        ? ({ verdict: 'cannot-tell', reason: isVoid ? 'void' : 'few-trays' } as const)
        : verdict({ isVoid, p, smallestP: place < 0 ? 0 : smallestP(place + 1), difference, wish })
      const apart = comparison?.ci && (comparison.ci[0] > 0 || comparison.ci[1] < 0)
      return {
        group,
        comparison,
        p: isShort ? null : p,
        ...said,
        findablePercent:
          plans && comparison && cv ? findableOf(comparison, cv, treatments.length) : null,
        isOnlyAlone: said.verdict === 'no-difference' && apart === true,
      }
    }),
    test: treatments.every((at) => isShortAt(0) || isShortAt(at)) ? null : test,
    cv,
    blockCv: spreads?.blockCv ?? null,
    potsFor20:
      cv === null || !plans
        ? null
        : replicatesNeeded({
            cv,
            differencePercent: ASKED_PERCENT,
            comparisons: treatments.length,
          }),
    isUneven: isUneven(compared.map((at) => used[at] as number[])),
  }
}

function findableOf({ nControl, nTreatment }: Comparison, cv: number, comparisons: number): number {
  return smallestDifference({ nControl, nTreatment, cv, comparisons })
}

function isUneven(used: readonly number[][]): boolean {
  const spreads = used.map((values) => {
    const { n, sumOfSquares } = sumUp(values)
    return Math.sqrt(sumOfSquares / (n - 1))
  })
  return spreads.length > 1 && Math.max(...spreads) > UNEVEN * Math.min(...spreads)
}
