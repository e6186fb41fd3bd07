import {
  bestDrop,
  LOG_ALPHA,
  LOG_N,
  LOG_SUCTIONS,
  misfitOf,
  POINTS,
  type Trial,
  type Wanted,
} from './misfit'

const MOST_STEPS = 40
const SETTLED = 1e-7
const SCRATCH = new Float64Array(POINTS)
const BY_ALPHA = new Float64Array(POINTS)
const BY_N = new Float64Array(POINTS)

/** Steps count as along one line from this squared cosine on. */
const ALIGNED = 0.9
const STRETCH = [0.5, 2] as const

/**
 * Damped Gauss–Newton steps (Levenberg 1944) on the projected residuals; null where they leave the bounds or do not
 * settle. Where the misfit stays large the steps shrink by a steady ratio along one line: from two of them it is known
 * how much too long or short they are (Aitken 1926), and the next is stretched by that.
 */
export function settle(start: Trial, wanted: Wanted): Trial | null {
  let { logAlpha, logN } = start
  let sums = slopesAt(logAlpha, logN, wanted)
  let damping = 1e-3
  let stretch = 1
  let beforeA = 0
  let beforeN = 0
  for (let step = 0; step < MOST_STEPS; step++) {
    const { aa, an, nn, ga, gn } = sums
    const dampedA = aa * (1 + damping)
    const dampedN = nn * (1 + damping)
    const determinant = dampedA * dampedN - an * an
    if (!(determinant > 1e-300)) return null
    const stepA = (dampedN * ga - an * gn) / determinant
    const stepN = (dampedA * gn - an * ga) / determinant
    const along = stepA * beforeA + stepN * beforeN
    const squareBefore = beforeA * beforeA + beforeN * beforeN
    const isAligned = along * along > ALIGNED * squareBefore * (stepA * stepA + stepN * stepN)
    stretch = isAligned ? clamp(stretch / (1 - Math.min(along / squareBefore, 0.5))) : 1
    const nextAlpha = logAlpha + stretch * stepA
    const nextN = logN + stretch * stepN
    const isInside =
      nextAlpha > LOG_ALPHA[0] && nextAlpha < LOG_ALPHA[1] && nextN > LOG_N[0] && nextN < LOG_N[1]
    if (!isInside) return null
    const next = slopesAt(nextAlpha, nextN, wanted)
    const isBetter = next.misfit <= sums.misfit
    if (isBetter) {
      logAlpha = nextAlpha
      logN = nextN
      sums = next
      beforeA = stepA
      beforeN = stepN
    } else {
      beforeA = 0
      beforeN = 0
    }
    damping *= isBetter ? 0.1 : 10
    if (Math.abs(stepA) + Math.abs(stepN) < SETTLED) {
      return { logAlpha, logN, misfit: sums.misfit, thetaR: wanted.thetaS - sums.drop }
    }
  }
  return null
}

function clamp(stretch: number): number {
  return Math.min(STRETCH[1], Math.max(STRETCH[0], stretch))
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
