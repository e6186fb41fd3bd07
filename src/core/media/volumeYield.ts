import type { Share } from './material'

/** Compaction index of poured, lightly firmed material (de Larrard 1999). */
const COMPACTION_INDEX = 4.1

/** A share this small is the rounding of other shares, and too small to divide by. */
const NO_GRAINS = 1e-12

/** Loosening of coarse grains of size d by finer grains: de Larrard (1999), exponent 1.02. */
export function looseningEffect(finerMm: number, coarserMm: number): number {
  return Math.sqrt(1 - (1 - finerMm / coarserMm) ** 1.02)
}

/** Wall effect of coarse grains on finer ones: de Larrard (1999), exponent 1.50. */
export function wallEffect(finerMm: number, coarserMm: number): number {
  return 1 - (1 - finerMm / coarserMm) ** 1.5
}

/** Both effects of a pair of grain sizes, kept: a recipe asks for the same few pairs hundreds of times. */
const loosening = keepPairs(looseningEffect)
const wall = keepPairs(wallEffect)
const MOST_PAIRS = 10_000

function keepPairs(effect: (finerMm: number, coarserMm: number) => number) {
  const kept = new Map<number, Map<number, number>>()
  let pairs = 0
  return (finerMm: number, coarserMm: number): number => {
    let ofFiner = kept.get(finerMm)
    if (!ofFiner) {
      ofFiner = new Map()
      kept.set(finerMm, ofFiner)
    }
    const known = ofFiner.get(coarserMm)
    if (known !== undefined) return known
    if (++pairs > MOST_PAIRS) {
      kept.clear()
      pairs = 0
    }
    const worked = effect(finerMm, coarserMm)
    ofFiner.set(coarserMm, worked)
    return worked
  }
}

/** Grains of one material in a mix, as packing sees them. */
export interface GrainClass {
  readonly sizeMm: number
  readonly interPorosity: number
  readonly share: number
}

/**
 * Litres of mix per litre measured out, by the compressible packing model (de Larrard 1999).
 * A single material, or equally large grains, give 1.
 * @param shares shares by bulk volume that sum to 1
 */
export function volumeYield(shares: readonly Share[]): number {
  return packedYield(
    shares.map(({ material, share }) => ({
      sizeMm: material.grainMm,
      interPorosity: material.interPorosity,
      share,
    })),
  )
}

/** The same for grains alone; their shares sum to 1. */
export function packedYield(grains: readonly GrainClass[]): number {
  const classes = grains
    .filter(({ share }) => share > NO_GRAINS)
    .sort((a, b) => b.sizeMm - a.sizeMm)
  const count = classes.length
  let envelopes = 0
  for (const { share, interPorosity } of classes) envelopes += share * (1 - interPorosity)
  const y = new Float64Array(count)
  const beta = new Float64Array(count)
  for (let i = 0; i < count; i++) {
    const { share, interPorosity } = classes[i] as GrainClass
    const packing = 1 - interPorosity
    y[i] = (share * packing) / envelopes
    beta[i] = packing * (1 + 1 / COMPACTION_INDEX)
  }
  const limits = new Float64Array(count)
  for (let i = 0; i < count; i++) {
    const betaI = beta[i] as number
    const sizeI = (classes[i] as GrainClass).sizeMm
    let loss = 0
    for (let j = 0; j < count; j++) {
      if (j === i) continue
      const betaJ = beta[j] as number
      const sizeJ = (classes[j] as GrainClass).sizeMm
      loss +=
        j < i
          ? (1 - betaI + wall(sizeI, sizeJ) * betaI * (1 - 1 / betaJ)) * (y[j] as number)
          : (1 - (loosening(sizeJ, sizeI) * betaI) / betaJ) * (y[j] as number)
    }
    limits[i] = betaI / (1 - loss)
  }
  return Math.min(1, envelopes * compacted(limits, y, beta))
}

/**
 * Volume per volume of solids at the compaction index: the root of Σ (yᵢ/βᵢ) / (u − 1/γᵢ) = K in u = 1/γ, above the
 * greatest 1/γᵢ. The sum falls and is convex there, so Newton's steps from its left run up to the root and never pass it.
 */
function compacted(limits: Float64Array, y: Float64Array, beta: Float64Array): number {
  let pole = 0
  let weight = 0
  for (let i = 0; i < limits.length; i++) {
    const inverse = 1 / (limits[i] as number)
    const own = (y[i] as number) / (beta[i] as number)
    if (inverse > pole) {
      pole = inverse
      weight = own
    }
  }
  // One class alone reaches the index here: with the others the sum is no less.
  let u = pole + Math.max(weight / COMPACTION_INDEX, 1e-300)
  for (let step = 0; step < 100; step++) {
    let sum = -COMPACTION_INDEX
    let slope = 0
    for (let i = 0; i < limits.length; i++) {
      const gap = u - 1 / (limits[i] as number)
      const term = (y[i] as number) / (beta[i] as number) / gap
      sum += term
      slope -= term / gap
    }
    const next = u - sum / slope
    if (!(next > u) || next - u <= 1e-15 * u) return Math.max(u, next)
    u = next
  }
  return u
}
