export { type DryDown, dryDown, type WateringVerdict, wateringFit } from './dryDown'
export { growingMonths, halfAYearOn, isSouthern, monthsAt } from './growingYear'
export { plantingDay } from './plantingDay'
export {
  extraterrestrialRadiation,
  referenceEvapotranspiration,
} from './referenceEvapotranspiration'
export { weeklyTemperatures } from './weeklyTemperatures'
export { type MonthClimate, worstMonth } from './worstMonth'
