export {
  addFinding,
  endFindingOfTrial,
  listFindings,
  standardFor,
  type TrialFinding,
} from './findings'
export { closedTrials, setOutcome, trialsWithoutOutcome } from './outcomes'
export type { TrialMedium, TrialOutcome, TrialPotSize } from './tables'
export {
  blindContainers,
  codesInUse,
  trialsInContainer,
  trialsOfLot,
  trialsOfMedia,
  trialsOfMix,
} from './trialLinks'
export {
  excludePot,
  isOfClosedTrial,
  logOfTrial,
  looksOfTrials,
  plantingsOfTrial,
  takeLookBack,
} from './trialLog'
export {
  changeTrial,
  changeTrialPots,
  createTrial,
  findTrialNames,
  findTrials,
  listLessons,
  putAwayTrial,
  readTrial,
  replacePlan,
  requireUnplanted,
  runningTrials,
  setStepsDone,
  setTreatmentLot,
  type Trial,
  type TrialPot,
  type TrialTreatment,
} from './trials'
