export { weeklyTemperatures } from './weeklyTemperatures'
