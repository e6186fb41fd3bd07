import { type Comparison, compareToControl } from './compareToControl'
import { type Description, describe } from './describe'
import { maxTAgainstControl } from './maxTAgainstControl'
import { type PotValues, sumUp, usedPots } from './pots'
import { replicatesNeeded, smallestDifference } from './power'
import { smallestMaxTP, type Verdict, type VerdictReason, verdict } from './verdict'

export interface GroupsInput {
  /** One number a pot, null for a pot not used; the control first. */
  readonly groups: readonly PotValues[]
  /** The block of each pot, in the shape of the groups. */
  readonly blocks?: readonly (readonly (string | number | null)[])[] | undefined
  readonly wish: 'more' | 'less'
  /** The control did not reach what it had to. */
  readonly isVoid: boolean
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
  /** null where it or the control has fewer than two used pots. */
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
  /** What decided; null where no two groups have two used pots each. */
  readonly test: 'welch' | 'max-t' | null
  /** Of the trial itself, percent of the control's mean; null where that is not above 0 or nothing varies. */
  readonly cv: number | null
  /** Of each treatment, to see 20 % with that variation. */
  readonly potsFor20: number | null
  /** The largest spread is more than four times the smallest: p may be too small. */
  readonly isUneven: boolean
}

const LEAST_POTS = 2
const ASKED_PERCENT = 20
const UNEVEN = 4
const PERCENT = 100

/**
 * What a trial says of one measure, no more than its pots can carry: one treatment by Welch's test, several by max-T;
 * groups with fewer than two used pots are left out and told.
 * @throws DomainError `not-finite`, `bad-argument`
 */
export function compareGroups({
  groups,
  blocks,
  wish,
  isVoid,
  ...options
}: GroupsInput): GroupsResult {
  const used = groups.map((values, at) =>
    usedPots(at === 0 ? 'The control' : 'A treatment', values),
  )
  const compared = used.flatMap((values, at) => (values.length >= LEAST_POTS ? at : []))
  const isComparable = compared[0] === 0 && compared.length > 1
  const treatments = isComparable ? compared.slice(1) : []
  const cv = isComparable ? ownCv(compared.map((at) => used[at] as number[])) : null
  const isSeveral = treatments.length > 1
  const family = isSeveral
    ? maxTAgainstControl(
        compared.map((at) => groups[at] as PotValues),
        { ...options, blocks: blocks && compared.map((at) => blocks[at] ?? []) },
      )
    : null
  const sizes = isSeveral ? sizesOf(groups, blocks, compared) : []
  return {
    groups: groups.map((values, at) => ({
      planted: values.length,
      description: (used[at] as number[]).length > 0 ? describe(values) : null,
    })),
    treatments: groups.slice(1).map((values, index) => {
      const group = index + 1
      const place = treatments.indexOf(group)
      const comparison = place < 0 ? null : compareToControl(groups[0] as PotValues, values)
      const p = family ? (family.p[place] ?? null) : (comparison?.p ?? null)
      const smallestP = family && place >= 0 ? smallestMaxTP(sizes, place + 1, options.draws) : 0
      const difference = comparison?.difference ?? 0
      const said = verdict({ isVoid, p, smallestP, difference, wish })
      const apart = comparison?.ci && (comparison.ci[0] > 0 || comparison.ci[1] < 0)
      return {
        group,
        comparison,
        p,
        ...said,
        findablePercent: comparison && cv ? findableOf(comparison, cv, treatments.length) : null,
        isOnlyAlone: said.verdict === 'no-difference' && apart === true,
      }
    }),
    test: isComparable ? (isSeveral ? 'max-t' : 'welch') : null,
    cv,
    potsFor20:
      cv === null
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

/** Pooled spread of all groups against the control's mean, at least 1 %. */
function ownCv(used: readonly number[][]): number | null {
  const sums = used.map((values) => sumUp(values))
  const df = sums.reduce((sum, { n }) => sum + n - 1, 0)
  const s = Math.sqrt(sums.reduce((sum, { sumOfSquares }) => sum + sumOfSquares, 0) / df)
  const mean = sums[0]?.mean ?? 0
  if (!(mean > 0) || !(s > 0)) return null
  return Math.max(1, (PERCENT * s) / mean)
}

function isUneven(used: readonly number[][]): boolean {
  const spreads = used.map((values) => {
    const { n, sumOfSquares } = sumUp(values)
    return Math.sqrt(sumOfSquares / (n - 1))
  })
  return spreads.length > 1 && Math.max(...spreads) > UNEVEN * Math.min(...spreads)
}

/** Used pots by group, in each block or all together. */
function sizesOf(
  groups: readonly PotValues[],
  blocks: GroupsInput['blocks'],
  compared: readonly number[],
): number[][] {
  const inBlock = new Map<string | number | null, number[]>()
  compared.forEach((at, group) => {
    groups[at]?.forEach((value, pot) => {
      if (value === null) return
      const block = blocks?.[at]?.[pot] ?? null
      const sizes = inBlock.get(block) ?? compared.map(() => 0)
      sizes[group] = (sizes[group] as number) + 1
      inBlock.set(block, sizes)
    })
  })
  return [...inBlock.values()]
}
