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

// The starting grid does not depend on the data, so its exponentials are worked out once.
const GRID = new Float64Array(ALPHA_STARTS * N_STARTS * POINTS)
for (let i = 0; i < ALPHA_STARTS; i++) {
  for (let j = 0; j < N_STARTS; j++) {
    const at = (i * N_STARTS + j) * POINTS
    emptied(LOG_ALPHA[0] + i * ALPHA_STEP, LOG_N[0] + j * N_STEP, GRID, at)
  }
}

/**
 * Van Genuchten curve with a given thetaS fitted to water contents at FIT_SUCTIONS_CM by least squares,
 * on 0 ≤ thetaR < thetaS, 1e-3 ≤ alpha ≤ 50 cm⁻¹, 1.1 ≤ n ≤ 8.
 * For a given alpha and n the best thetaR follows in closed form, so the search has two dimensions only
 * (variable projection, Golub & Pereyra 1973): the valleys of a grid, then a shrinking simplex in each.
 * @param theta water contents, m³ m⁻³, one per suction
 * @returns the curve and its root mean square misfit, m³ m⁻³
 */
export function fitCurve(
  thetaS: number,
  theta: readonly number[],
): { curve: RetentionCurve; fitRmse: number } {
  const deficit = Float64Array.from(theta, (water) => thetaS - water)
  let deficitSquare = 0
  for (let i = 0; i < POINTS; i++) deficitSquare += (deficit[i] as number) ** 2

  // theta = thetaS − (thetaS − thetaR)(1 − S): linear in the drop (thetaS − thetaR).
  const project = (values: Float64Array, at: number) => {
    let cross = 0
    let square = 0
    for (let i = 0; i < POINTS; i++) {
      const empty = values[at + i] as number
      cross += empty * (deficit[i] as number)
      square += empty * empty
    }
    const drop = Math.min(thetaS, Math.max(square > 0 ? cross / square : 0, 1e-9))
    return { drop, misfit: Math.max(0, deficitSquare - 2 * drop * cross + drop * drop * square) }
  }
  const scratch = new Float64Array(POINTS)
  const evaluate = (logAlpha: number, logN: number): Trial => {
    emptied(logAlpha, logN, scratch, 0)
    const { drop, misfit } = project(scratch, 0)
    return { logAlpha, logN, misfit, thetaR: thetaS - drop }
  }

  let best: Trial | null = null
  for (const { i, j } of valleys((at) => project(GRID, at * POINTS).misfit)) {
    const start = evaluate(LOG_ALPHA[0] + i * ALPHA_STEP, LOG_N[0] + j * N_STEP)
    const found = descend(start, evaluate)
    if (!best || found.misfit < best.misfit) best = found
  }
  const { logAlpha, logN, thetaR, misfit } = best as Trial
  return {
    curve: { thetaS, thetaR, alpha: Math.exp(logAlpha), n: 1 + Math.exp(logN) },
    fitRmse: Math.sqrt(misfit / POINTS),
  }
}

/** Grid points no higher than their neighbours, deepest first. */
function valleys(misfitAt: (index: number) => number): { i: number; j: number }[] {
  const misfits = Float64Array.from({ length: ALPHA_STARTS * N_STARTS }, (_, at) => misfitAt(at))
  const found: { i: number; j: number; misfit: number }[] = []
  for (let i = 0; i < ALPHA_STARTS; i++) {
    for (let j = 0; j < N_STARTS; j++) {
      const misfit = misfits[i * N_STARTS + j] as number
      let lowest = true
      for (let di = -1; di <= 1 && lowest; di++) {
        for (let dj = -1; dj <= 1 && lowest; dj++) {
          const a = i + di
          const b = j + dj
          if (a < 0 || b < 0 || a >= ALPHA_STARTS || b >= N_STARTS) continue
          lowest = misfit <= (misfits[a * N_STARTS + b] as number)
        }
      }
      if (lowest) found.push({ i, j, misfit })
    }
  }
  return found.sort((a, b) => a.misfit - b.misfit).slice(0, KEPT_VALLEYS)
}

/** Nelder & Mead (1965) simplex in two dimensions, held inside the bounds. */
function descend(start: Trial, evaluate: (logAlpha: number, logN: number) => Trial): Trial {
  const [alphaLow, alphaHigh] = LOG_ALPHA
  const [nLow, nHigh] = LOG_N
  const at = (a: number, n: number) =>
    evaluate(Math.min(alphaHigh, Math.max(alphaLow, a)), Math.min(nHigh, Math.max(nLow, n)))
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
