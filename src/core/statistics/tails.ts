import erfc from '@stdlib/math-base-special-erfc'
import binomialCdf from '@stdlib/stats-base-dists-binomial-cdf'
import fCdf from '@stdlib/stats-base-dists-f-cdf'
import tCdf from '@stdlib/stats-base-dists-t-cdf'
import tQuantile from '@stdlib/stats-base-dists-t-quantile'
import jstat from 'jstat'

/** Half-width of a 95 % interval of the normal distribution, in standard errors. */
export const Z_95 = 1.959963984540054
const CONFIDENCE = 0.975

/** Probability of a t at least as far from 0, from the tails themselves: small ones keep their digits. */
export function twoSidedT(t: number, df: number): number {
  return 2 * tCdf(-Math.abs(t), df)
}

/** t that leaves 2.5 % above it. */
export function t95(df: number): number {
  return tQuantile(CONFIDENCE, df)
}

/** t with so much of its distribution below it, 0 to 1. */
export function tQuantileAt(share: number, df: number): number {
  return tQuantile(share, df)
}

/** Normal deviate with so much of the distribution below it: of a t whose degrees of freedom are as good as endless. */
export function zAt(share: number): number {
  return tQuantile(share, 1e12)
}

/** t that leaves half of alpha above it. */
export function criticalT(alpha: number, df: number): number {
  return -tQuantile(alpha / 2, df)
}

/** Probability of an F at least as large: of its inverse at most as large, from the tail itself. */
export function upperF(F: number, df1: number, df2: number): number {
  return F > 0 ? fCdf(1 / F, df2, df1) : 1
}

/** Probability of a normal deviate at least as far from 0. */
export function twoSidedZ(z: number): number {
  return erfc(Math.abs(z) / Math.SQRT2)
}

/** Probability of at least so many heads of n tosses of a fair coin: of at most so many tails. */
export function atLeastHeads(count: number, n: number): number {
  return count <= 0 ? 1 : binomialCdf(n - count, n, 0.5)
}

/** Distribution function of the noncentral t; good to about 1e-8. */
export function noncentralT(t: number, df: number, ncp: number): number {
  return jstat.noncentralt.cdf(t, df, ncp)
}
