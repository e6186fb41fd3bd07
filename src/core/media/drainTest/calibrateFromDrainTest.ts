import type { RetentionCurve } from '../retention'
import {
  type Descent,
  descend,
  meanSquare,
  normalMatrix,
  type Place,
  type Residuals,
  sumOfSquares,
} from './descend'
import { type DrainTest, type Fidelity, requireDrainTest, residualsOf } from './drainTest'

export type FurtherReading = 'a time to a volume' | 'the volume in the end'

export interface DrainCalibration {
  readonly curve: RetentionCurve
  readonly ksCmPerS: number
  readonly alpha: number
  /** Logarithms of simulated over observed: first drip, times, volume in the end. */
  readonly residuals: readonly number[]
  readonly converged: boolean
  /** Of the logarithms. */
  readonly standardErrors: { readonly lnKs: number; readonly lnAlpha: number }
  /** What to read as well, where the test did not tell enough. */
  readonly further: FurtherReading | null
}

/** How far from the prior the fit may go, in logarithms. */
const FARTHEST = { lnKs: Math.log(200), lnAlpha: Math.log(20) } as const
/** Error of a stopwatch and a cup: no fit is surer than this. */
const READING_ERROR = 0.03
const TELLING_ERROR = 0.3
/** Where else the search begins, from the prior, in logarithms: water can run the same way for other reasons. */
const STARTS = [-2, 2].flatMap((lnKs) => [-1, 0, 1].map((lnAlpha) => [lnKs, lnAlpha] as const))
const OTHER_WAYS = 2
/** Readings are good to some per cent: a fit to a thousandth is as good as exact. */
const EXACT_ENOUGH = 1e-6
/** Another place that fits the readings within their error and lies this far off: the test does not decide. */
const RIVAL = 0.3
/** How often what the rough simulation gets wrong is looked up in the exact one. */
const CORRECTIONS = 2
const SETTLED = 0.003
const EXACT: Fidelity = { fineness: 1, tolerance: 1 }
const ROUGH: Fidelity = { fineness: 0.25, tolerance: 4 }

/**
 * Conductivity and suction scale of a real mix from how water ran through a column: ln Ks and ln alpha are fitted to the
 * times and the final volume by least squares over the simulation, starting from what its composition lets expect. All
 * pores, n and thetaR stay as they were.
 *
 * The search runs on a simulation with few cells, set right by what the exact one says where the search has ended, until
 * both agree. It also starts from places around the prior: where one of them fits the readings as well, the test has not
 * decided and the fit has not converged.
 * @throws DomainError for impossible input, or a test with fewer than two readings
 */
export function calibrateFromDrainTest(test: DrainTest): DrainCalibration {
  requireDrainTest(test)
  const { prior } = test
  const start: Place = [Math.log(prior.ksCmPerS), Math.log(prior.curve.alpha)]
  const clamp = ([lnKs, lnAlpha]: Place): Place => [
    near(lnKs, start[0], FARTHEST.lnKs),
    near(lnAlpha, start[1], FARTHEST.lnAlpha),
  ]
  const rough: Residuals = (at) => residualsOf(test, at, ROUGH)
  const [first, ...others] = waysDown(rough, start, clamp)
  const best = exactly(test, rough, first, clamp)
  const rival = others.some(
    ({ at, cost }) => cost < READING_ERROR ** 2 && farApart(at, best.at) > RIVAL,
  )
  return outcome(test, start, best, rival)
}

/** Where the rough simulation comes nearest to the readings first, then where else it comes near. */
function waysDown(
  rough: Residuals,
  start: Place,
  clamp: (at: Place) => Place,
): [Descent, ...Descent[]] {
  const first = descend(rough, start, { clamp, enough: EXACT_ENOUGH })
  const around = STARTS.map(([byKs, byAlpha]) => {
    const at: Place = [start[0] + byKs, start[1] + byAlpha]
    return { at, cost: meanSquare(rough(at)) }
  }).sort((one, other) => one.cost - other.cost)
  // Once the readings are met, it only has to be seen whether they are met elsewhere as well.
  const enough = first.cost < EXACT_ENOUGH * 10 ? (READING_ERROR / 2) ** 2 : EXACT_ENOUGH
  const others = around.slice(0, OTHER_WAYS).map(({ at }) => descend(rough, at, { clamp, enough }))
  const [best, ...rest] = [first, ...others].sort((one, other) => one.cost - other.cost)
  return [best ?? first, ...rest]
}

type Fit = Pick<Descent, 'at' | 'residuals' | 'jacobian'>

/** The place that fits best in the exact simulation. */
function exactly(
  test: DrainTest,
  rough: Residuals,
  from: Descent,
  clamp: (at: Place) => Place,
): Fit {
  let { at, residuals: roughly, jacobian: slopes } = from
  let exact = residualsOf(test, at, EXACT)
  let best: Fit = { at, residuals: exact, jacobian: slopes }
  for (let correction = 0; correction < CORRECTIONS; correction++) {
    const offset = exact.map((residual, i) => residual - (roughly[i] as number))
    const corrected: Residuals = (place) =>
      rough(place).map((residual, i) => residual + (offset[i] as number))
    const next = descend(corrected, at, { clamp, enough: EXACT_ENOUGH, slopes })
    if (farApart(next.at, at) < SETTLED) break
    at = next.at
    slopes = next.jacobian
    roughly = next.residuals.map((residual, i) => residual - (offset[i] as number))
    exact = residualsOf(test, at, EXACT)
    if (sumOfSquares(exact) < sumOfSquares(best.residuals))
      best = { at, residuals: exact, jacobian: slopes }
  }
  return best
}

function outcome(
  test: DrainTest,
  start: Place,
  { at, residuals, jacobian }: Fit,
  rival: boolean,
): DrainCalibration {
  const { aa, ab, bb } = normalMatrix(jacobian)
  const determinant = aa * bb - ab * ab
  const freedom = Math.max(1, residuals.length - 2)
  const sigma = Math.max(READING_ERROR, Math.sqrt(sumOfSquares(residuals) / freedom))
  const error = (other: number) =>
    determinant > 1e-12 ? sigma * Math.sqrt(other / determinant) : Number.MAX_VALUE
  const standardErrors = { lnKs: error(bb), lnAlpha: error(aa) }
  const atBound =
    Math.abs(at[0] - start[0]) > FARTHEST.lnKs - 1e-6 ||
    Math.abs(at[1] - start[1]) > FARTHEST.lnAlpha - 1e-6
  const vague =
    rival || standardErrors.lnKs > TELLING_ERROR || standardErrors.lnAlpha > TELLING_ERROR
  return {
    curve: { ...test.prior.curve, alpha: Math.exp(at[1]) },
    ksCmPerS: Math.exp(at[0]),
    alpha: Math.exp(at[1]),
    residuals,
    converged: !atBound && !vague,
    standardErrors,
    further: vague ? furtherReading(test, standardErrors) : null,
  }
}

function furtherReading(
  { endDrainedMl }: DrainTest,
  { lnKs, lnAlpha }: DrainCalibration['standardErrors'],
): FurtherReading {
  return lnAlpha >= lnKs && !(endDrainedMl > 0) ? 'the volume in the end' : 'a time to a volume'
}

function farApart(one: Place, other: Place): number {
  return Math.max(Math.abs(one[0] - other[0]), Math.abs(one[1] - other[1]))
}

function near(value: number, middle: number, most: number): number {
  return Math.min(middle + most, Math.max(middle - most, value))
}
