export {
  extraterrestrialRadiation,
  referenceEvapotranspiration,
} from './referenceEvapotranspiration'
export { weeklyTemperatures } from './weeklyTemperatures'
