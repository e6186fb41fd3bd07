/** A group as far as Welch's t asks: at least two values. */
export interface Spread {
  readonly n: number
  readonly mean: number
  /** n − 1 in the denominator. */
  readonly variance: number
}

/** Relative to the larger mean, a standard error below this is rounding, not variation. */
const NO_VARIATION = 10 * 2.2e-16

/** Whether a standard error is nothing but rounding beside the means it belongs to. */
export function isRounding(standardError: number, ...means: readonly number[]): boolean {
  return standardError <= NO_VARIATION * Math.max(...means.map(Math.abs))
}

/** Standard error and degrees of freedom of the difference of two means, Welch (1947); null where nothing varies. */
export function welchError(
  one: Spread,
  other: Spread,
): { readonly se: number; readonly df: number } | null {
  const [v1, v2] = [one.variance / one.n, other.variance / other.n]
  const se = Math.sqrt(v1 + v2)
  if (isRounding(se, one.mean, other.mean)) return null
  return { se, df: (v1 + v2) ** 2 / (v1 ** 2 / (one.n - 1) + v2 ** 2 / (other.n - 1)) }
}
