import { blendMedia, type Component } from '../../media'
import { DRIES_OUT_PAST, usableWater } from '../../season'
import type { RecipeInput, WateringHabit } from './recipeTypes'

/** Litres a container has to give between two waterings, so that it does not dry out by its habit. */
export function waterWanted({ everyDays, lossLPerDay }: WateringHabit): number {
  return (everyDays / DRIES_OUT_PAST) * lossLPerDay
}

/** Days from draining to the refill point; null where nothing is lost. */
export function daysOf(
  components: readonly Component[],
  container: RecipeInput['container'],
  { lossLPerDay, refillSuctionCm }: Omit<WateringHabit, 'everyDays'>,
): number | null {
  if (!(lossLPerDay > 0)) return null
  const { curve } = blendMedia({ components })
  return usableWater({ curve, ...container, refillSuctionCm }) / lossLPerDay
}
