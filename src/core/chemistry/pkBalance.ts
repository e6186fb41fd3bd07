import { type Component, componentShares } from '../media'
import { requireNumber, requireObject } from '../validate'
import { resolveYield } from './blendPh'
import type { Crop, Dose } from './tables'

export type PkVerdict = 'short' | 'enough' | 'far above'

export interface PkBalance {
  /** mg per L of mix over the season. */
  readonly pGiven: number
  readonly pNeed: number
  readonly p: PkVerdict
  readonly kGiven: number
  readonly kNeed: number
  readonly k: PkVerdict
}

/** What a crop takes up beside each mg of nitrogen (Bunt 1988). */
const P_PER_N = 0.2
const K_PER_N = 1.2
/** mg per g of dry compost. */
const COMPOST_P = 1
const COMPOST_K = 5
/** mg of the element per g of product and per cent of its oxide. */
const P_PER_OXIDE_PERCENT = 4.364
const K_PER_OXIDE_PERCENT = 8.301
const P_RELEASED_WHERE_UNKNOWN = 0.4
const FAR_ABOVE = 4

/**
 * Phosphorus and potassium given against what the crop needs, in short: told only where short or far above.
 * @throws DomainError for impossible parts or doses
 */
export function pkBalance({
  components,
  volumeYield,
  amendments = [],
  crop,
}: {
  components: readonly Component[]
  volumeYield?: number | undefined
  amendments?: readonly Dose[]
  crop: Crop
}): PkBalance {
  requireObject('The crop', crop)
  const shares = componentShares(components)
  const yieldOfMix = resolveYield(shares, volumeYield)
  const compostGPerL = shares
    .filter(({ material }) => material.group === 'compost')
    .reduce(
      (sum, { material, share }) => sum + (1000 * share * material.bulkDensity) / yieldOfMix,
      0,
    )
  let pGiven = COMPOST_P * compostGPerL
  let kGiven = COMPOST_K * compostGPerL
  for (const { amendment, gPerL } of amendments) {
    requireNumber(`The dose of ${amendment.name}`, gPerL, { min: 0 })
    const released = amendment.nReleaseSeason || P_RELEASED_WHERE_UNKNOWN
    pGiven += gPerL * P_PER_OXIDE_PERCENT * amendment.p2o5Percent * released
    kGiven += gPerL * K_PER_OXIDE_PERCENT * amendment.k2oPercent
  }
  const pNeed = P_PER_N * crop.nSeasonMgPerL
  const kNeed = K_PER_N * crop.nSeasonMgPerL
  return {
    pGiven,
    pNeed,
    p: verdictOf(pGiven, pNeed),
    kGiven,
    kNeed,
    k: verdictOf(kGiven, kNeed),
  }
}

function verdictOf(given: number, need: number): PkVerdict {
  if (given < need) return 'short'
  return given > FAR_ABOVE * need ? 'far above' : 'enough'
}
