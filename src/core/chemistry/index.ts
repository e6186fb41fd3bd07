export { type BlendPh, blendPh } from './blendPh'
export { ecAt25 } from './ecAt25'
export { type FeedPlan, feedPlan } from './feedPlan'
export { feedLeft, nitrogenLeft } from './feedReserve'
export { type DoseLimit, type FertilizerDose, fertilizerDose } from './fertilizerDose'
export { type Jar, type JarTest, jarTest } from './jarTest'
export { type Leaching, leach } from './leach'
export {
  type LimeDose,
  type LimeReason,
  type LimingMaterial,
  limeDose,
  limeEffect,
} from './limeDose'
export { unreactedLime } from './limeReserve'
export {
  coverageWithRelease,
  isNeverFed,
  type NitrogenBudget,
  type NitrogenWeek,
  nitrogenBudget,
  refeed,
} from './nitrogenBudget'
export { type NitrogenBudgetInput, nitrogenSpanWeeks, servedFor, stillGiven } from './nitrogenFlows'
export { type NitrogenSupply, nitrogenSupply } from './nitrogenSupply'
export { type PkBalance, type PkVerdict, pkBalance } from './pkBalance'
export { potDemand } from './potDemand'
export { reacted, warmDays } from './release'
export { type DoseEvent, type Reserve, reservesIn } from './reserves'
export {
  type BlendEc,
  blendEc,
  convertEc,
  EC_METHODS,
  type EcBand,
  type EcMethod,
  ecBand,
} from './salts'
export { type SulfurDose, type SulfurReason, sulfurDose, sulfurEffect } from './sulfurDose'
export type { Amendment, AmendmentKind, Crop, CropKind, Dose } from './tables'
export { type WaterDrift, waterDrift } from './waterDrift'
