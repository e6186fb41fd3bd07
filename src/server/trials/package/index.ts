export { importTrial } from './importTrial'
export { trialPackage, trialReadings } from './trialPackage'
