import { blendEc, type Crop, convertEc, leach } from '../../chemistry'
import {
  blendMedia,
  type Component,
  componentShares,
  containerCapacity,
  volumeYield,
} from '../../media'
import type { RecipeInput } from './recipeTypes'

/** Washed so far below the ceiling that drift, feed and hard water have room. */
const WASHED_TO = 0.75

export interface LeachedLot {
  /** As it goes into the mix: at three quarters of the ceiling and without mineral nitrogen where it was washed. */
  readonly components: readonly Component[]
  readonly isLeached: boolean
  /** Its own salts before, saturated extract, dS/m; null without a lot. */
  readonly ecBefore: number | null
  /** Water for so many litres of the old mix, L. */
  readonly waterFor: (lotLitres: number) => number
}

/** The old mix as it is. */
export function notLeached(
  lot: readonly Component[],
  ecBefore = blendEc({ components: lot }).ecSme,
): LeachedLot {
  return { components: lot, isLeached: false, ecBefore, waterFor: () => 0 }
}

/**
 * The old mix is washed before anything is mixed in, where its own salts lie above the crop's ceiling: down to three
 * quarters of it. Water that is as salty as that washes nothing out.
 * @param lot whose parts sum to 1
 */
export function leachOldMix(
  lot: readonly Component[],
  crop: Crop,
  container: RecipeInput['container'],
  waterEc = 0,
): LeachedLot {
  const { ecSme } = blendEc({ components: lot })
  const target = WASHED_TO * crop.ecMaxSme
  if (ecSme <= crop.ecMaxSme || waterEc >= target) return notLeached(lot, ecSme)
  const { curve } = blendMedia({ components: lot })
  const { waterFraction } = containerCapacity({ curve, ...container })
  const ec1to2 =
    convertEc({ value: target, from: 'SME', to: '1:2' }) * volumeYield(componentShares(lot))
  return {
    components: lot.map((component) => ({
      ...component,
      measured: { ...component.measured, ec1to2, starterNMgPerL: 0 },
    })),
    isLeached: true,
    ecBefore: ecSme,
    waterFor: (mediaLitres) =>
      mediaLitres > 0
        ? leach({ ec: ecSme, target, mediaLitres, waterFraction, waterEc }).litres
        : 0,
  }
}
