export { type BlockTerm, blockAnova } from './blockAnova'
export { cochranArmitage } from './cochranArmitage'
export { type Comparison, compareToControl } from './compareToControl'
export { type Description, describe } from './describe'
export { type DoseResponse, doseResponse } from './doseResponse'
export { type Fisher, fisherExact } from './fisherExact'
export { type Growth, growthCurve } from './growthCurve'
export { holm } from './holm'
export { layoutTrial, type TrialPlace } from './layoutTrial'
export { type MaxT, type MaxTOptions, maxTAgainstControl } from './maxTAgainstControl'
export type { PotValues } from './pots'
export { powerTwoGroups, replicatesNeeded, smallestDifference } from './power'
export { signTest } from './signTest'
export {
  smallestFisherP,
  smallestMaxTP,
  type Verdict,
  type VerdictInput,
  type VerdictReason,
  verdict,
} from './verdict'
export { type Welch, welchAnova } from './welchAnova'
export { wilson } from './wilson'
