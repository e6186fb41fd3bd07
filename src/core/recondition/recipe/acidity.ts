import type { Crop, LimeReason, SulfurReason } from '../../chemistry'
import { blendPh, limeDose, sulfurDose } from '../../chemistry'
import type { Batch } from './batch'
import { PH_WEEKS } from './phOutcome'
import type { StockAmendment } from './recipeTypes'

/** How far above the band pH may end when all lime has reacted. */
const EVENTUAL_MARGIN_PH = 0.3
/** A correction aims so far inside the band, and is given whole from so far outside it; between them it grows. */
const TAPER_PH = 0.3
/** Stronger than this it burns: a step of its own, apart from feeds. */
const CAUSTIC_CCE = 1.2
/** A limestone slower than this is no correction within a season's start. */
const SLOWEST_LIME_DAYS50 = 90

export type AcidityReason =
  | 'inside-band'
  | 'nothing-in-stock'
  | 'lime-cut'
  | 'test-first'
  | 'as-is'
  | 'way'
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
  /** Caustic or rich in potash: never in one operation with ammonium feeds or manure. */
  readonly isApart: boolean
  /** What would be given if the pH were sure; null where the dose is that already. */
  readonly ifSureGPerL: number | null
}

type PriceOf = (stock: StockAmendment) => number

/**
 * Lime or sulfur for a batch: nothing inside the crop's band; outside it towards a point a little inside, tapered so that
 * near readings give near doses. A correction that is smaller than what is known of the pH waits for a test.
 * @param phWidth from p10 to p90 of the batch's pH
 */
export function planAcidity(
  batch: Batch,
  crop: Crop,
  amendments: readonly StockAmendment[],
  priceOf: PriceOf,
  phWidth: number,
): AcidityPlan {
  const { ph } = blendPh(batch)
  if (ph >= crop.pHLow && ph <= crop.pHHigh) return noCorrection('inside-band', null)
  return ph < crop.pHLow
    ? planLime(batch, crop, pickLime(amendments, priceOf), phWidth)
    : planSulfur(batch, crop, pickSulfur(amendments, priceOf), phWidth)
}

/** Ground limestone where there is any; what is caustic only where there is nothing else. */
function pickLime(amendments: readonly StockAmendment[], priceOf: PriceOf): StockAmendment | null {
  const limes = amendments.filter(
    ({ amendment }) =>
      amendment.kind === 'liming' &&
      amendment.cce > 0 &&
      amendment.nPercent === 0 &&
      amendment.rateHighGPerL > 0 &&
      amendment.releaseDays50 <= SLOWEST_LIME_DAYS50,
  )
  return (
    cheapest(
      limes.filter((one) => !actsApart(one)),
      priceOf,
    ) ?? cheapest(limes, priceOf)
  )
}

function pickSulfur(amendments: readonly StockAmendment[], priceOf: PriceOf) {
  return cheapest(
    amendments.filter(({ amendment }) => amendment.cce < -1 && amendment.rateHighGPerL > 0),
    priceOf,
  )
}

function actsApart({ amendment }: StockAmendment): boolean {
  return amendment.cce > CAUSTIC_CCE || amendment.k2oPercent > 0
}

function planLime(
  batch: Batch,
  crop: Crop,
  stock: StockAmendment | null,
  phWidth: number,
): AcidityPlan {
  // A lime hater is only lifted to its low end: raw peat and bark can be too sour even for it.
  const target = crop.limeHater ? crop.pHLow : crop.pHLow + TAPER_PH
  if (!stock) return noCorrection('nothing-in-stock', 'lime')
  const { ph, buffer, freeLimeGPerL } = blendPh(batch)
  const material = stock.amendment
  const given = { ph, buffer, freeLimeGPerL, material, weeks: PH_WEEKS }
  const { neededGPerL, reactiveShare } = limeDose({ ...given, target })
  const plan = { stock, role: 'lime' as const, targetPh: target, reactiveShare }
  const isApart = actsApart(stock)
  if (neededGPerL === 0) return { ...plan, ...nothing('free-lime-enough') }
  const tapered = neededGPerL * ramp(crop.pHLow - ph)
  const sure = surety(target - ph, phWidth)
  const portion = inPortions(tapered * sure, material.rateHighGPerL)
  const bearable = ((crop.pHHigh + EVENTUAL_MARGIN_PH - ph) * buffer - freeLimeGPerL) / material.cce
  const toBand = ((crop.pHLow - ph) * buffer - 0.5 * freeLimeGPerL) / (material.cce * reactiveShare)
  // Slow lime goes on working: give only as much as the band can bear in the end, but enough to get into it.
  const most = Math.max(0, bearable, toBand * sure)
  const ifSureGPerL = sure < 1 ? Math.min(tapered, Math.max(0, bearable, toBand)) : null
  if (portion.firstGPerL > most + 1e-9) {
    return { ...plan, isApart, ifSureGPerL, reason: 'lime-cut', gPerL: most, firstGPerL: most }
  }
  const reason = sure === 0 ? 'test-first' : portion.reason
  return { ...plan, ...portion, isApart, ifSureGPerL, reason }
}

function planSulfur(
  batch: Batch,
  crop: Crop,
  stock: StockAmendment | null,
  phWidth: number,
): AcidityPlan {
  const target = crop.pHHigh - TAPER_PH
  if (!stock) return noCorrection('nothing-in-stock', 'sulfur')
  const { ph, buffer, freeLimeGPerL } = blendPh(batch)
  const material = stock.amendment
  const dose = sulfurDose({ ph, target, buffer, freeLimeGPerL, weeks: PH_WEEKS, material })
  const plan = {
    stock,
    role: 'sulfur' as const,
    targetPh: target,
    reactiveShare: dose.reactiveShare,
  }
  if (!dose.reachable || dose.gPerL === 0) return { ...plan, ...nothing(dose.reason) }
  const tapered = dose.gPerL * ramp(ph - crop.pHHigh)
  const sure = surety(ph - target, phWidth)
  const portion = inPortions(tapered * sure, material.rateHighGPerL)
  const reason = sure === 0 ? 'test-first' : portion.reason
  return { ...plan, ...portion, isApart: false, ifSureGPerL: sure < 1 ? tapered : null, reason }
}

/** 0 at the band's edge, 1 from the taper's length outside it. */
function ramp(outsidePh: number): number {
  return Math.min(1, Math.max(0, outsidePh / TAPER_PH))
}

/** How much of a correction is asked for: none up to what is not known of the pH, all of it from a little above that. */
function surety(correctionPh: number, phWidth: number): number {
  return phWidth > 0 ? ramp(correctionPh - phWidth) : 1
}

/** All at once up to the label; up to twice as much in two halves; more is not given. */
function inPortions(neededGPerL: number, rateHighGPerL: number) {
  if (neededGPerL > 2 * rateHighGPerL) {
    return { gPerL: rateHighGPerL, firstGPerL: rateHighGPerL, reason: 'too-weak' as const }
  }
  const firstGPerL = neededGPerL > rateHighGPerL ? neededGPerL / 2 : neededGPerL
  return { gPerL: neededGPerL, firstGPerL, reason: 'needed' as const }
}

function cheapest(stock: readonly StockAmendment[], priceOf: PriceOf): StockAmendment | null {
  const perUnit = (row: StockAmendment) => priceOf(row) / Math.abs(row.amendment.cce)
  return [...stock].sort((a, b) => perUnit(a) - perUnit(b))[0] ?? null
}

function nothing(reason: AcidityReason) {
  return { reason, gPerL: 0, firstGPerL: 0, isApart: false, ifSureGPerL: null }
}

export function noCorrection(reason: AcidityReason, role: AcidityPlan['role']): AcidityPlan {
  return { ...nothing(reason), stock: null, role, targetPh: null, reactiveShare: 0 }
}
