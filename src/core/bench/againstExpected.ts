import type { Range } from '../ranges'
import { requireNumber } from '../validate'

export interface DrainVerdict {
  readonly verdict: 'as expected' | 'slower' | 'faster'
  /** Observed over expected. */
  readonly ratio: number
}

/** The seconds of a simulation are good to half or double. */
const DOUBTFUL_RATIO = 2

/**
 * A time that was observed against the one its recipe lets expect: beyond half or double, the mix differs from its
 * recipe. Slower means fines or a closed structure; faster, channels or a coarser mix.
 */
export function timeAgainstExpected(observedS: number, expectedS: number): DrainVerdict {
  requireNumber('The time observed in s', observedS, { above: 0 })
  requireNumber('The time expected in s', expectedS, { above: 0 })
  const ratio = observedS / expectedS
  return {
    ratio,
    verdict:
      ratio > DOUBTFUL_RATIO ? 'slower' : ratio < 1 / DOUBTFUL_RATIO ? 'faster' : 'as expected',
  }
}

export interface AirVerdict {
  readonly verdict: 'as expected' | 'less air' | 'more air'
  /** Measured less expected, share of the volume. */
  readonly difference: number
}

/** What a porosity test is good to, share of the volume; also where nothing is known of how sure an expectation was. */
export const AIR_TEST_ERROR = 0.03

/**
 * Air that was measured against what its composition lets expect: it differs where it lies outside what is likely.
 * @param likely of the expectation
 */
export function airAgainstExpected(
  measured: number,
  expected: number,
  likely: Pick<Range, 'p10' | 'p90'> | null = null,
): AirVerdict {
  requireNumber('The air measured', measured, { min: 0, max: 1 })
  requireNumber('The air expected', expected, { min: 0, max: 1 })
  const { p10, p90 } = likely ?? { p10: expected - AIR_TEST_ERROR, p90: expected + AIR_TEST_ERROR }
  return {
    difference: measured - expected,
    verdict: measured < p10 ? 'less air' : measured > p90 ? 'more air' : 'as expected',
  }
}

export interface BesideReference {
  /** Sample over reference. */
  readonly ratio: number
  /** Their spreads do not overlap, and both were run at least twice. */
  readonly apart: boolean
}

/** Repeats of a sample beside repeats of a reference, made with the same kit on the same day. */
export function besideReference(
  sample: readonly number[],
  reference: readonly number[],
): BesideReference | null {
  if (sample.length === 0 || reference.length === 0) return null
  const mean = (values: readonly number[]) =>
    values.reduce((sum, value) => sum + value, 0) / values.length
  const referenceMean = mean(reference)
  if (!(referenceMean > 0)) return null
  return { ratio: mean(sample) / referenceMean, apart: runsApart(sample, reference) }
}

/** Whether repeats of two samples differ: both were run at least twice, and their spreads do not overlap. */
export function runsApart(sample: readonly number[], other: readonly number[]): boolean {
  const below = Math.max(...sample) < Math.min(...other)
  const above = Math.min(...sample) > Math.max(...other)
  return sample.length > 1 && other.length > 1 && (below || above)
}
