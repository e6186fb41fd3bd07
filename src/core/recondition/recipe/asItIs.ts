import { blendEc, blendPh, type Crop } from '../../chemistry'
import { blendMedia, containerCapacity } from '../../media'
import type { Batch } from './batch'
import type { RecipeInput } from './recipeTypes'

/** Whether a mix that nothing was grown in fits the crop's bands in its container: then it is used as it is. */
export function fitsAsItIs(
  { components, volumeYield }: Batch,
  crop: Crop,
  container: RecipeInput['container'],
): boolean {
  const { ph } = blendPh({ components, volumeYield })
  const { ecSme } = blendEc({ components, volumeYield })
  const { airFraction } = containerCapacity({
    curve: blendMedia({ components }).curve,
    ...container,
  })
  return (
    ph >= crop.pHLow &&
    ph <= crop.pHHigh &&
    ecSme <= crop.ecMaxSme &&
    airFraction >= crop.airMinPercent / 100 &&
    airFraction <= crop.airMaxPercent / 100
  )
}
