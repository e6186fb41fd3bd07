export { type BlendPh, blendPh } from './blendPh'
export { type DoseLimit, type FertilizerDose, fertilizerDose } from './fertilizerDose'
export { type Leaching, leach } from './leach'
export {
  type LimeDose,
  type LimeReason,
  type LimingMaterial,
  limeDose,
  limeEffect,
} from './limeDose'
export {
  isNeverFed,
  type NitrogenBudget,
  type NitrogenBudgetInput,
  type NitrogenWeek,
  nitrogenBudget,
  nitrogenSpanWeeks,
} from './nitrogenBudget'
export { type NitrogenSupply, nitrogenSupply } from './nitrogenSupply'
export { reacted } from './release'
export { type BlendEc, blendEc, convertEc, type EcMethod } from './salts'
export { type SulfurDose, type SulfurReason, sulfurDose, sulfurEffect } from './sulfurDose'
export type { Amendment, AmendmentKind, Crop, CropKind, Dose } from './tables'
export { PH_UNCERTAINTY, RELATIVE_UNCERTAINTY } from './uncertainty'
