import { blendMedia, containerCapacity } from '../../media'
import type { Batch } from './batch'
import type { RecipeInput } from './recipeTypes'

const TALLEST_FACTOR = 2

/** Centimetres the same pot would have to be taller, in whole cm, for a mix to reach the air wanted. */
export function tallerByCm(
  batch: Batch,
  { shape, fillHeightCm }: RecipeInput['container'],
  airWanted: number,
): number | null {
  const { curve } = blendMedia({ components: batch.components })
  for (let extra = 1; extra <= fillHeightCm * (TALLEST_FACTOR - 1); extra++) {
    const taller = { ...shape, heightCm: shape.heightCm + extra }
    const { airFraction } = containerCapacity({
      curve,
      shape: taller,
      fillHeightCm: fillHeightCm + extra,
    })
    if (airFraction >= airWanted) return extra
  }
  return null
}
