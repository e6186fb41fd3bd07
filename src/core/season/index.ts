export { type DryDown, dryDown, type WateringVerdict, wateringFit } from './dryDown'
export {
  extraterrestrialRadiation,
  referenceEvapotranspiration,
} from './referenceEvapotranspiration'
export { weeklyTemperatures } from './weeklyTemperatures'
