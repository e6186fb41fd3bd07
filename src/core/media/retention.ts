import { requireNumber, requireObject } from '../validate'

/** Van Genuchten (1980) retention curve; water contents in m³ m⁻³, alpha in 1/cm, m = 1 − 1/n. */
export interface RetentionCurve {
  readonly thetaS: number
  readonly thetaR: number
  readonly alpha: number
  readonly n: number
}

/**
 * Water content at a suction (van Genuchten 1980, eq. 3).
 * Positional because it sits in inner loops.
 * @param suctionCm positive head in cm of water; 0 or less means saturated
 * @returns volume fraction, m³ m⁻³
 * @example waterContent({ thetaS: 0.9, thetaR: 0.1, alpha: 0.2, n: 1.5 }, 10) // 0.611
 */
export function waterContent(curve: RetentionCurve, suctionCm: number): number {
  if (!(suctionCm > 0)) return curve.thetaS
  const m = 1 - 1 / curve.n
  const saturation = (1 + (curve.alpha * suctionCm) ** curve.n) ** -m
  return curve.thetaR + (curve.thetaS - curve.thetaR) * saturation
}

/**
 * Suction at which a curve holds a given water content, cm: the inverse of waterContent.
 * 0 at or above saturation, Infinity at or below the residual water content.
 * @example suctionAt({ thetaS: 0.9, thetaR: 0.1, alpha: 0.2, n: 1.5 }, 0.62) // 9.55
 */
export function suctionAt(curve: RetentionCurve, theta: number): number {
  if (theta >= curve.thetaS) return 0
  if (theta <= curve.thetaR) return Number.POSITIVE_INFINITY
  const m = 1 - 1 / curve.n
  const saturation = (theta - curve.thetaR) / (curve.thetaS - curve.thetaR)
  return (saturation ** (-1 / m) - 1) ** (1 / curve.n) / curve.alpha
}

/** @throws DomainError when a parameter is impossible */
export function requireCurve(curve: RetentionCurve): RetentionCurve {
  requireObject('The retention curve', curve)
  requireNumber('The pore space (thetaS)', curve.thetaS, { above: 0, max: 1 })
  requireNumber('The water held for good (thetaR)', curve.thetaR, { min: 0, below: curve.thetaS })
  requireNumber('The curve’s alpha', curve.alpha, { above: 0 })
  requireNumber('The curve’s n', curve.n, { above: 1 })
  return curve
}
