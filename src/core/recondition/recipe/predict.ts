import { blendEc, blendPh, type Crop, type Dose, nitrogenBudget } from '../../chemistry'
import { blendMedia, type Component, containerCapacity } from '../../media'
import { cropInPot } from './cropInPot'
import { phAfterDoses } from './phOutcome'
import type { Prediction, RecipeInput } from './recipeTypes'

const WATER_KG_PER_L = 1

/**
 * What a mix with its doses will be, by the public functions: the same for a plan, its rounding and what was done.
 * @param crop as the table has it; its nitrogen is that of this container
 */
export function predictMix({
  components,
  doses,
  crop,
  container,
  season,
  cost,
  settledLitres,
  feedLeft,
}: {
  components: readonly Component[]
  doses: readonly Dose[]
  crop: Crop
  container: RecipeInput['container']
  season: RecipeInput['season']
  cost: number
  settledLitres: number
  /** Of earlier mixing, g per L of this mix. */
  feedLeft?: readonly Dose[]
}): Prediction {
  const blend = blendMedia({ components })
  const { volumeYield } = blend
  const capacity = containerCapacity({ curve: blend.curve, ...container })
  const { buffer } = blendPh({ components, volumeYield })
  const budget = nitrogenBudget({
    components,
    volumeYield,
    amendments: doses,
    feedLeft,
    crop: cropInPot(crop, container),
    weeks: season?.weeks,
    weeklyMeanTempC: season?.weeklyMeanTempC,
  })
  return {
    volumeYield,
    airFraction: capacity.airFraction,
    waterFraction: capacity.waterFraction,
    availableLitres: capacity.availableLitres,
    ph: phAfterDoses(components, volumeYield, doses).ph,
    buffer,
    ecSme: blendEc({ components, volumeYield, amendments: doses }).ecSme,
    nCoverage: budget.coverage,
    firstShortWeek: budget.firstShortWeek,
    kgPerLWet: blend.bulkDensity + capacity.waterFraction * WATER_KG_PER_L,
    costPerL: settledLitres > 0 ? cost / settledLitres : 0,
  }
}
