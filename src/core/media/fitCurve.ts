import type { RetentionCurve } from './retention'

export const FIT_SUCTIONS_CM = [1, 2, 3, 5, 7.5, 10, 15, 20, 30, 50, 75, 100] as const

const ALPHA_RANGE = [1e-3, 50] as const
const N_RANGE = [1.1, 8] as const
const ALPHA_STARTS = 14
const N_STARTS = 7
/** Grid points carried on to the refinement: the misfit can have more than one valley. */
const KEPT_STARTS = 3

interface Trial {
  readonly logAlpha: number
  readonly logN: number
  readonly misfit: number
  readonly thetaR: number
}

/**
 * Van Genuchten curve with a given thetaS fitted to water contents at FIT_SUCTIONS_CM by least squares,
 * on 0 ≤ thetaR < thetaS, 1e-3 ≤ alpha ≤ 50 cm⁻¹, 1.1 ≤ n ≤ 8.
 * For a given alpha and n the best thetaR follows in closed form, so the search has two dimensions only
 * (variable projection, Golub & Pereyra 1973): a coarse grid, then a shrinking pattern search.
 * @param theta water contents, m³ m⁻³, one per suction
 * @returns the curve and its root mean square misfit, m³ m⁻³
 */
export function fitCurve(
  thetaS: number,
  theta: readonly number[],
): { curve: RetentionCurve; fitRmse: number } {
  const alphaLow = Math.log(ALPHA_RANGE[0])
  const alphaHigh = Math.log(ALPHA_RANGE[1])
  const nLow = Math.log(N_RANGE[0] - 1)
  const nHigh = Math.log(N_RANGE[1] - 1)

  const evaluate = (logAlpha: number, logN: number): Trial => {
    const n = 1 + Math.exp(logN)
    const m = 1 - 1 / n
    // theta = thetaS − (thetaS − thetaR)(1 − S): linear in the drop (thetaS − thetaR).
    let cross = 0
    let square = 0
    let deficits = 0
    for (let i = 0; i < FIT_SUCTIONS_CM.length; i++) {
      const scaled = Math.exp(n * (logAlpha + (LOG_SUCTIONS[i] as number)))
      const emptied = 1 - Math.exp(-m * Math.log1p(scaled))
      const deficit = thetaS - (theta[i] as number)
      cross += emptied * deficit
      square += emptied * emptied
      deficits += deficit * deficit
    }
    const free = square > 0 ? cross / square : 0
    const drop = Math.min(thetaS, Math.max(free, 1e-9))
    const misfit = Math.max(0, deficits - 2 * drop * cross + drop * drop * square)
    return { logAlpha, logN, misfit, thetaR: thetaS - drop }
  }

  const grid: Trial[] = []
  for (let i = 0; i < ALPHA_STARTS; i++) {
    for (let j = 0; j < N_STARTS; j++) {
      grid.push(
        evaluate(
          alphaLow + ((alphaHigh - alphaLow) * i) / (ALPHA_STARTS - 1),
          nLow + ((nHigh - nLow) * j) / (N_STARTS - 1),
        ),
      )
    }
  }
  grid.sort((a, b) => a.misfit - b.misfit)

  let best = grid[0] as Trial
  for (const start of grid.slice(0, KEPT_STARTS)) {
    const found = descend(start, evaluate, [alphaLow, alphaHigh], [nLow, nHigh])
    if (found.misfit < best.misfit) best = found
  }
  return {
    curve: {
      thetaS,
      thetaR: best.thetaR,
      alpha: Math.exp(best.logAlpha),
      n: 1 + Math.exp(best.logN),
    },
    fitRmse: Math.sqrt(best.misfit / FIT_SUCTIONS_CM.length),
  }
}

const LOG_SUCTIONS = FIT_SUCTIONS_CM.map(Math.log)

/** Nelder & Mead (1965) simplex in two dimensions, held inside the bounds. */
function descend(
  start: Trial,
  evaluate: (logAlpha: number, logN: number) => Trial,
  [alphaLow, alphaHigh]: readonly [number, number],
  [nLow, nHigh]: readonly [number, number],
): Trial {
  const at = (a: number, n: number) =>
    evaluate(Math.min(alphaHigh, Math.max(alphaLow, a)), Math.min(nHigh, Math.max(nLow, n)))
  let [first, second, third] = [
    start,
    at(start.logAlpha + (start.logAlpha + 0.4 > alphaHigh ? -0.4 : 0.4), start.logN),
    at(start.logAlpha, start.logN + (start.logN + 0.4 > nHigh ? -0.4 : 0.4)),
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
    if (size < 1e-8) break
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
