import { requireNumber } from '../validate'

export interface WaterDrift {
  /** Change of pH over the season. */
  readonly deltaPh: number
  /** Lime the water brings to a container, g CaCO3. */
  readonly limeEquivalentG: number
  /** null without a pH to start from. */
  readonly phAfter: number | null
  /** Months until the pH leaves its band upwards; null where it does not rise, or no band is given. */
  readonly monthsToLeave: number | null
  /** Share of rain water for tap water that ends the season at the top of the band. */
  readonly rainShare: number | null
  /** Elemental sulfur as a top-dressing that does the same, g/L. */
  readonly sulfurGPerL: number | null
}

/** Half of what the water brings reacts; the rest drains away. */
const REACTING_SHARE = 0.5
const SULFUR_STRENGTH = 3.12
const HIGHEST_PH = 8
const LOWEST_PH = 3.5

/**
 * How watering moves the pH of a container over a season: alkalinity lifts it, acid feed lowers it
 * (Handreck & Black 2010), and what would hold it inside its band.
 * @param alkalinity of the water, mg CaCO3 per L, 0 to 1000
 * @param litresApplied to the container over the season
 * @param mediaLitres in the container
 * @param buffer of the mix, g CaCO3-equivalent per L and pH unit
 * @param fertilizerAcidity of the season's feed, g CaCO3 (Σ g of product × −cce)
 * @param ph at the start, and `phHigh` of the crop's band: without them what depends on them is null
 * @param months the season lasts
 * @throws DomainError for values outside the ranges
 */
export function waterDrift({
  alkalinity,
  litresApplied,
  mediaLitres,
  buffer,
  fertilizerAcidity = 0,
  ph,
  phHigh,
  months = 6,
}: {
  alkalinity: number
  litresApplied: number
  mediaLitres: number
  buffer: number
  fertilizerAcidity?: number | undefined
  ph?: number | undefined
  phHigh?: number | undefined
  months?: number | undefined
}): WaterDrift {
  requireNumber('The alkalinity', alkalinity, { min: 0, max: 1000 })
  requireNumber('The water applied in L', litresApplied, { min: 0 })
  requireNumber('The litres of media', mediaLitres, { above: 0 })
  requireNumber('The buffer', buffer, { above: 0 })
  requireNumber('The acidity of the feed', fertilizerAcidity)
  requireNumber('The months', months, { above: 0, max: 24 })
  const lime = (alkalinity * litresApplied) / 1000
  const capacity = mediaLitres * buffer
  const surplus = lime - fertilizerAcidity
  const deltaPh = (REACTING_SHARE * surplus) / capacity
  const nothing = { phAfter: null, monthsToLeave: null, rainShare: null, sulfurGPerL: null }
  if (ph === undefined || ph === null) return { deltaPh, limeEquivalentG: lime, ...nothing }
  requireNumber('The pH', ph, { min: 2.5, max: 11 })
  const phAfter =
    deltaPh >= 0
      ? Math.max(ph, Math.min(HIGHEST_PH, ph + deltaPh))
      : Math.min(ph, Math.max(LOWEST_PH, ph + deltaPh))
  if (phHigh === undefined || phHigh === null) {
    return { deltaPh, limeEquivalentG: lime, ...nothing, phAfter }
  }
  requireNumber('The top of the band', phHigh, { min: 2.5, max: 11 })
  const room = (phHigh - ph) * capacity
  return {
    deltaPh,
    limeEquivalentG: lime,
    phAfter,
    monthsToLeave: ph >= phHigh ? 0 : deltaPh <= 0 ? null : ((phHigh - ph) / deltaPh) * months,
    rainShare: lime === 0 ? 0 : Math.min(1, Math.max(0, 1 - (fertilizerAcidity + 2 * room) / lime)),
    sulfurGPerL: Math.max(0, REACTING_SHARE * surplus - room) / (SULFUR_STRENGTH * mediaLitres),
  }
}
