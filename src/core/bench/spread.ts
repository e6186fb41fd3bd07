import { DomainError } from '../errors'
import { requireNumber } from '../validate'
import type { BenchUnit } from './benchTypes'

export interface Spread {
  readonly n: number
  readonly mean: number
  readonly lowest: number
  readonly highest: number
  /** Standard deviation (n − 1); null for a single run. */
  readonly sd: number | null
}

/**
 * Mean and spread of one value over repeats; a single run has no spread, and says so.
 * @throws DomainError `too-few` for no runs, `not-finite` for a value that is no number
 * @example spreadOf([40, 44]) // { n: 2, mean: 42, lowest: 40, highest: 44, sd: 2.83 }
 */
export function spreadOf(values: readonly number[]): Spread {
  if (values.length === 0) throw new DomainError('too-few', 'There is no run yet.')
  for (const value of values) requireNumber('The value of a run', value)
  const n = values.length
  const mean = values.reduce((sum, value) => sum + value, 0) / n
  const squares = values.reduce((sum, value) => sum + (value - mean) ** 2, 0)
  return {
    n,
    mean,
    lowest: Math.min(...values),
    highest: Math.max(...values),
    sd: n > 1 ? Math.sqrt(squares / (n - 1)) : null,
  }
}

/** Repeats of a time may differ by so much; beyond it one of them was another mix, or another clock. */
const TIMES_APART = 2
/** Below it the hand on the key tells more than the mix. */
const LEAST_APART_S = 10
/** Repeats of a share of the volume may differ by so much: twice what a porosity test is good to, both ways. */
const SHARES_APART = 0.12

/** Whether repeats of one sample contradict each other: then their mean is the value of neither. */
export function runsDisagree(unit: BenchUnit, values: readonly number[]): boolean {
  if (values.length < 2) return false
  const [lowest, highest] = [Math.min(...values), Math.max(...values)]
  switch (unit) {
    case 's':
      return highest > TIMES_APART * lowest && highest - lowest > LEAST_APART_S
    case 'share':
      return highest - lowest > SHARES_APART
    default:
      return false
  }
}
