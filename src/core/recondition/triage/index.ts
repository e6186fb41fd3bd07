export { type CropBar, cropBars, seasonOf } from './cropBars'
export { mayMix } from './mayMix'
export { TREATMENT_KINDS, type Treatment, type TreatmentKind } from './treatments'
export { triage } from './triage'
export { type TriageChange, triageHistory } from './triageHistory'
export { type LotTriage, triageOfLot } from './triageOfLot'
export {
  type FamilyBar,
  type MixWith,
  type Problem,
  TRIAGE_ACTIONS,
  TRIAGE_VERDICTS,
  type Triage,
  type TriageAction,
  type TriageAnswer,
  type TriageDone,
  type TriageFinding,
  type TriageOptions,
  type TriageRule,
} from './triageTypes'
