export {
  AIR_TEST_ERROR,
  type AirVerdict,
  airAgainstExpected,
  type BesideReference,
  besideReference,
  type DrainVerdict,
  runsApart,
  timeAgainstExpected,
} from './againstExpected'
export type {
  BenchExpected,
  BenchOutcome,
  BenchUnit,
  BenchValue,
  BenchVerdict,
  HeatProblem,
  SamplePot,
  SampleReading,
  TestKit,
  TestWater,
} from './benchTypes'
export {
  type CalibrationDoubt,
  calibrateSample,
  type DrainMade,
  type PorosityMade,
  type SampleCalibration,
} from './calibrateSample'
export { type ChangeOverInnings, changeOverInnings, type InningsValue } from './changeOverInnings'
export { type ClockMoment, secondsSince } from './clockMoments'
export {
  type Column,
  type ColumnPour,
  type ExpectedDrain,
  expectedDrain,
  filled,
  type Hydraulics,
  learnFromDrain,
} from './columnRun'
export { DEFAULT_KIT } from './defaultKit'
export { type DrainObservation, type DrainReadings, drainReadings } from './drainReadings'
export { FINDING_KINDS, type Finding, type FindingKind, findingsOf } from './findings'
export { fitSpeed, type SpeedFit } from './fitSpeed'
export {
  type HeatDose,
  type HeatReading,
  type HeatRecord,
  heatRecord,
  TOO_HOT_C,
} from './heatRecord'
export { jarReading } from './jarReading'
export {
  judgeSeedlings,
  type SeedlingAnswer,
  type SeedlingJudgement,
  type SeedlingLack,
  type SeedlingPot,
} from './judgeSeedlings'
export { type Look, lookOver, SIGHTS, type Sight, SMELLS, type Smell } from './lookChips'
export { type MeterObservation, type MeterReading, meterReading, saltReading } from './meterReading'
export {
  type Observation,
  type Observations,
  SEEDLING_SIGNS,
  SEEDLING_SORTS,
  type SeedlingSign,
  type SeedlingSort,
} from './observations'
export { type Derived, derive, type TestContext } from './outcomes/derive'
export { expectedOf } from './outcomes/expectedOf'
export { type LearnableRun, learn } from './outcomes/learn'
export { type TestMoment, withClock } from './outcomes/withClock'
export { type Palm, palmTest } from './palmTest'
export {
  type BufferReading,
  type PenCalibration,
  type PenDoubt,
  type PenTrust,
  penSlope,
  penTrust,
} from './penTrust'
export {
  type PorosityObservation,
  type PorosityReadings,
  porosityReadings,
  type StartMoisture,
  SUPPOSED_WATER,
} from './porosityReadings'
export { type JudgedSeedlings, judgedSeedlings } from './seedlingRecord'
export { type Settling, settlingTest } from './settlingTest'
export { type Sieve, sieveTest } from './sieveTest'
export { runsDisagree, type Spread, spreadOf } from './spread'
export { BALLS, type Ball, DROPS, type Drops, type Squeeze, squeezeTest } from './squeezeTest'
export { type SampleKind, TEST_KINDS, type TestKind } from './testKinds'
export { VERDICT_KEYS, type VerdictKey } from './verdictKeys'
export { type WeedCount, type WeedTray, weedCount, weedsInAll } from './weedCount'
export { LONGEST_DROP_S, type Wetting, wettingTest } from './wettingTest'
