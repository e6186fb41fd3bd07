import { settle } from './curveFit/gaussNewton'
import {
  ALPHA_STEP,
  evaluate,
  LOG_ALPHA,
  LOG_N,
  N_STEP,
  POINTS,
  type Trial,
  type Wanted,
} from './curveFit/misfit'
import { descend } from './curveFit/simplex'
import { valleys, valleysOfAll } from './curveFit/startGrid'
import type { RetentionCurve } from './retention'

export { FIT_SUCTIONS_CM } from './curveFit/misfit'

/**
 * Van Genuchten curve with a given thetaS fitted to water contents at FIT_SUCTIONS_CM by least squares,
 * on 0 ≤ thetaR < thetaS, 1e-3 ≤ alpha ≤ 50 cm⁻¹, 1.1 ≤ n ≤ 8.
 * For a given alpha and n the best thetaR follows in closed form, so the search has two dimensions only
 * (variable projection, Golub & Pereyra 1973): from the valleys of a grid Gauss–Newton steps in Kaufman's (1975)
 * form, and a shrinking simplex where these end at a bound or do not settle.
 * @param theta water contents, m³ m⁻³, one per suction
 * @returns the curve and its root mean square misfit, m³ m⁻³
 */
export function fitCurve(
  thetaS: number,
  theta: ArrayLike<number>,
): { curve: RetentionCurve; fitRmse: number } {
  return fitWith(
    thetaS,
    theta,
    valleys,
    (start, wanted) => settle(start, wanted) ?? descend(start, wanted),
  )
}

/** The same by the simplex alone, from a grid of which every point is looked at: slower, and what the other is held against in tests. */
export function fitCurveBySimplex(
  thetaS: number,
  theta: ArrayLike<number>,
): { curve: RetentionCurve; fitRmse: number } {
  return fitWith(thetaS, theta, valleysOfAll, descend)
}

function fitWith(
  thetaS: number,
  theta: ArrayLike<number>,
  startsOf: typeof valleys,
  refine: (start: Trial, wanted: Wanted) => Trial,
): { curve: RetentionCurve; fitRmse: number } {
  const deficit = new Float64Array(POINTS)
  let deficitSquare = 0
  for (let i = 0; i < POINTS; i++) {
    const missing = thetaS - (theta[i] as number)
    deficit[i] = missing
    deficitSquare += missing * missing
  }
  const wanted = { thetaS, deficit, deficitSquare }
  let best: Trial | null = null
  for (const { i, j } of startsOf(wanted)) {
    const start = evaluate(LOG_ALPHA[0] + i * ALPHA_STEP, LOG_N[0] + j * N_STEP, wanted)
    const found = refine(start, wanted)
    if (!best || found.misfit < best.misfit) best = found
  }
  const { logAlpha, logN, thetaR, misfit } = best as Trial
  return {
    curve: { thetaS, thetaR, alpha: Math.exp(logAlpha), n: 1 + Math.exp(logN) },
    fitRmse: Math.sqrt(misfit / POINTS),
  }
}
