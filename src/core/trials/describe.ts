import { t95 } from '../statistics'
import { type PotValues, sumUp, usedAtLeast, variance } from './pots'

export interface Description {
  readonly n: number
  /** Pots that were not used. */
  readonly missing: number
  readonly mean: number
  /** With n − 1; null for one pot. */
  readonly sd: number | null
  readonly se: number | null
  readonly median: number
  /** 95 %, by t. */
  readonly ci: readonly [number, number] | null
}

/**
 * What a group of pots came to.
 * @throws DomainError `too-few` where no pot is used, `not-finite`
 */
export function describe(values: PotValues): Description {
  const used = usedAtLeast('The group', values, 1)
  const sums = sumUp(used)
  const { n, mean } = sums
  const sorted = [...used].sort((a, b) => a - b)
  const middle = (sorted[Math.floor((n - 1) / 2)] as number) + (sorted[Math.floor(n / 2)] as number)
  const description = { n, missing: values.length - n, mean, median: middle / 2 }
  if (n < 2) return { ...description, sd: null, se: null, ci: null }
  const sd = Math.sqrt(variance(sums))
  const se = sd / Math.sqrt(n)
  const half = t95(n - 1) * se
  return { ...description, sd, se, ci: [mean - half, mean + half] }
}
