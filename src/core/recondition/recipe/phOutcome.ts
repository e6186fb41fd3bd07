import { blendPh, type Dose, limeEffect, reacted } from '../../chemistry'
import type { Component } from '../../media'

/** Weeks after mixing for which the pH is predicted. */
export const PH_WEEKS = 8
const FREE_LIME_SHARE = 0.5
/** Weaker than this, a feed's own acidity counts as a feed's, not as a correction. */
const CORRECTS_CCE = 0.3

export interface PhOutcome {
  readonly ph: number
  /** Where it ends when all lime has reacted. */
  readonly phEventual: number
  readonly unreactedLimeGPerL: number
}

/**
 * pH of a mix eight weeks after its doses. Free lime works by itself, also where nothing is given; sulfur uses it up
 * before it lowers the pH.
 */
export function phAfterDoses(
  components: readonly Component[],
  volumeYield: number | undefined,
  doses: readonly Dose[],
): PhOutcome {
  const { ph, buffer, freeLimeGPerL } = blendPh({ components, volumeYield })
  const dose = doses.find(
    ({ amendment, gPerL }) =>
      gPerL > 0 && Math.abs(amendment.cce) > CORRECTS_CCE && amendment.nPercent === 0,
  )
  if (dose && dose.amendment.cce < 0) {
    const { cce, releaseDays50 } = dose.amendment
    const acid = dose.gPerL * -cce * reacted(7 * PH_WEEKS, releaseDays50)
    const limeLeft = Math.max(0, freeLimeGPerL - acid)
    const after = ph + (FREE_LIME_SHARE * limeLeft - Math.max(0, acid - freeLimeGPerL)) / buffer
    return { ph: after, phEventual: after, unreactedLimeGPerL: 0 }
  }
  const material = dose?.amendment ?? { cce: 1, releaseDays50: 0, rateHighGPerL: 1 }
  const { phAfter, phEventual, unreactedGPerL } = limeEffect({
    ph,
    buffer,
    freeLimeGPerL,
    material,
    gPerL: dose?.gPerL ?? 0,
    weeks: PH_WEEKS,
  })
  return { ph: phAfter, phEventual, unreactedLimeGPerL: unreactedGPerL }
}
