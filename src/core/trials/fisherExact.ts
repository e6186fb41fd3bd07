import gammaln from '@stdlib/math-base-special-gammaln'
import { DomainError } from '../errors'
import { requireCount } from '../statistics'

export interface Fisher {
  /** Two-sided: of all tables that are as or less probable. */
  readonly p: number
  /** Conditional maximum likelihood; above 1 favours "yes" in the treatment; null where it is not defined. */
  readonly oddsRatio: number | null
}

const AS_PROBABLE = 1 + 1e-7
const SURE = 1e-12
const STEPS = 200

/**
 * Fisher's exact test (1935) of two groups counted yes and no.
 * @param a treatment yes
 * @param b treatment no
 * @param c control yes
 * @param d control no
 * @throws DomainError `bad-count` for what is no count, or nothing counted at all; `not-finite`
 * @example fisherExact(9, 1, 3, 7).p // 0.0198
 */
export function fisherExact(a: number, b: number, c: number, d: number): Fisher {
  for (const count of [a, b, c, d]) requireCount('Each count', count)
  const [rowA, rowC, yes] = [a + b, c + d, a + c]
  const total = rowA + rowC
  if (total === 0) throw new DomainError('bad-count', 'Nothing was counted.')
  const lowest = Math.max(0, yes - rowC)
  const highest = Math.min(rowA, yes)
  if (lowest === highest) return { p: 1, oddsRatio: null }
  const logs = Array.from({ length: highest - lowest + 1 }, (_, at) => {
    const x = lowest + at
    return logChoose(rowA, x) + logChoose(rowC, yes - x)
  })
  const all = logSum(logs)
  const limit = (logs[a - lowest] as number) + Math.log(AS_PROBABLE)
  const p = Math.exp(logSum(logs.filter((one) => one <= limit)) - all)
  return { p: Math.min(1, p), oddsRatio: oddsRatio(a, lowest, highest, logs) }
}

/** Solves that as many are expected as were seen. */
function oddsRatio(a: number, lowest: number, highest: number, logs: readonly number[]): number {
  if (a === lowest) return 0
  if (a === highest) return Number.POSITIVE_INFINITY
  const expected = (logPsi: number) => {
    const weighted = logs.map((one, at) => one + (lowest + at) * logPsi)
    const most = Math.max(...weighted)
    let [sum, mean] = [0, 0]
    weighted.forEach((one, at) => {
      const weight = Math.exp(one - most)
      sum += weight
      mean += weight * (lowest + at)
    })
    return mean / sum
  }
  let [low, high] = [-1, 1]
  while (expected(low) > a) low *= 2
  while (expected(high) < a) high *= 2
  for (let step = 0; step < STEPS && high - low > SURE; step++) {
    const middle = (low + high) / 2
    if (expected(middle) < a) low = middle
    else high = middle
  }
  return Math.exp((low + high) / 2)
}

function logChoose(n: number, k: number): number {
  return gammaln(n + 1) - gammaln(k + 1) - gammaln(n - k + 1)
}

function logSum(logs: readonly number[]): number {
  const most = Math.max(...logs)
  return most + Math.log(logs.reduce((sum, one) => sum + Math.exp(one - most), 0))
}
