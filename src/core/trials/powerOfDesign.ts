import { DomainError } from '../errors'
import { requireFinite, requireIn } from '../statistics'
import { judgeOf } from './designJudge'
import { requireDesign, type SimulatedDesign } from './simulatedDesign'

export interface DesignPower {
  /** Share of runs in which the treatment that differs is judged so, 0 to 1. */
  readonly power: number
  /** Share of runs in which any treatment is judged better or worse where none differs. */
  readonly falsePositive: number
  /** Percent of the control's mean that is found with a power of 0.8, within one; null where 300 % is not. */
  readonly leastDifference: number | null
}

export interface PowerQuestion extends SimulatedDesign {
  readonly differencePercent: number
  readonly alpha?: number
  readonly runs?: number
  readonly seed?: number
  readonly onProgress?: (share: number) => void
}

const USUAL = { alpha: 0.05, runs: 1000, seed: 1 } as const
const WANTED = 0.8
const LARGEST = 300
const CLOSE_ENOUGH = 1
/** A fall can be no larger than the whole. */
const LARGEST_FALL = 100
const FIRST_STEP = 6
/** As many differences as are usually tried. */
const TRIED = 9

/**
 * How often a plan would find a difference, by growing it many times over: pots, trays and blocks drawn with their
 * variation, and each run judged as the real one will be.
 * @param question variation and difference in percent of the control's mean; of a share it is by how much it falls
 * @throws DomainError `bad-argument`, `too-few`, `not-finite`
 */
export function powerOfDesign({
  differencePercent,
  alpha = USUAL.alpha,
  runs = USUAL.runs,
  seed = USUAL.seed,
  onProgress = () => {},
  ...asked
}: PowerQuestion): DesignPower {
  const design = requireDesign(asked)
  requireFinite('The difference', differencePercent)
  requireIn('The runs', runs, 1, 100_000)
  requireIn('The seed', seed, -(2 ** 31), 2 ** 32 - 1)
  if (!(alpha > 0 && alpha < 1)) {
    throw new DomainError('bad-argument', 'The alpha must lie between 0 and 1.')
  }
  if (design.share !== null && Math.abs(differencePercent) > LARGEST_FALL) {
    throw new DomainError('bad-argument', 'A share cannot fall by more than all of it.')
  }
  const parts = TRIED + 2
  let done = 0
  const judge = judgeOf(design, { alpha, runs, seed })
  const shareOf = (difference: number, what: 'found' | 'any') => {
    const share = judge(difference, what, (part) => onProgress(Math.min(1, (done + part) / parts)))
    done += 1
    return share
  }
  const power = shareOf(differencePercent, 'found')
  const falsePositive = shareOf(0, 'any')
  const leastDifference = leastOf(design, differencePercent, power, (one) => shareOf(one, 'found'))
  onProgress(1)
  return { power, falsePositive, leastDifference }
}

/**
 * Outwards from what was asked for in growing steps, then by halving: on the same random numbers, the way that was asked
 * for.
 */
function leastOf(
  design: ReturnType<typeof requireDesign>,
  asked: number,
  powerOfAsked: number,
  powerOf: (difference: number) => number,
): number | null {
  const sign = asked < 0 ? -1 : 1
  const most = design.share === null ? LARGEST : LARGEST_FALL
  const isFound = (size: number) => powerOf(sign * size) >= WANTED
  const start = Math.min(most, Math.abs(asked))
  let [low, high] = [0, most]
  if (start === Math.abs(asked) ? powerOfAsked >= WANTED : isFound(start)) {
    high = start
    for (let step = FIRST_STEP; low === 0 && high > step; step *= 2) {
      if (isFound(high - step)) high -= step
      else low = high - step
    }
  } else {
    low = start
    for (let step = FIRST_STEP; high === most; step *= 2) {
      const next = Math.min(most, low + step)
      if (isFound(next)) high = next
      else if (next === most) return null
      else low = next
      if (high === most && next === most) break
    }
  }
  while (high - low > CLOSE_ENOUGH) {
    const middle = (low + high) / 2
    if (isFound(middle)) high = middle
    else low = middle
  }
  return high
}
