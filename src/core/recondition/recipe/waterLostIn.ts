import type { Crop } from '../../chemistry'
import { type PlantsInPlace, plantsInPlace } from '../../mixes'
import { referenceEvapotranspiration, waterLoss } from '../../season'
import type { RecipeInput } from './recipeTypes'

export interface WaterLost extends PlantsInPlace {
  readonly et0MmPerDay: number
  readonly lossLPerDay: number
}

/**
 * What a container of a crop loses in a day where it stands, its plants full-grown, and when they want water: reference
 * evapotranspiration (Hargreaves & Samani 1985) over their canopy (see canopyArea).
 * @param weather of the month asked for: latitude, day of the year, lowest and highest temperature, °C
 * @throws DomainError for impossible places, days or temperatures
 */
export function waterLostIn(
  crop: Crop,
  container: RecipeInput['container'],
  weather: Parameters<typeof referenceEvapotranspiration>[0],
  exposureFactor: number,
): WaterLost {
  const plants = plantsInPlace({ crop }, container)
  const et0MmPerDay = referenceEvapotranspiration(weather)
  const { shape } = container
  return {
    ...plants,
    et0MmPerDay,
    lossLPerDay: waterLoss({ ...plants, et0MmPerDay, exposureFactor, shape }),
  }
}
