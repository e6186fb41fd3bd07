import type { Share } from './material'

/** Compaction index of poured, lightly firmed material (de Larrard 1999). */
const COMPACTION_INDEX = 4.1

/** Loosening of coarse grains of size d by finer grains: de Larrard (1999), exponent 1.02. */
export function looseningEffect(finerMm: number, coarserMm: number): number {
  return Math.sqrt(1 - (1 - finerMm / coarserMm) ** 1.02)
}

/** Wall effect of coarse grains on finer ones: de Larrard (1999), exponent 1.50. */
export function wallEffect(finerMm: number, coarserMm: number): number {
  return 1 - (1 - finerMm / coarserMm) ** 1.5
}

/**
 * Litres of mix per litre measured out, by the compressible packing model (de Larrard 1999).
 * A single material, or equally large grains, give 1.
 * @param shares shares by bulk volume that sum to 1
 */
export function volumeYield(shares: readonly Share[]): number {
  const classes = shares
    .map(({ material, share }) => {
      const packing = 1 - material.interPorosity
      return { sizeMm: material.grainMm, envelope: share * packing, packing }
    })
    .sort((a, b) => b.sizeMm - a.sizeMm)
  const envelopes = classes.reduce((sum, grain) => sum + grain.envelope, 0)
  const y = classes.map((grain) => grain.envelope / envelopes)
  const beta = classes.map((grain) => grain.packing * (1 + 1 / COMPACTION_INDEX))

  const limits = classes.map((grain, i) => {
    const betaI = beta[i] as number
    let loss = 0
    classes.forEach((other, j) => {
      if (j === i) return
      const betaJ = beta[j] as number
      const yJ = y[j] as number
      if (j < i) {
        const wall = wallEffect(grain.sizeMm, other.sizeMm)
        loss += (1 - betaI + wall * betaI * (1 - 1 / betaJ)) * yJ
      } else {
        loss += (1 - (looseningEffect(other.sizeMm, grain.sizeMm) * betaI) / betaJ) * yJ
      }
    })
    return betaI / (1 - loss)
  })

  const compaction = (gamma: number) =>
    limits.reduce(
      (sum, limit, i) => sum + (y[i] as number) / (beta[i] as number) / (1 / gamma - 1 / limit),
      0,
    )
  let low = 0
  let high = Math.min(...limits)
  // Compaction rises with gamma from 0 to infinity, so bisection always closes in.
  for (let step = 0; step < 100 && high - low > 1e-15; step++) {
    const middle = (low + high) / 2
    if (compaction(middle) < COMPACTION_INDEX) low = middle
    else high = middle
  }
  return Math.min(1, (2 * envelopes) / (low + high))
}
