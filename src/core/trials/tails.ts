import betainc from '@stdlib/math-base-special-betainc'
import erfc from '@stdlib/math-base-special-erfc'
import tQuantile from '@stdlib/stats-base-dists-t-quantile'
import jstat from 'jstat'

/** Half-width of a 95 % interval of the normal distribution, in standard errors. */
export const Z_95 = 1.959963984540054
const CONFIDENCE = 0.975

/** Probability of a t at least as far from 0, from the tails themselves: small ones keep their digits. */
export function twoSidedT(t: number, df: number): number {
  return betainc(df / (df + t * t), df / 2, 0.5)
}

/** t that leaves 2.5 % above it. */
export function t95(df: number): number {
  return tQuantile(CONFIDENCE, df)
}

/** t that leaves half of alpha above it. */
export function criticalT(alpha: number, df: number): number {
  return -tQuantile(alpha / 2, df)
}

/** Probability of an F at least as large. */
export function upperF(F: number, df1: number, df2: number): number {
  return betainc(df2 / (df2 + df1 * F), df2 / 2, df1 / 2)
}

/** Probability of a normal deviate at least as far from 0. */
export function twoSidedZ(z: number): number {
  return erfc(Math.abs(z) / Math.SQRT2)
}

/** Probability of at least so many heads of n tosses of a fair coin. */
export function atLeastHeads(count: number, n: number): number {
  return count <= 0 ? 1 : betainc(0.5, count, n - count + 1)
}

/** Distribution function of the noncentral t; good to about 1e-8. */
export function noncentralT(t: number, df: number, ncp: number): number {
  return jstat.noncentralt.cdf(t, df, ncp)
}
