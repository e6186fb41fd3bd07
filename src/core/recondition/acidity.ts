import type { LimeReason, SulfurReason } from '../chemistry'
import {
  blendPh,
  type Crop,
  type Dose,
  limeDose,
  limeEffect,
  sulfurDose,
  sulfurEffect,
} from '../chemistry'
import type { Batch } from './batch'
import type { StockAmendment } from './recipeTypes'

/** Weeks after mixing for which the pH is predicted. */
export const PH_WEEKS = 8
/** How far above the band pH may end when all lime has reacted. */
const EVENTUAL_MARGIN_PH = 0.3
const CAUSTIC_CCE = 1.2
/** A limestone slower than this is no correction within a season's start. */
const SLOWEST_LIME_DAYS50 = 90

export type AcidityReason =
  | 'inside-band'
  | 'nothing-in-stock'
  | 'lime-cut'
  | LimeReason
  | SulfurReason

export interface AcidityPlan {
  readonly reason: AcidityReason
  readonly stock: StockAmendment | null
  readonly role: 'lime' | 'sulfur' | null
  readonly targetPh: number | null
  readonly gPerL: number
  readonly firstGPerL: number
  readonly reactiveShare: number
}

/** Lime or sulfur for a batch: nothing inside the crop's band, else towards its middle. */
export function planAcidity(
  batch: Batch,
  crop: Crop,
  amendments: readonly StockAmendment[],
): AcidityPlan {
  const { ph } = blendPh(batch)
  if (ph >= crop.pHLow && ph <= crop.pHHigh) return none('inside-band', null)
  return ph < crop.pHLow ? planLime(batch, crop, amendments) : planSulfur(batch, crop, amendments)
}

function planLime(batch: Batch, crop: Crop, amendments: readonly StockAmendment[]): AcidityPlan {
  // A lime hater is only lifted to its low end: raw peat and bark can be too sour even for it.
  const target = crop.limeHater ? crop.pHLow : middleOf(crop)
  const stock = cheapest(
    amendments.filter(
      ({ amendment }) =>
        amendment.kind === 'liming' &&
        amendment.cce > 0 &&
        amendment.cce <= CAUSTIC_CCE &&
        amendment.nPercent === 0 &&
        amendment.k2oPercent === 0 &&
        amendment.rateHighGPerL > 0 &&
        amendment.releaseDays50 <= SLOWEST_LIME_DAYS50,
    ),
  )
  if (!stock) return none('nothing-in-stock', 'lime')
  const { ph, buffer, freeLimeGPerL } = blendPh(batch)
  const material = stock.amendment
  const dose = limeDose({ ph, target, buffer, material, freeLimeGPerL, weeks: PH_WEEKS })
  const plan = {
    stock,
    role: 'lime' as const,
    targetPh: target,
    reactiveShare: dose.reactiveShare,
  }
  const limit = crop.pHHigh + EVENTUAL_MARGIN_PH
  if (dose.firstGPerL === 0 || dose.phEventual <= limit + 1e-9) {
    return { ...plan, reason: dose.reason, gPerL: dose.gPerL, firstGPerL: dose.firstGPerL }
  }
  // Slow lime goes on working: give only as much as the band can bear in the end, but enough to get into it.
  const bearable = ((limit - ph) * buffer - freeLimeGPerL) / material.cce
  const needed =
    ((crop.pHLow - ph) * buffer - 0.5 * freeLimeGPerL) / (material.cce * dose.reactiveShare)
  const cut = Math.max(0, Math.min(dose.firstGPerL, Math.max(bearable, needed)))
  return { ...plan, reason: 'lime-cut', gPerL: cut, firstGPerL: cut }
}

function planSulfur(batch: Batch, crop: Crop, amendments: readonly StockAmendment[]): AcidityPlan {
  const target = middleOf(crop)
  const stock = cheapest(
    amendments.filter(({ amendment }) => amendment.cce < -1 && amendment.rateHighGPerL > 0),
  )
  if (!stock) return none('nothing-in-stock', 'sulfur')
  const { ph, buffer, freeLimeGPerL } = blendPh(batch)
  const material = stock.amendment
  const dose = sulfurDose({ ph, target, buffer, freeLimeGPerL, weeks: PH_WEEKS, material })
  return {
    reason: dose.reason,
    stock,
    role: 'sulfur',
    targetPh: target,
    gPerL: dose.gPerL,
    firstGPerL: dose.firstGPerL,
    reactiveShare: dose.reactiveShare,
  }
}

export interface PhOutcome {
  readonly ph: number
  readonly phEventual: number
  readonly unreactedLimeGPerL: number
}

/** pH of a mix after its doses. Without lime or sulfur it is the pH of the blend. */
export function phAfterDoses(
  components: Batch['components'],
  volumeYield: number | undefined,
  doses: readonly Dose[],
): PhOutcome {
  const { ph, buffer, freeLimeGPerL } = blendPh({ components, volumeYield })
  const dose = doses.find(
    ({ amendment }) => Math.abs(amendment.cce) > 0.3 && amendment.nPercent === 0,
  )
  if (!dose || dose.gPerL === 0) return { ph, phEventual: ph, unreactedLimeGPerL: 0 }
  const { amendment: material, gPerL } = dose
  const given = { ph, buffer, freeLimeGPerL, material, gPerL, weeks: PH_WEEKS }
  if (material.cce < 0) {
    const after = sulfurEffect(given)
    return { ph: after, phEventual: after, unreactedLimeGPerL: 0 }
  }
  const { phAfter, phEventual, unreactedGPerL } = limeEffect(given)
  return { ph: phAfter, phEventual, unreactedLimeGPerL: unreactedGPerL }
}

function cheapest(stock: readonly StockAmendment[]): StockAmendment | null {
  const perUnit = ({ amendment, pricePerKg }: StockAmendment) =>
    pricePerKg / Math.abs(amendment.cce)
  return [...stock].sort((a, b) => perUnit(a) - perUnit(b))[0] ?? null
}

function middleOf(crop: Crop): number {
  return (crop.pHLow + crop.pHHigh) / 2
}

function none(reason: AcidityReason, role: AcidityPlan['role']): AcidityPlan {
  return {
    reason,
    stock: null,
    role,
    targetPh: null,
    gPerL: 0,
    firstGPerL: 0,
    reactiveShare: 0,
  }
}
