import { DomainError } from '../errors'
import { isRounding, requireFinite, requireIn, requireList, t95 } from '../statistics'
import { sumUp } from './pots'
import { signFlips } from './signFlips'
import { signTest } from './signTest'
import { type Verdict, type VerdictReason, verdict } from './verdict'

/** What one crop came to in the control and in the other mix, mean over its pots; null where one did not finish. */
export interface SideBySide {
  readonly control: number | null
  readonly treatment: number | null
}

export interface SidesResult {
  /** How much more the treatment brought over all crops; null where no crop tells a ratio, or one side brought nothing. */
  readonly percent: number | null
  /** 95 % of percent, by t on the logarithms; null below two crops or where nothing varies. */
  readonly ci: readonly [number, number] | null
  /** By all sign flips of the logarithms of the ratios; null where no crop was grown to the end on both sides. */
  readonly p: number | null
  /** By the exact sign test, beside it; null where no crop decided for either side. */
  readonly signP: number | null
  /** Crops that did better in the treatment, by the wish. */
  readonly wins: number
  readonly losses: number
  readonly ties: number
  /** Crops of which one side did not finish. */
  readonly missing: number
  readonly verdict: Verdict
  readonly reason: VerdictReason | null
}

const PERCENT = 100
/** A side that brought nothing at all counts as the clearest ratio seen, and no less than this. */
const LEAST_OF_NOTHING = Math.log(2)

/**
 * Crops grown side by side: the ratio of treatment to control of each crop, in logarithms, so that half and double weigh
 * alike. p by flipping the sign of each crop (all of them up to 200 000 ways), the sign test beside it.
 * A crop of which one side brought nothing has no ratio: percent is left open then, and in p it counts as the clearest of all.
 * @param pairs one a crop; no value below 0
 * @param comparisons mixes that are held against the control: p is multiplied by their number
 * @throws DomainError `not-finite`, `bad-argument` for a value below 0
 */
export function compareSides({
  pairs,
  wish = 'more',
  isVoid = false,
  comparisons = 1,
}: {
  readonly pairs: readonly SideBySide[]
  readonly wish?: 'more' | 'less'
  readonly isVoid?: boolean
  readonly comparisons?: number
}): SidesResult {
  requireList('The crops', pairs)
  requireIn('The comparisons', comparisons, 1, 1000)
  const grown = pairs.flatMap(({ control, treatment }) =>
    control === null || treatment === null
      ? []
      : [{ control: requireAmount(control), treatment: requireAmount(treatment) }],
  )
  const ratios = grown.map(({ control, treatment }) =>
    control === treatment ? 0 : Math.log(treatment / control),
  )
  const signs = ratios.map((one) => Math.sign(wish === 'more' ? one : -one))
  const wins = signs.filter((sign) => sign > 0).length
  const losses = signs.filter((sign) => sign < 0).length
  const ties = signs.length - wins - losses
  const most = Math.max(
    LEAST_OF_NOTHING,
    ...ratios.filter(Number.isFinite).map((one) => Math.abs(one)),
  )
  const weighed = ratios.map((one) => (Number.isFinite(one) ? one : Math.sign(one) * most))
  const p = weighed.length === 0 ? null : Math.min(1, signFlips(weighed) * comparisons)
  const mean = weighed.reduce((sum, one) => sum + one, 0)
  return {
    ...effectOf(ratios),
    p,
    signP: wins + losses === 0 ? null : Math.min(1, signTest(wins, losses, ties).p * comparisons),
    wins,
    losses,
    ties,
    missing: pairs.length - grown.length,
    ...verdict({
      isVoid,
      p,
      // Crops that tie decide for neither side, however often they are flipped.
      smallestP: Math.min(1, 2 * 0.5 ** (wins + losses) * comparisons),
      difference: mean,
      wish,
    }),
  }
}

function effectOf(ratios: readonly number[]): Pick<SidesResult, 'percent' | 'ci'> {
  if (ratios.length === 0 || !ratios.every(Number.isFinite)) return { percent: null, ci: null }
  const { n, mean, sumOfSquares } = sumUp(ratios)
  const percent = percentOf(mean)
  if (n < 2) return { percent, ci: null }
  const se = Math.sqrt(sumOfSquares / (n - 1) / n)
  if (isRounding(se, mean, 1)) return { percent, ci: null }
  const half = t95(n - 1) * se
  return { percent, ci: [percentOf(mean - half), percentOf(mean + half)] }
}

function percentOf(logarithm: number): number {
  return PERCENT * Math.expm1(logarithm)
}

function requireAmount(value: number): number {
  if (requireFinite('A result', value) < 0) {
    throw new DomainError('bad-argument', 'A result of a crop cannot be less than nothing.')
  }
  return value
}
