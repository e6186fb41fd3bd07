export { type CheapestMix, cheapestMix, type MixTargets } from './cheapestMix'
export { type ClosestMix, closestMix } from './closestMix'
export { type DryDown, dryDown, type WateringVerdict, wateringFit } from './dryDown'
export { growingMonths, halfAYearOn, isSouthern, monthsAt } from './growingYear'
export { daysBetweenWaterings, type MixInPlace, mixInPlace, type PlaceForMix } from './mixInPlace'
export { EXPOSURE_FACTORS, type Exposure, type MixWish, mixWish } from './mixWish'
export {
  extraterrestrialRadiation,
  referenceEvapotranspiration,
} from './referenceEvapotranspiration'
export { type MixChange, smallestChange } from './smallestChange'
export { weeklyTemperatures } from './weeklyTemperatures'
