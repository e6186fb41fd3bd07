/** Suctions at which a mix is fitted, cm. */
export const FIT_SUCTIONS_CM = [1, 2, 3, 5, 7.5, 10, 15, 20, 30, 50, 75, 100] as const

const ALPHA_RANGE = [1e-3, 50] as const
const N_RANGE = [1.1, 8] as const
export const ALPHA_STARTS = 36
export const N_STARTS = 14

export const LOG_ALPHA = [Math.log(ALPHA_RANGE[0]), Math.log(ALPHA_RANGE[1])] as const
export const LOG_N = [Math.log(N_RANGE[0] - 1), Math.log(N_RANGE[1] - 1)] as const
export const ALPHA_STEP = (LOG_ALPHA[1] - LOG_ALPHA[0]) / (ALPHA_STARTS - 1)
export const N_STEP = (LOG_N[1] - LOG_N[0]) / (N_STARTS - 1)
export const LOG_SUCTIONS = FIT_SUCTIONS_CM.map(Math.log)
export const POINTS = FIT_SUCTIONS_CM.length

/** A point of the search, with the best thetaR there. Logarithms: of alpha in 1/cm, and of n − 1. */
export interface Trial {
  readonly logAlpha: number
  readonly logN: number
  readonly misfit: number
  readonly thetaR: number
}

/** Share of the drainable pores that is empty at each suction, written into `out` from `at` on. */
export function emptied(logAlpha: number, logN: number, out: Float64Array, at: number): void {
  const n = 1 + Math.exp(logN)
  const m = 1 - 1 / n
  for (let i = 0; i < POINTS; i++) {
    const scaled = Math.exp(n * (logAlpha + (LOG_SUCTIONS[i] as number)))
    out[at + i] = 1 - Math.exp(-m * Math.log1p(scaled))
  }
}

/** The least that a curve drains, m³ m⁻³. */
export const LEAST_DROP = 1e-9

/** What is fitted: thetaS − water at each suction, and the sum of its squares. */
export interface Wanted {
  readonly thetaS: number
  readonly deficit: Float64Array
  readonly deficitSquare: number
}

// Made once: the fit is asked for hundreds of times while a recipe is sought.
const SCRATCH = new Float64Array(POINTS)

/**
 * The best thetaS − thetaR for given alpha and n: theta = thetaS − (thetaS − thetaR)(1 − S) is linear in it, so least
 * squares have it in closed form (Golub & Pereyra 1973).
 * @param cross Σ of emptied share × what is missing, `square` Σ of emptied share squared
 */
export function bestDrop(thetaS: number, cross: number, square: number): number {
  return Math.min(thetaS, Math.max(square > 0 ? cross / square : 0, LEAST_DROP))
}

/** Sum of squares left, (m³ m⁻³)². */
export function misfitOf(
  drop: number,
  cross: number,
  square: number,
  deficitSquare: number,
): number {
  return Math.max(0, deficitSquare - 2 * drop * cross + drop * drop * square)
}

/** The misfit at a point, with its best thetaR. */
export function evaluate(logAlpha: number, logN: number, wanted: Wanted): Trial {
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
