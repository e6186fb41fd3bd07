/** What a season of watering brings to a container. */
export interface SeasonWater {
  readonly alkalinityMgPerL: number
  readonly litres: number
  readonly mediaLitres: number
}

/** Tap water from limestone; where the site's own is harder, that counts. */
const HARD_MG_PER_L = 250

/**
 * A season of hard tap water.
 * @param alkalinityMgPerL of the site's own water, mg CaCO3 per L
 */
export function hardWater(season: SeasonWater): SeasonWater {
  return { ...season, alkalinityMgPerL: Math.max(HARD_MG_PER_L, season.alkalinityMgPerL) }
}
