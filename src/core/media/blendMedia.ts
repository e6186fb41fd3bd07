import { FIT_SUCTIONS_CM, fitCurve } from './fitCurve'
import { type Component, componentShares, type Share } from './material'
import { type RetentionCurve, waterContent } from './retention'
import { volumeYield } from './volumeYield'

/** Above this misfit (m³ m⁻³) one van Genuchten curve describes the mix only roughly. */
const ROUGH_FIT_RMSE = 0.015
const AT_10_CM = FIT_SUCTIONS_CM.indexOf(10)

export interface Blend {
  /** Litres of mix per litre measured out, 0 to 1. */
  readonly volumeYield: number
  readonly totalPorosity: number
  /** Dry bulk density, g cm⁻³. */
  readonly bulkDensity: number
  /** Fitted curve with thetaS = totalPorosity. */
  readonly curve: RetentionCurve
  /** Root mean square misfit of that curve, m³ m⁻³. */
  readonly fitRmse: number
  readonly roughFit: boolean
  readonly ksCmPerS: number
}

/**
 * What a mix of materials becomes. Solids and held water are conserved; what shrinkage takes is air.
 * Volume by the compressible packing model (de Larrard 1999); retention by volume-weighted held water with a
 * van Genuchten (1980) curve fitted to it; conductivity by a heuristic of our own on the large pores left.
 * @param components materials with their parts by bulk volume, as measured out
 * @throws DomainError `out-of-range` for negative parts, `too-few` when all parts are zero
 * @example blendMedia({ components: [{ material: peat, parts: 3 }, { material: perlite, parts: 1 }] }).volumeYield
 */
export function blendMedia({ components }: { components: readonly Component[] }): Blend {
  const shares = componentShares(components)
  const single = soleMaterial(shares)
  if (single) {
    return {
      volumeYield: 1,
      totalPorosity: single.totalPorosity,
      bulkDensity: single.bulkDensity,
      curve: single.curve,
      fitRmse: 0,
      roughFit: false,
      ksCmPerS: single.ksCmPerS,
    }
  }
  const yieldOfMix = volumeYield(shares)
  const { totalPorosity, held } = waterOfMix(shares, yieldOfMix)
  const { curve, fitRmse } = fitCurve(totalPorosity, held)
  const heldAt10 = held[AT_10_CM] as number
  return {
    volumeYield: yieldOfMix,
    totalPorosity,
    bulkDensity: weighted(shares, (material) => material.bulkDensity) / yieldOfMix,
    curve,
    fitRmse,
    roughFit: fitRmse > ROUGH_FIT_RMSE,
    ksCmPerS: conductivity(shares, totalPorosity - heldAt10),
  }
}

/**
 * Only the retention curve of a mix whose yield is known: what is asked for hundreds of times while a recipe is sought.
 * The same as the curve of `blendMedia`.
 */
export function blendedCurve(shares: readonly Share[], volumeYieldOfMix: number): RetentionCurve {
  const single = soleMaterial(shares)
  if (single) return single.curve
  const { totalPorosity, held } = waterOfMix(shares, volumeYieldOfMix)
  return fitCurve(totalPorosity, held).curve
}

/** Solids and held water are conserved in what is left of the volume; a mix holds no more than its pores. */
function waterOfMix(shares: readonly Share[], yieldOfMix: number) {
  const held = new Float64Array(FIT_SUCTIONS_CM.length)
  let solids = 0
  for (const { material, share } of shares) {
    solids += share * (1 - material.totalPorosity)
    const own = heldBy(material.curve)
    for (let i = 0; i < held.length; i++) {
      held[i] = (held[i] as number) + share * (own[i] as number)
    }
  }
  const totalPorosity = 1 - solids / yieldOfMix
  for (let i = 0; i < held.length; i++) {
    held[i] = Math.min(totalPorosity, (held[i] as number) / yieldOfMix)
  }
  return { totalPorosity, held }
}

const keptWater = new WeakMap<RetentionCurve, Float64Array>()

/** Water a material holds at each of the suctions that a mix is fitted at; kept with its curve. */
function heldBy(curve: RetentionCurve): Float64Array {
  const kept = keptWater.get(curve)
  if (kept) return kept
  const held = Float64Array.from(FIT_SUCTIONS_CM, (suctionCm) => waterContent(curve, suctionCm))
  keptWater.set(curve, held)
  return held
}

function weighted(shares: readonly Share[], of: (material: Share['material']) => number): number {
  return shares.reduce((sum, { material, share }) => sum + share * of(material), 0)
}

/** A single material blends to itself: no fit, nothing lost. */
function soleMaterial(shares: readonly Share[]): Share['material'] | null {
  const [first, ...others] = shares
  if (!first) return null
  return others.every(({ material }) => isSame(material, first.material)) ? first.material : null
}

/** Of one row, and neither aged nor measured to hold water otherwise. */
function isSame(a: Share['material'], b: Share['material']): boolean {
  return (
    a.id === b.id &&
    a.totalPorosity === b.totalPorosity &&
    a.ksCmPerS === b.ksCmPerS &&
    a.curve.alpha === b.curve.alpha &&
    a.curve.n === b.curve.n
  )
}

/**
 * Saturated conductivity by the large pores that are left, cm/s: a fine mix with some gravel conducts like the
 * fine mix. Our own heuristic (no source); a drain test replaces it.
 */
function conductivity(shares: readonly Share[], airAt10OfMix: number): number {
  const airAt10 = (material: Share['material']) =>
    material.totalPorosity - (heldBy(material.curve)[AT_10_CM] as number)
  const logKs = (material: Share['material']) => Math.log(material.ksCmPerS)
  const meanAir = weighted(shares, airAt10)
  const meanLogKs = weighted(shares, logKs)
  const spread = weighted(shares, (material) => (airAt10(material) - meanAir) ** 2)
  const together = weighted(
    shares,
    (material) => (airAt10(material) - meanAir) * (logKs(material) - meanLogKs),
  )
  const slope = spread < 1e-9 ? 0 : Math.max(0, together / spread)
  const all = shares.map(({ material }) => logKs(material))
  const predicted = meanLogKs + slope * (airAt10OfMix - meanAir)
  return Math.exp(Math.min(Math.max(...all), Math.max(Math.min(...all), predicted)))
}
