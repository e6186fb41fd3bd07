import { type Component, componentShares, volumeYield as packingYield, type Share } from '../media'
import { requireNumber } from '../validate'

export interface BlendPh {
  readonly ph: number
  /** g CaCO3-equivalent that moves 1 L of the mix by one pH unit. */
  readonly buffer: number
  readonly freeLimeGPerL: number
  readonly volumeYield: number
}

/**
 * pH, buffer and free lime of a mix: pH is the buffer-weighted mean of the parts (Handreck & Black 2010).
 * @param volumeYield litres of mix per litre measured out, in (0, 1]; by the packing rule when left out
 * @throws DomainError for impossible parts or a buffer that is not above 0
 */
export function blendPh({
  components,
  volumeYield,
}: {
  components: readonly Component[]
  volumeYield?: number | undefined
}): BlendPh {
  const shares = componentShares(components)
  const yieldOfMix = resolveYield(shares, volumeYield)
  let acidity = 0
  let buffer = 0
  let freeLime = 0
  for (const { material, share } of shares) {
    requireNumber(`The buffer of ${material.name}`, material.limeBuffer, { above: 0 })
    requireNumber(`The pH of ${material.name}`, material.pH, { min: 2, max: 12 })
    acidity += share * material.limeBuffer * material.pH
    buffer += share * material.limeBuffer
    freeLime += share * material.freeLimeGPerL
  }
  return {
    ph: acidity / buffer,
    buffer: buffer / yieldOfMix,
    freeLimeGPerL: freeLime / yieldOfMix,
    volumeYield: yieldOfMix,
  }
}

/** The yield given, checked, or the one the packing rule predicts. */
export function resolveYield(shares: readonly Share[], given: number | undefined): number {
  if (given === undefined) return packingYield(shares)
  return requireNumber('The volume yield', given, { above: 0, max: 1 })
}
