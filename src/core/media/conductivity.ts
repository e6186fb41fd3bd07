import { type RetentionCurve, suctionAt } from './retention'

/** Steeper than this the exponent does not get, our own limit: below n = 1.67 a mix would not drain at all. */
const STEEPEST = 5

/**
 * Exponent of conductivity over saturation: Mualem's (1976) for a Brooks–Corey curve with λ = n − 1 and tortuosity 0.
 * Mualem's closed form on a fitted van Genuchten curve falls too steeply next to saturation: by it bark, hulls and grit
 * drained later than the bag mix, which every grower sees the other way round.
 */
export function conductivityExponent(n: number): number {
  return Math.min(STEEPEST, 2 + 2 / (n - 1))
}

/** How sharply the large pores of a coarse material stop taking water past its entry suction, our own. */
export const ENTRY_STEEPNESS = 16

/** Share of its conductivity that a layer of one coarse material keeps at a suction; 1 where it has no entry suction. */
export function entryShare(suctionCm: number, entryCm: number | null | undefined): number {
  return entryCm == null ? 1 : 1 / (1 + (suctionCm / entryCm) ** ENTRY_STEEPNESS)
}

/**
 * Unsaturated hydraulic conductivity, cm/s: K = Ks · Se^b, with Se = (θ − thetaR) / (thetaS − thetaR) by van Genuchten
 * (1980), times the share that large pores leave of it past their entry suction.
 * @param suctionCm positive head in cm of water; 0 or less means saturated
 * @param entryCm suction at which the large pores of one coarse material take no water from what lies above; null: none
 */
export function conductivity(
  { alpha, n }: RetentionCurve,
  ksCmPerS: number,
  suctionCm: number,
  entryCm: number | null = null,
): number {
  if (!(suctionCm > 0)) return ksCmPerS
  const m = 1 - 1 / n
  const moist = ksCmPerS * (1 + (alpha * suctionCm) ** n) ** (-m * conductivityExponent(n))
  return moist * entryShare(suctionCm, entryCm)
}

/**
 * Suction at which a conductivity is reached, cm; 0 where even saturation conducts less, and no more than 1e5.
 * Bisection on the logarithm: conductivity falls all the way.
 */
export function suctionAtConductivity(
  curve: RetentionCurve,
  ksCmPerS: number,
  wantedCmPerS: number,
  entryCm: number | null = null,
): number {
  if (ksCmPerS <= wantedCmPerS) return 0
  let low = Math.log(1e-6)
  let high = Math.log(1e5)
  if (conductivity(curve, ksCmPerS, Math.exp(high), entryCm) > wantedCmPerS) return Math.exp(high)
  for (let i = 0; i < 60; i++) {
    const middle = 0.5 * (low + high)
    if (conductivity(curve, ksCmPerS, Math.exp(middle), entryCm) > wantedCmPerS) low = middle
    else high = middle
  }
  return Math.exp(0.5 * (low + high))
}

/** Suction of a water content, at most 1e4 cm: where a dry start is as dry as matters. */
export function startSuction(curve: RetentionCurve, theta: number): number {
  return Math.min(1e4, suctionAt(curve, Math.min(theta, curve.thetaS)))
}
