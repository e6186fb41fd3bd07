export type { TrialMedium, TrialPotSize } from './tables'
export {
  blindContainers,
  codesInUse,
  trialsInContainer,
  trialsOfLot,
  trialsOfMix,
} from './trialLinks'
export { excludePot, logOfTrial, plantingsOfTrial, takeLookBack } from './trialLog'
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
  setStepsDone,
  setTreatmentLot,
  type Trial,
  type TrialPot,
  type TrialTreatment,
} from './trials'
