export { type Adjuster, type AdjusterId, type AdjusterPot, adjustersFor } from './adjustersFor'
export { type CheapestMix, cheapestMix, type MixTargets } from './cheapestMix'
export { type ClosestMix, closestMix } from './closestMix'
export { groupOfCrop } from './groupOfCrop'
export { type Growing, LOSS_RANGE, type PlantsInPlace, plantsInPlace } from './growing'
export {
  brokenBounds,
  keepsBounds,
  leastWater,
  type MixBound,
  type MixBounds,
} from './mixBounds'
export { type MixCost, mixCost } from './mixCost'
export { daysBetweenWaterings, type MixInPlace, mixInPlace, type PlaceForMix } from './mixInPlace'
export { type MixQuality, mixQuality } from './mixQuality'
export type { MixFor, MixPart } from './mixRecipe'
export { type MixWish, mixWish } from './mixWish'
export { type MixAnswer, mixWithRange } from './mixWithRange'
export { type PhRemedy, phRemedy } from './phRemedy'
export { groupById, PLANT_GROUPS, type PlantGroup, type PlantGroupId } from './plantGroups'
export { hardWater, type SeasonWater } from './seasonWater'
export { type MixChange, smallestChange } from './smallestChange'
export { USUAL_POTS, type UsualPot } from './usualPots'
