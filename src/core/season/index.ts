export { canopyArea, YOUNG_SHARE } from './canopyArea'
export { type DryDown, dryDown, type WateringVerdict, wateringFit } from './dryDown'
export { EXPOSURE_FACTORS, EXPOSURES, type Exposure } from './exposure'
export { growingMonths, halfAYearOn, isSouthern, monthsAt } from './growingYear'
export { plantingDay } from './plantingDay'
export {
  extraterrestrialRadiation,
  referenceEvapotranspiration,
} from './referenceEvapotranspiration'
export { type GrowingMonth, waterGiven } from './waterGiven'
export { weeklyTemperatures } from './weeklyTemperatures'
export { type MonthClimate, worstMonth } from './worstMonth'
