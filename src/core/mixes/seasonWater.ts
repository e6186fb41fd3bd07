/** What a season of watering brings to a container. */
export interface SeasonWater {
  readonly alkalinityMgPerL: number
  readonly litres: number
  readonly mediaLitres: number
}

/** Tap water from limestone; where the site's own is harder, that counts. */
const HARD_MG_PER_L = 250
/** A season of watering, and how much of the hardest month's loss a mean day of it takes. */
const SEASON_DAYS = 180
const MEAN_OF_WORST = 0.7

/**
 * A season of hard tap water, from what the container loses on a day of the hardest month.
 * @param lossLPerDay of the whole container, L
 * @param alkalinityMgPerL of the site's own water, mg CaCO3 per L
 */
export function seasonOfHardWater({
  lossLPerDay,
  alkalinityMgPerL,
  mediaLitres,
}: {
  readonly lossLPerDay: number
  readonly alkalinityMgPerL: number
  readonly mediaLitres: number
}): SeasonWater {
  return {
    alkalinityMgPerL: Math.max(HARD_MG_PER_L, alkalinityMgPerL),
    litres: lossLPerDay * MEAN_OF_WORST * SEASON_DAYS,
    mediaLitres,
  }
}
