export { wilson } from '../statistics'
export { assignPots, type FreePot } from './assignPots'
export { type BlockTerm, blockAnova } from './blockAnova'
export { type ComparedTreatment, changesFromControl, type Difference } from './changesFromControl'
export { cochranArmitage } from './cochranArmitage'
export { type CountResult, type CountsResult, compareCounts } from './compareCounts'
export { compareGroups, type GroupsResult, type TreatmentResult } from './compareGroups'
export {
  type BlockComparison,
  type BlockOfTwo,
  compareInBlocks,
} from './compareInBlocks'
export { compareSides, type SidesResult } from './compareSides'
export { type Comparison, compareToControl } from './compareToControl'
export { type ControlOutcome, controlReached } from './controlReached'
export { countFindable } from './countPower'
export { bearsFruit, type HarvestedCrop, mainMeasure } from './deciding'
export { type Description, describe } from './describe'
export { type DoseResponse, doseResponse } from './doseResponse'
export { type DesignQuestion, type Findable, findable } from './findable'
export { type Fisher, fisherExact } from './fisherExact'
export { type Growth, growthCurve } from './growthCurve'
export { holm } from './holm'
export type { DecidingTest } from './judgedBy'
export { layoutTrial, type TrialPlace } from './layoutTrial'
export { type MaxT, type MaxTOptions, maxTAgainstControl } from './maxTAgainstControl'
export {
  type MeasureQuestion,
  type MeasureResult,
  measureResult,
  potValuesAt,
  type Side,
  survivalResult,
  type TrialPotCourse,
  wishFor,
} from './measureResult'
export type { PotValues } from './pots'
export { type PotCourse, type PotRecord, potValue, usualSummary } from './potValue'
export { powerTwoGroups, replicatesNeeded, smallestDifference } from './power'
export { type DesignPower, type PowerQuestion, powerOfDesign } from './powerOfDesign'
export { type ProtocolStep, type ProtocolStepId, protocolSteps } from './protocolSteps'
export {
  type CandidateValue,
  type CandidateWish,
  MOST_CANDIDATES,
  type RankedCandidates,
  rankCandidates,
  toldApart,
} from './rankCandidates'
export { type DesignRemark, type DesignToReview, reviewDesign } from './reviewDesign'
export { signTest } from './signTest'
export { spreadsOf, traySpread } from './spreads'
export { type PotEvent, suspectedEffects } from './suspectedEffects'
export { swapPlaces } from './swapPlaces'
export { nearestCheck, type TrialCheck, trialChecks } from './trialChecks'
export * from './trialKinds'
export * from './trialRecords'
export {
  smallestFisherP,
  smallestMaxTP,
  type Verdict,
  type VerdictInput,
  type VerdictReason,
  verdict,
} from './verdict'
export { type Welch, welchAnova } from './welchAnova'
