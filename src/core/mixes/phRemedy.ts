import { type BlendPh, type LimingMaterial, limeDose, sulfurDose } from '../chemistry'
import type { MixWish } from './mixWish'

/** Ground limestone and fine sulfur: what a mix's pH is mended with. Compost or another base changes much else. */
const GROUND_LIMESTONE: LimingMaterial = { cce: 0.97, releaseDays50: 30, rateHighGPerL: 6 }
const INSIDE_PH = 0.3

export interface PhRemedy {
  readonly kind: 'lime' | 'sulfur' | 'other-base'
  /** Of the product to each litre of mix, all of it. */
  readonly gPerL: number
  readonly targetPh: number
}

/**
 * What brings a mix's pH a little inside its band: ground limestone or sulfur by the litre, or another base where neither
 * can.
 * @param blend of the mix; see blendPh
 * @param limeHater is only lifted to its low end
 * @returns null inside the band
 */
export function phRemedy({
  blend: { ph, buffer, freeLimeGPerL },
  wish: { pHLow, pHHigh },
  limeHater,
}: {
  readonly blend: Pick<BlendPh, 'ph' | 'buffer' | 'freeLimeGPerL'>
  readonly wish: Pick<MixWish, 'pHLow' | 'pHHigh'>
  readonly limeHater: boolean
}): PhRemedy | null {
  if (ph >= pHLow && ph <= pHHigh) return null
  if (ph < pHLow) {
    const targetPh = limeHater ? pHLow : pHLow + INSIDE_PH
    const given = { ph, buffer, freeLimeGPerL, material: GROUND_LIMESTONE, target: targetPh }
    const { neededGPerL, reachable } = limeDose(given)
    return reachable
      ? { kind: 'lime', gPerL: neededGPerL, targetPh }
      : { kind: 'other-base', gPerL: 0, targetPh }
  }
  const targetPh = pHHigh - INSIDE_PH
  const { gPerL, reachable } = sulfurDose({ ph, buffer, freeLimeGPerL, target: targetPh })
  return reachable
    ? { kind: 'sulfur', gPerL, targetPh }
    : { kind: 'other-base', gPerL: 0, targetPh }
}
