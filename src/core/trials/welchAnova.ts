import { DomainError } from '../errors'
import { isRounding, requireList, upperF } from '../statistics'
import { type PotValues, sumUp, usedAtLeast, variance } from './pots'

export interface Welch {
  readonly F: number | null
  readonly df1: number
  readonly df2: number | null
  readonly p: number | null
}

/**
 * Whether groups differ at all, their spreads unlike: Welch (1951). Not defined where a group does not vary.
 * @throws DomainError `too-few` below 2 groups, or 2 used pots in one; `not-finite`
 */
export function welchAnova(groups: readonly PotValues[]): Welch {
  requireList('The groups', groups)
  if (groups.length < 2) throw new DomainError('too-few', 'At least two groups are needed.')
  const sums = groups.map((group, at) => sumUp(usedAtLeast(`Group ${at + 1}`, group, 2)))
  const k = sums.length
  const df1 = k - 1
  if (sums.some((one) => isRounding(Math.sqrt(variance(one) / one.n), one.mean))) {
    return { F: null, df1, df2: null, p: null }
  }
  const weights = sums.map((one) => one.n / variance(one))
  const total = weights.reduce((sum, one) => sum + one, 0)
  const grand = sums.reduce((sum, { mean }, at) => sum + (weights[at] as number) * mean, 0) / total
  const between = sums.reduce(
    (sum, { mean }, at) => sum + (weights[at] as number) * (mean - grand) ** 2,
    0,
  )
  const spread = sums.reduce(
    (sum, { n }, at) => sum + (1 - (weights[at] as number) / total) ** 2 / (n - 1),
    0,
  )
  const F = between / df1 / (1 + (2 * (k - 2) * spread) / (k * k - 1))
  const df2 = (k * k - 1) / (3 * spread)
  return { F, df1, df2, p: upperF(F, df1, df2) }
}
