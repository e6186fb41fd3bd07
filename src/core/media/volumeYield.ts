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
  const count = sortedBySize(grains)
  let envelopes = 0
  for (let i = 0; i < count; i++) {
    envelopes += (SHARES[i] as number) * (1 - (GAPS[i] as number))
  }
  for (let i = 0; i < count; i++) {
    const packing = 1 - (GAPS[i] as number)
    Y[i] = ((SHARES[i] as number) * packing) / envelopes
    BETA[i] = packing * (1 + 1 / COMPACTION_INDEX)
  }
  pairUp(count)
  for (let i = 0; i < count; i++) {
    const betaI = BETA[i] as number
    let loss = 0
    for (let j = 0; j < count; j++) {
      if (j === i) continue
      const betaJ = BETA[j] as number
      const effect = PAIRS[i * count + j] as number
      loss +=
        j < i
          ? (1 - betaI + effect * betaI * (1 - 1 / betaJ)) * (Y[j] as number)
          : (1 - (effect * betaI) / betaJ) * (Y[j] as number)
    }
    INVERSE_LIMITS[i] = (1 - loss) / betaI
  }
  return Math.min(1, envelopes * compacted(count))
}

// Worked in again and again by everything that tries mixes: room for the grains is made once.
let SIZES = new Float64Array(16)
let GAPS = new Float64Array(16)
let SHARES = new Float64Array(16)
let Y = new Float64Array(16)
let BETA = new Float64Array(16)
let INVERSE_LIMITS = new Float64Array(16)
/** Sizes that stand side by side in PAIRS: a search asks for the same grains with other shares again and again. */
let PAIRED = new Float64Array(16)
let pairedCount = 0
let PAIRS = new Float64Array(16 * 16)

/** Of each grain the wall effect of the coarser ones and the loosening by the finer ones. */
function pairUp(count: number): void {
  let isKnown = count === pairedCount
  for (let i = 0; isKnown && i < count; i++) isKnown = SIZES[i] === PAIRED[i]
  if (isKnown) return
  pairedCount = count
  for (let i = 0; i < count; i++) {
    const size = SIZES[i] as number
    PAIRED[i] = size
    for (let j = 0; j < count; j++) {
      const other = SIZES[j] as number
      PAIRS[i * count + j] = j < i ? wall(size, other) : j > i ? loosening(other, size) : 0
    }
  }
}

/** Writes the grains that are there down, the largest first; alike ones as they came. */
function sortedBySize(grains: readonly GrainClass[]): number {
  if (grains.length > SIZES.length) {
    const room = 2 * grains.length
    SIZES = new Float64Array(room)
    GAPS = new Float64Array(room)
    SHARES = new Float64Array(room)
    Y = new Float64Array(room)
    BETA = new Float64Array(room)
    INVERSE_LIMITS = new Float64Array(room)
    PAIRED = new Float64Array(room)
    PAIRS = new Float64Array(room * room)
    pairedCount = 0
  }
  let count = 0
  for (const { sizeMm, interPorosity, share } of grains) {
    if (!(share > NO_GRAINS)) continue
    let at = count++
    for (; at > 0 && (SIZES[at - 1] as number) < sizeMm; at--) {
      SIZES[at] = SIZES[at - 1] as number
      GAPS[at] = GAPS[at - 1] as number
      SHARES[at] = SHARES[at - 1] as number
    }
    SIZES[at] = sizeMm
    GAPS[at] = interPorosity
    SHARES[at] = share
  }
  return count
}

/**
 * Volume per volume of solids at the compaction index: the root of Σ (yᵢ/βᵢ) / (u − 1/γᵢ) = K in u = 1/γ, above the
 * greatest 1/γᵢ. The sum falls and is convex there, so Newton's steps from its left run up to the root and never pass it.
 */
function compacted(count: number): number {
  let pole = 0
  let weight = 0
  for (let i = 0; i < count; i++) {
    const inverse = INVERSE_LIMITS[i] as number
    const own = (Y[i] as number) / (BETA[i] as number)
    if (inverse > pole) {
      pole = inverse
      weight = own
    }
  }
  // Left of the root: at this distance the greatest pole alone makes the sum K, with the others the sum is no less.
  let u = pole + Math.max(weight / COMPACTION_INDEX, 1e-300)
  for (let step = 0; step < 100; step++) {
    let sum = -COMPACTION_INDEX
    let slope = 0
    for (let i = 0; i < count; i++) {
      const gap = u - (INVERSE_LIMITS[i] as number)
      const term = (Y[i] as number) / (BETA[i] as number) / gap
      sum += term
      slope -= term / gap
    }
    const next = u - sum / slope
    if (!(next > u) || next - u <= 1e-15 * u) return Math.max(u, next)
    u = next
  }
  return u
}
