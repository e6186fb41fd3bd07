import type { RetentionCurve } from './retention'

export const FIT_SUCTIONS_CM = [1, 2, 3, 5, 7.5, 10, 15, 20, 30, 50, 75, 100] as const

const ALPHA_RANGE = [1e-3, 50] as const
const N_RANGE = [1.1, 8] as const
const ALPHA_STARTS = 36
const N_STARTS = 14
/** Valleys of the misfit carried on to the refinement: it can have more than one. */
const KEPT_VALLEYS = 2

const LOG_ALPHA = [Math.log(ALPHA_RANGE[0]), Math.log(ALPHA_RANGE[1])] as const
const LOG_N = [Math.log(N_RANGE[0] - 1), Math.log(N_RANGE[1] - 1)] as const
const ALPHA_STEP = (LOG_ALPHA[1] - LOG_ALPHA[0]) / (ALPHA_STARTS - 1)
const N_STEP = (LOG_N[1] - LOG_N[0]) / (N_STARTS - 1)
const LOG_SUCTIONS = FIT_SUCTIONS_CM.map(Math.log)
const POINTS = FIT_SUCTIONS_CM.length

interface Trial {
  readonly logAlpha: number
  readonly logN: number
  readonly misfit: number
  readonly thetaR: number
}

/** Share of the drainable pores that is empty at each suction, written into `out` from `at` on. */
function emptied(logAlpha: number, logN: number, out: Float64Array, at: number): void {
  const n = 1 + Math.exp(logN)
  const m = 1 - 1 / n
  for (let i = 0; i < POINTS; i++) {
    const scaled = Math.exp(n * (logAlpha + (LOG_SUCTIONS[i] as number)))
    out[at + i] = 1 - Math.exp(-m * Math.log1p(scaled))
  }
}

// The starting grid does not depend on the data: its exponentials and their squares are summed once.
const GRID_POINTS = ALPHA_STARTS * N_STARTS
const GRID = new Float64Array(GRID_POINTS * POINTS)
const GRID_SQUARE = new Float64Array(GRID_POINTS)
for (let i = 0; i < ALPHA_STARTS; i++) {
  for (let j = 0; j < N_STARTS; j++) {
    const index = i * N_STARTS + j
    emptied(LOG_ALPHA[0] + i * ALPHA_STEP, LOG_N[0] + j * N_STEP, GRID, index * POINTS)
    for (let k = 0; k < POINTS; k++) {
      GRID_SQUARE[index] =
        (GRID_SQUARE[index] as number) + (GRID[index * POINTS + k] as number) ** 2
    }
  }
}
const GRID_INVERSE_SQUARE = GRID_SQUARE.map((square) => (square > 0 ? 1 / square : 0))
/** Misfits of the grid in a frame that is higher than any of them, so that every point has eight neighbours. */
const FRAMED = N_STARTS + 2
const MISFITS = new Float64Array((ALPHA_STARTS + 2) * FRAMED).fill(Number.POSITIVE_INFINITY)
const framed = (i: number, j: number) => (i + 1) * FRAMED + j + 1
const LEAST_DROP = 1e-9

/** What is fitted: thetaS − water at each suction, and the sum of its squares. */
interface Wanted {
  readonly thetaS: number
  readonly deficit: Float64Array
  readonly deficitSquare: number
}

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
  return fitWith(thetaS, theta, (start, wanted) => settle(start, wanted) ?? descend(start, wanted))
}

/** The same by the simplex alone: slower, and what the other is held against in tests. */
export function fitCurveBySimplex(
  thetaS: number,
  theta: ArrayLike<number>,
): { curve: RetentionCurve; fitRmse: number } {
  return fitWith(thetaS, theta, descend)
}

function fitWith(
  thetaS: number,
  theta: ArrayLike<number>,
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
  for (const { i, j } of valleys(wanted)) {
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

const SCRATCH = new Float64Array(POINTS)

// theta = thetaS − (thetaS − thetaR)(1 − S): linear in the drop (thetaS − thetaR).
function bestDrop(thetaS: number, cross: number, square: number): number {
  return Math.min(thetaS, Math.max(square > 0 ? cross / square : 0, LEAST_DROP))
}

function misfitOf(drop: number, cross: number, square: number, deficitSquare: number): number {
  return Math.max(0, deficitSquare - 2 * drop * cross + drop * drop * square)
}

function evaluate(logAlpha: number, logN: number, wanted: Wanted): Trial {
  emptied(logAlpha, logN, SCRATCH, 0)
  let cross = 0
  let square = 0
  for (let i = 0; i < POINTS; i++) {
    const empty = SCRATCH[i] as number
    cross += empty * (wanted.deficit[i] as number)
    square += empty * empty
  }
  const drop = bestDrop(wanted.thetaS, cross, square)
  const misfit = misfitOf(drop, cross, square, wanted.deficitSquare)
  return { logAlpha, logN, misfit, thetaR: wanted.thetaS - drop }
}

/** The deepest grid points that are no higher than their neighbours, as row and column. */
function valleys({ thetaS, deficit, deficitSquare }: Wanted): { i: number; j: number }[] {
  // The innermost loop of everything that tries mixes: written out term by term, what does not change read once.
  const d0 = deficit[0] as number
  const d1 = deficit[1] as number
  const d2 = deficit[2] as number
  const d3 = deficit[3] as number
  const d4 = deficit[4] as number
  const d5 = deficit[5] as number
  const d6 = deficit[6] as number
  const d7 = deficit[7] as number
  const d8 = deficit[8] as number
  const d9 = deficit[9] as number
  const d10 = deficit[10] as number
  const d11 = deficit[11] as number
  for (let i = 0; i < ALPHA_STARTS; i++) {
    for (let j = 0; j < N_STARTS; j++) {
      const index = i * N_STARTS + j
      const at = index * POINTS
      const cross =
        (GRID[at] as number) * d0 +
        (GRID[at + 1] as number) * d1 +
        ((GRID[at + 2] as number) * d2 + (GRID[at + 3] as number) * d3) +
        ((GRID[at + 4] as number) * d4 +
          (GRID[at + 5] as number) * d5 +
          ((GRID[at + 6] as number) * d6 + (GRID[at + 7] as number) * d7)) +
        ((GRID[at + 8] as number) * d8 +
          (GRID[at + 9] as number) * d9 +
          ((GRID[at + 10] as number) * d10 + (GRID[at + 11] as number) * d11))
      const square = GRID_SQUARE[index] as number
      let drop = cross * (GRID_INVERSE_SQUARE[index] as number)
      if (drop > thetaS) drop = thetaS
      else if (!(drop > LEAST_DROP)) drop = LEAST_DROP
      MISFITS[framed(i, j)] = deficitSquare + drop * (drop * square - 2 * cross)
    }
  }
  const found: { i: number; j: number; misfit: number }[] = []
  for (let i = 0; i < ALPHA_STARTS; i++) {
    for (let j = 0; j < N_STARTS; j++) {
      if (isLowest(framed(i, j))) {
        found.push({ i, j, misfit: MISFITS[framed(i, j)] as number })
      }
    }
  }
  return found.sort((a, b) => a.misfit - b.misfit).slice(0, KEPT_VALLEYS)
}

function isLowest(at: number): boolean {
  const misfit = MISFITS[at] as number
  return (
    misfit <= (MISFITS[at - 1] as number) &&
    misfit <= (MISFITS[at + 1] as number) &&
    misfit <= (MISFITS[at - FRAMED] as number) &&
    misfit <= (MISFITS[at + FRAMED] as number) &&
    misfit <= (MISFITS[at - FRAMED - 1] as number) &&
    misfit <= (MISFITS[at - FRAMED + 1] as number) &&
    misfit <= (MISFITS[at + FRAMED - 1] as number) &&
    misfit <= (MISFITS[at + FRAMED + 1] as number)
  )
}

const MOST_STEPS = 40
const SETTLED = 1e-7
const BY_ALPHA = new Float64Array(POINTS)
const BY_N = new Float64Array(POINTS)

/**
 * Damped Gauss–Newton steps (Levenberg 1944) on the projected residuals; null where they leave the bounds or do not
 * settle.
 */
function settle(start: Trial, wanted: Wanted): Trial | null {
  let { logAlpha, logN } = start
  let sums = slopesAt(logAlpha, logN, wanted)
  let damping = 1e-3
  for (let step = 0; step < MOST_STEPS; step++) {
    const { aa, an, nn, ga, gn } = sums
    const dampedA = aa * (1 + damping)
    const dampedN = nn * (1 + damping)
    const determinant = dampedA * dampedN - an * an
    if (!(determinant > 1e-300)) return null
    const stepA = (dampedN * ga - an * gn) / determinant
    const stepN = (dampedA * gn - an * ga) / determinant
    const nextAlpha = logAlpha + stepA
    const nextN = logN + stepN
    const isInside =
      nextAlpha > LOG_ALPHA[0] && nextAlpha < LOG_ALPHA[1] && nextN > LOG_N[0] && nextN < LOG_N[1]
    if (!isInside) return null
    const next = slopesAt(nextAlpha, nextN, wanted)
    const isBetter = next.misfit <= sums.misfit
    if (isBetter) {
      logAlpha = nextAlpha
      logN = nextN
      sums = next
    }
    damping *= isBetter ? 0.1 : 10
    if (Math.abs(stepA) + Math.abs(stepN) < SETTLED) {
      return { logAlpha, logN, misfit: sums.misfit, thetaR: wanted.thetaS - sums.drop }
    }
  }
  return null
}

/**
 * The misfit at a point, and the products of the projected residuals' derivatives with each other (aa, an, nn) and with
 * the residuals (ga, gn).
 */
function slopesAt(logAlpha: number, logN: number, { thetaS, deficit, deficitSquare }: Wanted) {
  const n = 1 + Math.exp(logN)
  const m = 1 - 1 / n
  let square = 0
  let cross = 0
  let alongA = 0
  let alongN = 0
  for (let i = 0; i < POINTS; i++) {
    const log = logAlpha + (LOG_SUCTIONS[i] as number)
    const scaled = Math.exp(n * log)
    const log1p = Math.log1p(scaled)
    const full = Math.exp(-m * log1p)
    const empty = 1 - full
    const slope = m * (scaled / (1 + scaled))
    const byAlpha = full * slope * n
    const byN = full * (slope * log + log1p / (n * n)) * (n - 1)
    SCRATCH[i] = empty
    BY_ALPHA[i] = byAlpha
    BY_N[i] = byN
    square += empty * empty
    cross += empty * (deficit[i] as number)
    alongA += empty * byAlpha
    alongN += empty * byN
  }
  const drop = bestDrop(thetaS, cross, square)
  // Where thetaR stands at its bound the drop does not move along.
  const isFree = drop < thetaS && square > 0
  const shareA = isFree ? alongA / square : 0
  const shareN = isFree ? alongN / square : 0
  let aa = 0
  let an = 0
  let nn = 0
  let ga = 0
  let gn = 0
  for (let i = 0; i < POINTS; i++) {
    const empty = SCRATCH[i] as number
    const byA = drop * ((BY_ALPHA[i] as number) - shareA * empty)
    const byN = drop * ((BY_N[i] as number) - shareN * empty)
    const left = (deficit[i] as number) - drop * empty
    aa += byA * byA
    an += byA * byN
    nn += byN * byN
    ga += byA * left
    gn += byN * left
  }
  return { misfit: misfitOf(drop, cross, square, deficitSquare), drop, aa, an, nn, ga, gn }
}

/** Nelder & Mead (1965) simplex in two dimensions, held inside the bounds. */
function descend(start: Trial, wanted: Wanted): Trial {
  const [alphaLow, alphaHigh] = LOG_ALPHA
  const [nLow, nHigh] = LOG_N
  const at = (a: number, n: number) =>
    evaluate(Math.min(alphaHigh, Math.max(alphaLow, a)), Math.min(nHigh, Math.max(nLow, n)), wanted)
  let [first, second, third] = [
    start,
    at(
      start.logAlpha + (start.logAlpha + ALPHA_STEP / 2 > alphaHigh ? -1 : 1) * (ALPHA_STEP / 2),
      start.logN,
    ),
    at(start.logAlpha, start.logN + (start.logN + N_STEP / 2 > nHigh ? -1 : 1) * (N_STEP / 2)),
  ]
  for (let step = 0; step < 200; step++) {
    if (second.misfit < first.misfit) [first, second] = [second, first]
    if (third.misfit < second.misfit) [second, third] = [third, second]
    if (second.misfit < first.misfit) [first, second] = [second, first]
    const size =
      Math.abs(third.logAlpha - first.logAlpha) +
      Math.abs(third.logN - first.logN) +
      Math.abs(second.logAlpha - first.logAlpha) +
      Math.abs(second.logN - first.logN)
    if (size < 1e-7) break
    const midAlpha = (first.logAlpha + second.logAlpha) / 2
    const midN = (first.logN + second.logN) / 2
    const along = (factor: number) =>
      at(
        midAlpha + factor * (midAlpha - (third as Trial).logAlpha),
        midN + factor * (midN - (third as Trial).logN),
      )
    const reflected = along(1)
    if (reflected.misfit < first.misfit) {
      const expanded = along(2)
      third = expanded.misfit < reflected.misfit ? expanded : reflected
    } else if (reflected.misfit < second.misfit) {
      third = reflected
    } else {
      const contracted = along(reflected.misfit < third.misfit ? 0.5 : -0.5)
      if (contracted.misfit < Math.min(reflected.misfit, third.misfit)) {
        third = contracted
      } else {
        second = at((second.logAlpha + first.logAlpha) / 2, (second.logN + first.logN) / 2)
        third = at((third.logAlpha + first.logAlpha) / 2, (third.logN + first.logN) / 2)
      }
    }
  }
  return first
}
