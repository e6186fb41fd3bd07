export { benchMoments, benchTests, sampleCalibrations } from './benchTables'
export {
  addMoment,
  correctMoment,
  finishTest,
  keepDraft,
  startTest,
  throwTestAway,
} from './benchTests'
export { readKit, writeKit } from './kit'
export { addCalibration, addPen, listPens, type Pen, rememberPen } from './pens'
export {
  type BenchTest,
  listBenchTests,
  listFinishedTestsOf,
  listSetAside,
  listTestsById,
  listTestsOf,
  listTestsSinceMixing,
  readBenchTest,
  readRunBefore,
  readSet,
  type StoredTest,
  type TestTold,
  type ToldTest,
} from './readBenchTests'
export {
  addSampleCalibration,
  listCalibrationsOf,
  listCalibrationsOfLots,
  listCalibrationsOfMixes,
  type StoredCalibrationOfSample,
} from './sampleCalibrations'
export { readSampleNames, type Sample, sampleKey } from './samples'
