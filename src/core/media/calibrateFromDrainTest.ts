import type { ContainerShape } from '../containers'
import { DomainError } from '../errors'
import { requireNumber, requireObject } from '../validate'
import type { InitialState, Pour } from './drainage/drainageInput'
import { type Drainage, simulateDrainage } from './drainage/simulateDrainage'
import { type RetentionCurve, requireCurve } from './retention'

export interface DrainTest {
  readonly prior: { readonly curve: RetentionCurve; readonly ksCmPerS: number }
  readonly column: {
    readonly shape: ContainerShape
    readonly fillHeightCm: number
    readonly headspaceCm: number
    readonly initial: InitialState
  }
  readonly pour: Pour
  readonly endS: number
  /** null where nothing dripped. */
  readonly firstDripS: number | null
  /** Volumes run out and when, mL and s. */
  readonly timeToMl: readonly (readonly [ml: number, s: number])[]
  readonly endDrainedMl: number
}

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
const STEP = 0.02
const ROUNDS = 10
/** Readings are good to some per cent: a fit to a third of one per cent is as good as exact. */
const GOOD_ENOUGH = 3e-5
const WORTHLESS_GAIN = 1e-5
/** Error of a stopwatch and a cup: no fit is surer than this. */
const READING_ERROR = 0.03
const TELLING_ERROR = 0.3
/** A time that a simulation never reaches counts as so many times the length of the test. */
const NEVER = 3

/**
 * Conductivity and suction scale of a real mix from how water ran through a column: ln Ks and ln alpha are fitted to the
 * times and the final volume by least squares over the simulation (Levenberg 1944, Marquardt 1963), starting from what
 * its composition lets expect. All pores, n and thetaR stay as they were.
 * @throws DomainError for impossible input, or a test with fewer than two readings
 */
export function calibrateFromDrainTest(test: DrainTest): DrainCalibration {
  requireTest(test)
  const { prior } = test
  const start: Logs = [Math.log(prior.ksCmPerS), Math.log(prior.curve.alpha)]
  let at = start
  let residuals = residualsOf(test, at)
  let damping = 1e-2
  for (let round = 0; round < ROUNDS; round++) {
    const jacobian = jacobianOf(test, at, residuals)
    const better = improve(test, start, at, residuals, jacobian, damping)
    if (!better) break
    const gain = sumOfSquares(residuals) - sumOfSquares(better.residuals)
    at = better.at
    residuals = better.residuals
    damping = better.damping / 5
    if (gain < WORTHLESS_GAIN || sumOfSquares(residuals) < GOOD_ENOUGH) break
  }
  return outcome(test, start, at, residuals)
}

type Logs = readonly [lnKs: number, lnAlpha: number]
type Jacobian = readonly (readonly [byKs: number, byAlpha: number])[]

/** The next place downhill, with more damping where a step goes up; null where none does. */
function improve(
  test: DrainTest,
  start: Logs,
  at: Logs,
  residuals: readonly number[],
  jacobian: Jacobian,
  firstDamping: number,
): { at: Logs; residuals: number[]; damping: number } | null {
  const { aa, ab, bb } = normal(jacobian)
  const ga = jacobian.reduce((sum, [a], i) => sum + a * (residuals[i] as number), 0)
  const gb = jacobian.reduce((sum, [, b], i) => sum + b * (residuals[i] as number), 0)
  for (let damping = firstDamping; damping < 1e4; damping *= 10) {
    const [da, db] = [aa * (1 + damping) + 1e-12, bb * (1 + damping) + 1e-12]
    const determinant = da * db - ab * ab
    const next = clamped(
      [at[0] - (db * ga - ab * gb) / determinant, at[1] - (da * gb - ab * ga) / determinant],
      start,
    )
    const there = residualsOf(test, next)
    if (sumOfSquares(there) < sumOfSquares(residuals)) {
      return { at: next, residuals: there, damping }
    }
  }
  return null
}

function outcome(
  test: DrainTest,
  start: Logs,
  at: Logs,
  residuals: readonly number[],
): DrainCalibration {
  const { aa, ab, bb } = normal(jacobianOf(test, at, residuals))
  const determinant = aa * bb - ab * ab
  const freedom = Math.max(1, residuals.length - 2)
  const sigma = Math.max(READING_ERROR, Math.sqrt(sumOfSquares(residuals) / freedom))
  const error = (other: number) =>
    determinant > 1e-12 ? sigma * Math.sqrt(other / determinant) : Number.MAX_VALUE
  const standardErrors = { lnKs: error(bb), lnAlpha: error(aa) }
  const atBound =
    Math.abs(at[0] - start[0]) > FARTHEST.lnKs - 1e-6 ||
    Math.abs(at[1] - start[1]) > FARTHEST.lnAlpha - 1e-6
  const vague = standardErrors.lnKs > TELLING_ERROR || standardErrors.lnAlpha > TELLING_ERROR
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

function simulate({ prior, column, pour, endS }: DrainTest, [lnKs, lnAlpha]: Logs): Drainage {
  return simulateDrainage({
    shape: column.shape,
    layers: [
      {
        thicknessCm: column.fillHeightCm,
        curve: { ...prior.curve, alpha: Math.exp(lnAlpha) },
        ksCmPerS: Math.exp(lnKs),
      },
    ],
    headspaceCm: column.headspaceCm,
    pours: [pour],
    initial: column.initial,
    endS,
  })
}

/** Readings compared on a logarithm: a minute too late at two counts as much as five at ten. */
function residualsOf(test: DrainTest, at: Logs): number[] {
  const run = simulate(test, at)
  const never = NEVER * test.endS
  const time = (simulated: number | null, observed: number) =>
    Math.log(Math.max(0.5, simulated ?? never) / Math.max(0.5, observed))
  return [
    ...(test.firstDripS === null ? [] : [time(run.firstDripS, test.firstDripS)]),
    ...test.timeToMl.map(([ml, s]) => time(run.timeToMl(ml), s)),
    Math.log((run.drainedMl + 1) / (test.endDrainedMl + 1)),
  ]
}

function jacobianOf(test: DrainTest, at: Logs, residuals: readonly number[]): Jacobian {
  const byKs = residualsOf(test, [at[0] + STEP, at[1]])
  const byAlpha = residualsOf(test, [at[0], at[1] + STEP])
  return residuals.map((here, i) => [
    ((byKs[i] as number) - here) / STEP,
    ((byAlpha[i] as number) - here) / STEP,
  ])
}

function normal(jacobian: Jacobian): { aa: number; ab: number; bb: number } {
  let [aa, ab, bb] = [0, 0, 0]
  for (const [a, b] of jacobian) {
    aa += a * a
    ab += a * b
    bb += b * b
  }
  return { aa, ab, bb }
}

function clamped([lnKs, lnAlpha]: Logs, start: Logs): Logs {
  const near = (value: number, middle: number, most: number) =>
    Math.min(middle + most, Math.max(middle - most, value))
  return [near(lnKs, start[0], FARTHEST.lnKs), near(lnAlpha, start[1], FARTHEST.lnAlpha)]
}

function sumOfSquares(values: readonly number[]): number {
  return values.reduce((sum, value) => sum + value * value, 0)
}

function requireTest({ prior, column, pour, endS, firstDripS, timeToMl, endDrainedMl }: DrainTest) {
  requireObject('The prior', prior)
  requireObject('The column', column)
  requireCurve(prior.curve)
  requireNumber('The conductivity in cm/s', prior.ksCmPerS, { above: 0 })
  requireNumber('The fill height in cm', column.fillHeightCm, { above: 0 })
  requireNumber('The end of the test in s', endS, { above: 0 })
  requireNumber('The volume in the end', endDrainedMl, { min: 0 })
  if (endDrainedMl > pour.millilitres * 1.5 + 1000) {
    throw new DomainError('out-of-range', 'Far more ran out than was poured.', {
      field: 'endDrainedMl',
    })
  }
  let before = 0
  for (const [ml, s] of timeToMl) {
    requireNumber('The volume run out', ml, { above: 0 })
    requireNumber('The time of a volume', s, { min: 0, max: endS })
    if (s < before) {
      throw new DomainError('bad-argument', 'The times of a drain test must rise.', {
        field: 'timeToMl',
      })
    }
    before = s
  }
  if (firstDripS !== null) requireNumber('The first drip', firstDripS, { min: 0, max: endS })
  if (timeToMl.length + (firstDripS === null ? 0 : 1) < 1) {
    throw new DomainError('too-few', 'Note the first drip or the time to a volume as well.')
  }
}
