/** Two parameters, here always logarithms. */
export type Place = readonly [number, number]
export type Residuals = (at: Place) => number[]
/** How each residual changes with the two parameters. */
export type Jacobian = readonly (readonly [number, number])[]

export interface Descent {
  readonly at: Place
  readonly residuals: readonly number[]
  readonly jacobian: Jacobian
  /** Mean of the squared residuals. */
  readonly cost: number
}

/** Wide enough that the unevenness of a simulation does not count. */
const STEP = 0.06
const TRIALS = 10
const NEAR = 1e-4
const MOST_DAMPING = 100
/** Along the floor of a flat valley a good place is not followed for ever. */
const GOOD = 1e-5
const STILL_GAINS = 0.9

/**
 * Downhill from a place to where the sum of the squared residuals is least (Levenberg 1944, Marquardt 1963). The slopes
 * are measured once and then kept up by what each step shows (Broyden 1965): a simulation is costly.
 * @param clamp keeps a place inside its bounds
 * @param enough mean of the squared residuals at which to stop
 * @param slopes those at the start, where they are known already
 */
export function descend(
  residuals: Residuals,
  from: Place,
  { clamp, enough, slopes }: { clamp: (at: Place) => Place; enough: number; slopes?: Jacobian },
): Descent {
  let at = from
  let here: readonly number[] = residuals(from)
  let jacobian = slopes ?? jacobianOf(residuals, at, here)
  let fresh = slopes === undefined
  let damping = 1e-3
  for (let trial = 0; trial < TRIALS && meanSquare(here) > enough; trial++) {
    const next = clamp(stepFrom(at, here, jacobian, damping))
    const change = [next[0] - at[0], next[1] - at[1]] as const
    if (Math.hypot(...change) < NEAR) {
      if (fresh) break
      jacobian = jacobianOf(residuals, at, here)
      fresh = true
      continue
    }
    const there = residuals(next)
    const before = meanSquare(here)
    const after = meanSquare(there)
    if (after < before) {
      jacobian = updated(jacobian, change, here, there)
      fresh = false
      at = next
      here = there
      damping = Math.max(1e-6, damping / 5)
      if (after < GOOD && after > STILL_GAINS * before) break
      continue
    }
    if (!fresh) {
      jacobian = jacobianOf(residuals, at, here)
      fresh = true
    } else {
      damping *= 10
      if (damping > MOST_DAMPING) break
    }
  }
  return { at, residuals: here, jacobian, cost: meanSquare(here) }
}

export function jacobianOf(residuals: Residuals, at: Place, here: readonly number[]): Jacobian {
  const byFirst = residuals([at[0] + STEP, at[1]])
  const bySecond = residuals([at[0], at[1] + STEP])
  return here.map((residual, i) => [
    ((byFirst[i] as number) - residual) / STEP,
    ((bySecond[i] as number) - residual) / STEP,
  ])
}

/** The symmetric matrix JᵀJ. */
export function normalMatrix(jacobian: Jacobian): { aa: number; ab: number; bb: number } {
  let [aa, ab, bb] = [0, 0, 0]
  for (const [a, b] of jacobian) {
    aa += a * a
    ab += a * b
    bb += b * b
  }
  return { aa, ab, bb }
}

export function sumOfSquares(values: readonly number[]): number {
  return values.reduce((sum, value) => sum + value * value, 0)
}

export function meanSquare(values: readonly number[]): number {
  return sumOfSquares(values) / values.length
}

function stepFrom(at: Place, here: readonly number[], jacobian: Jacobian, damping: number): Place {
  const { aa, ab, bb } = normalMatrix(jacobian)
  const ga = jacobian.reduce((sum, [a], i) => sum + a * (here[i] as number), 0)
  const gb = jacobian.reduce((sum, [, b], i) => sum + b * (here[i] as number), 0)
  const [da, db] = [aa * (1 + damping) + 1e-12, bb * (1 + damping) + 1e-12]
  const determinant = da * db - ab * ab
  return [at[0] - (db * ga - ab * gb) / determinant, at[1] - (da * gb - ab * ga) / determinant]
}

/** The slopes nearest to the old ones that explain what the step did (Broyden 1965). */
function updated(
  jacobian: Jacobian,
  [first, second]: Place,
  here: readonly number[],
  there: readonly number[],
): Jacobian {
  const length = first * first + second * second
  return jacobian.map(([a, b], i) => {
    const missed = (there[i] as number) - (here[i] as number) - a * first - b * second
    return [a + (missed * first) / length, b + (missed * second) / length]
  })
}
