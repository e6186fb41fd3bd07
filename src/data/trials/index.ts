export type { TrialMedium, TrialPotSize } from './tables'
export {
  changeTrial,
  changeTrialPots,
  codesInUse,
  createTrial,
  listTrials,
  putAwayTrial,
  readTrial,
  requireUnplanted,
  setStepsDone,
  setTreatmentLot,
  type Trial,
  type TrialPot,
  type TrialTreatment,
  trialsInContainer,
  trialsOfLot,
} from './trials'
