import { type RetentionCurve, suctionAt } from './retention'

/**
 * Suction up to which conductivity is taken as linear, cm. Below n = 2 Mualem's curve leaves saturation vertically, and
 * below 1.3 it falls off a cliff there (Vogel et al. 2001 give fine soils an air entry for the same reason).
 */
export function linearUpToCm(n: number): number {
  if (n < 1.3) return 0.5
  return n < 2 ? 0.05 : 0
}

/**
 * Unsaturated hydraulic conductivity, cm/s (Mualem 1976 with van Genuchten 1980, exponent ½), in a straight
 * line next to saturation where the curve is too steep there.
 * @param suctionCm positive head in cm of water; 0 or less means saturated
 */
export function conductivity(curve: RetentionCurve, ksCmPerS: number, suctionCm: number): number {
  if (!(suctionCm > 0)) return ksCmPerS
  const linearCm = linearUpToCm(curve.n)
  if (suctionCm < linearCm) {
    return ksCmPerS * (1 + (mualem(curve, linearCm) - 1) * (suctionCm / linearCm))
  }
  return ksCmPerS * mualem(curve, suctionCm)
}

/** Conductivity relative to saturation. */
function mualem({ alpha, n }: RetentionCurve, suctionCm: number): number {
  const m = 1 - 1 / n
  const x = (alpha * suctionCm) ** n
  const inner = 1 - (x / (1 + x)) ** m
  return (1 + x) ** (-m / 2) * inner * inner
}

/**
 * Suction at which a conductivity is reached, cm; 0 where even saturation conducts less, and no more than 1e5.
 * Bisection on the logarithm: conductivity falls all the way.
 */
export function suctionAtConductivity(
  curve: RetentionCurve,
  ksCmPerS: number,
  wantedCmPerS: number,
): number {
  if (ksCmPerS <= wantedCmPerS) return 0
  let low = Math.log(1e-6)
  let high = Math.log(1e5)
  if (conductivity(curve, ksCmPerS, Math.exp(high)) > wantedCmPerS) return Math.exp(high)
  for (let i = 0; i < 60; i++) {
    const middle = 0.5 * (low + high)
    if (conductivity(curve, ksCmPerS, Math.exp(middle)) > wantedCmPerS) low = middle
    else high = middle
  }
  return Math.exp(0.5 * (low + high))
}

/** Suction of a water content, at most 1e4 cm: where a dry start is as dry as matters. */
export function startSuction(curve: RetentionCurve, theta: number): number {
  return Math.min(1e4, suctionAt(curve, Math.min(theta, curve.thetaS)))
}
