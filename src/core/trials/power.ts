import { DomainError } from '../errors'
import { criticalT, noncentralT, requireFinite, requireIn } from '../statistics'

const USUAL = { cv: 20, power: 0.8, alpha: 0.05, comparisons: 1 } as const
const MOST_POTS = 10_000
const LARGEST_DIFFERENCE = 1e6

/**
 * Chance that a trial shows a difference that is really there: two-sided t, the same spread in both groups.
 * @param cv plant-to-plant variation in percent, such as 20
 * @param differencePercent of the control's mean
 * @throws DomainError `bad-argument` for a cv below 1 (a fraction slipped in), a share outside (0, 1); `not-finite`
 * @example powerTwoGroups({ n: 6, cv: 20, differencePercent: 30 }) // 0.65
 */
export function powerTwoGroups({
  n,
  cv = USUAL.cv,
  differencePercent,
  alpha = USUAL.alpha,
}: {
  readonly n: number
  readonly cv?: number
  readonly differencePercent: number
  readonly alpha?: number
}): number {
  requirePots('The pots per group', n)
  requireFinite('The difference', differencePercent)
  requireCv(cv)
  requireProbability('The alpha', alpha)
  return powerOf(n, n, cv, differencePercent, alpha)
}

/**
 * Pots that the control and each treatment need; null beyond 10 000.
 * @param comparisons treatments against one control: alpha is shared out among them
 * @throws DomainError `bad-argument` for a difference of 0 and as above
 * @example replicatesNeeded({ cv: 20, differencePercent: 30 }) // 9
 */
export function replicatesNeeded({
  cv = USUAL.cv,
  differencePercent,
  power = USUAL.power,
  alpha = USUAL.alpha,
  comparisons = USUAL.comparisons,
}: {
  readonly cv?: number
  readonly differencePercent: number
  readonly power?: number
  readonly alpha?: number
  readonly comparisons?: number
}): number | null {
  requireFinite('The difference', differencePercent)
  if (differencePercent === 0) {
    throw new DomainError('bad-argument', 'A difference of 0 is never shown: say how large.')
  }
  const each = requireDesign(cv, power, alpha, comparisons)
  const reaches = (n: number) => powerOf(n, n, cv, differencePercent, each) >= power
  if (!reaches(MOST_POTS)) return null
  let [low, high] = [1, 2]
  while (!reaches(high)) {
    low = high
    high = Math.min(MOST_POTS, high * 2)
  }
  while (high - low > 1) {
    const middle = Math.floor((low + high) / 2)
    if (reaches(middle)) high = middle
    else low = middle
  }
  return high
}

/**
 * Difference in percent of the control's mean that a trial shows with the power asked for.
 * @throws DomainError as above
 */
export function smallestDifference({
  nControl,
  nTreatment,
  cv = USUAL.cv,
  power = USUAL.power,
  alpha = USUAL.alpha,
  comparisons = USUAL.comparisons,
}: {
  readonly nControl: number
  readonly nTreatment: number
  readonly cv?: number
  readonly power?: number
  readonly alpha?: number
  readonly comparisons?: number
}): number {
  requirePots('The pots of the control', nControl)
  requirePots('The pots of the treatment', nTreatment)
  const each = requireDesign(cv, power, alpha, comparisons)
  if (power <= each) return 0
  const reached = (difference: number) => powerOf(nControl, nTreatment, cv, difference, each)
  let [low, high] = [0, cv]
  while (reached(high) < power) {
    low = high
    high *= 2
    if (high > LARGEST_DIFFERENCE * cv) {
      throw new DomainError('bad-argument', 'No difference reaches that power.')
    }
  }
  while (high - low > 1e-10 * high) {
    const middle = (low + high) / 2
    if (middle === low || middle === high) break
    if (reached(middle) < power) low = middle
    else high = middle
  }
  return (low + high) / 2
}

/** Both tails. */
function powerOf(
  nOne: number,
  nOther: number,
  cv: number,
  differencePercent: number,
  alpha: number,
): number {
  const df = nOne + nOther - 2
  const ncp = Math.abs(differencePercent) / cv / Math.sqrt(1 / nOne + 1 / nOther)
  const t = criticalT(alpha, df)
  return Math.min(1, Math.max(0, 1 - noncentralT(t, df, ncp) + noncentralT(-t, df, ncp)))
}

/** @returns alpha of each comparison */
function requireDesign(cv: number, power: number, alpha: number, comparisons: number): number {
  requireCv(cv)
  requireProbability('The power', power)
  requireProbability('The alpha', alpha)
  return alpha / requireIn('The comparisons', comparisons, 1, 1000)
}

function requirePots(name: string, n: number): void {
  if (requireFinite(name, n) < 2) {
    throw new DomainError('too-few', `${name}: at least 2 are needed.`)
  }
  requireIn(name, n, 2, 1e6, false)
}

function requireCv(cv: number): void {
  requireFinite('The variation', cv)
  if (cv < 1) {
    throw new DomainError('bad-argument', 'The variation is in percent: 20 for 20 %, at least 1.')
  }
}

function requireProbability(name: string, value: number): void {
  requireFinite(name, value)
  if (!(value > 0 && value < 1)) {
    throw new DomainError('bad-argument', `${name} must lie between 0 and 1.`)
  }
}
