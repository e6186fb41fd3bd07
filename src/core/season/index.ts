export { canopyArea, YOUNG_SHARE } from './canopyArea'
export { type DrainHoles, drainHoles, emitters, type Spot } from './drainHoles'
export { type DryDown, dryDown } from './dryDown'
export { EXPOSURE_FACTORS, EXPOSURES, type Exposure } from './exposure'
export { settlingTopUp, usualHeadspaceCm } from './filling'
export { growingMonths, halfAYearOn, isSouthern, monthsAt } from './growingYear'
export { GROWTH_SCORES, type GrowthScore, type Outcome, outcomeOf } from './growth'
export {
  ENDINGS,
  type Ending,
  HOW_PLANTED,
  type HowPlanted,
  POT_LOG_KINDS,
  type PotLogKind,
} from './planting'
export { plantingDay } from './plantingDay'
export { DRESSING_CM, type PottingOn, potOn, topDressing } from './potOn'
export {
  extraterrestrialRadiation,
  referenceEvapotranspiration,
} from './referenceEvapotranspiration'
export { usableWater } from './usableWater'
export { type GrowingMonth, waterGiven } from './waterGiven'
export { DRIES_OUT_PAST, type WateringVerdict, wateringFit } from './wateringFit'
export { waterLoss } from './waterLoss'
export { type Grown, nearestPlace, type PlaceChoice, sizeThatDoes } from './waysOut'
export { weeklyTemperatures } from './weeklyTemperatures'
export { type MonthClimate, worstMonth } from './worstMonth'
