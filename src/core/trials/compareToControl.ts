import gammaln from '@stdlib/math-base-special-gammaln'
import { t95, twoSidedT, welchError } from '../statistics'
import { type PotValues, sumUp, usedAtLeast, variance } from './pots'

export interface Comparison {
  readonly nControl: number
  readonly nTreatment: number
  /** Treatment less control. */
  readonly difference: number
  /** 95 %, by Welch's t; null where nothing varies. */
  readonly ci: readonly [number, number] | null
  /** 125 means a quarter more; null where the control's mean is not above 0. */
  readonly percentOfControl: number | null
  readonly hedgesG: number | null
  readonly t: number | null
  readonly df: number | null
  readonly p: number | null
}

/**
 * A treatment against its control: Welch (1947), with Hedges' g (1981) from the pooled spread.
 * @throws DomainError `too-few` below 2 used pots on a side, `not-finite`
 */
export function compareToControl(control: PotValues, treatment: PotValues): Comparison {
  const c = sumUp(usedAtLeast('The control', control, 2))
  const t = sumUp(usedAtLeast('The treatment', treatment, 2))
  const difference = t.mean - c.mean
  const comparison = {
    nControl: c.n,
    nTreatment: t.n,
    difference,
    percentOfControl: c.mean > 0 ? (100 * t.mean) / c.mean : null,
  }
  const error = welchError({ ...c, variance: variance(c) }, { ...t, variance: variance(t) })
  if (!error) return { ...comparison, ci: null, hedgesG: null, t: null, df: null, p: null }
  const { se, df } = error
  const half = t95(df) * se
  const m = c.n + t.n - 2
  const pooled = Math.sqrt((c.sumOfSquares + t.sumOfSquares) / m)
  return {
    ...comparison,
    ci: [difference - half, difference + half],
    hedgesG: (smallSample(m) * difference) / pooled,
    t: difference / se,
    df,
    p: twoSidedT(difference / se, df),
  }
}

/** Hedges' J, exact by gamma functions. */
function smallSample(m: number): number {
  return Math.exp(gammaln(m / 2) - 0.5 * Math.log(m / 2) - gammaln((m - 1) / 2))
}
