export { type AgedMedia, ageMedia } from './ageMedia'
export { type Blend, blendedCurve, blendMedia } from './blendMedia'
export { calibrateFromPorosity, type PorosityCalibration } from './calibrateFromPorosity'
export { conductivity } from './conductivity'
export { type ContainerCapacity, containerCapacity } from './containerCapacity'
export type { DrainageInput, InitialState, Pour } from './drainage/drainageInput'
export { type Drainage, simulateDrainage } from './drainage/simulateDrainage'
export { timeToMl } from './drainage/timeToMl'
export {
  calibrateFromDrainTest,
  type DrainCalibration,
  type FurtherReading,
} from './drainTest/calibrateFromDrainTest'
export type { DrainTest } from './drainTest/drainTest'
export { entryOf } from './entryOf'
export { HUMIFIED_FINES } from './humifiedFines'
export { type InningsLeft, inningsLeft } from './inningsLeft'
export {
  drainedSuctions,
  type LayeredCapacity,
  layeredCapacity,
  layerSuctionAt,
  type MediaLayer,
} from './layeredCapacity'
export {
  contentsOf,
  type LedgerComponent,
  type LedgerDose,
  type LedgerKind,
  type LedgerLine,
  type LotContents,
  proportionalLine,
  requireBalanced,
  reversingLine,
} from './ledger'
export { type CostedEntry, costOfLine, type LotCost, lotCost } from './lotCost'
export { LOT_STATES, type LotState, type RestingState } from './lotState'
export { LOW_AIR_SHARE } from './lowAirShare'
export {
  type Component,
  componentShares,
  type Material,
  type MaterialGroup,
  type MeasuredMaterial,
  type Share,
} from './material'
export { type MeasuredWater, withMeasuredWater } from './measuredWater'
export { mostThatFits } from './mostThatFits'
export { type RetentionCurve, requireCurve, suctionAt, waterContent } from './retention'
export { settlingShare } from './settlingShare'
export { thresholdProportion } from './thresholdProportion'
export { type Transfer, transferLines } from './transfer'
export { type TrianglePoint, triangleField } from './triangleField'
export { type GrainClass, packedYield, volumeYield } from './volumeYield'
export {
  type PotFill,
  REST_AFTER_WATERING_S,
  type WaterRun,
  type WaterStart,
  waterRun,
} from './waterRun'
