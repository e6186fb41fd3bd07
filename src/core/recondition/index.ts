export { blendHistories, type FamilyShare, type MixHistory } from './blendHistories'
export {
  type CarriedFinding,
  type Cleansed,
  carriedByLot,
  carriedFindings,
  type FindingOfLot,
  type LotFlow,
} from './carriedFindings'
export { type CropBar, cropBars, seasonOf } from './cropBars'
export { cropInPot } from './cropInPot'
export { feedLeftIn } from './feedLeftIn'
export { type FinishedBatch, finishBatch } from './finishBatch'
export { familiesIn, type Heritage, unitedHeritage } from './heritage'
export { isTooFull, shareInPlace, type TippedFor, whyTipped } from './inPlace'
export {
  type Intake,
  litresAtLevel,
  type RootMass,
  type WorkVariant,
} from './intake'
export { bestRung } from './ladder/bestRung'
export type {
  BestReason,
  BestRung,
  Gate,
  Ladder,
  LadderClimate,
  LadderInput,
  LadderPriorities,
  Rung,
  RungBar,
  RungId,
  RungNote,
} from './ladder/ladderTypes'
export { MOST_LADDERS, RUNG_IDS } from './ladder/ladderTypes'
export { planLadder } from './ladder/planLadder'
export { RUNG_RECIPES } from './ladder/rungRecipes'
export { leachOldMix } from './leaching'
export { type LimeBar, limeBar } from './limeGuard'
export {
  cropAfterTrouble,
  daysAfterTrouble,
  type LoggedTrouble,
  occasions,
  troubleAgain,
} from './loggedTrouble'
export { lotComponents } from './lotComponents'
export { type Found, inForce } from './lotFound'
export { ecWithoutStarter, type ServedSigns, seasonsServed } from './mixAge'
export { type MixState, mixStateOf } from './mixState'
export { type BatchLot, doubtfulPair, type HeapPlan, planBatches } from './planBatches'
export {
  debrisAsked,
  foundByLook,
  mixDropCm,
  NO_LOOK,
  type PotLook,
} from './potLook'
export { DEFAULT_PRIORITIES } from './practice'
export { predictMix } from './predict'
export { problemsShownBy, SIGNS, type Sign } from './problemSigns'
export {
  type RecipeRanges,
  recipeComponents,
  recipeRanges,
  testsOf,
  type WorthTesting,
  whyWithRanges,
} from './recipeRanges'
export {
  type AggregateOption,
  type CheckId,
  DEFAULT_COMPOST_SHARE,
  DEFAULT_LIMITS,
  type DoseRole,
  type FeedSchool,
  type LotMeasured,
  type PartRole,
  type Prediction,
  type Recipe,
  type RecipeCheck,
  type RecipeDose,
  type RecipeInput,
  type RecipeLimits,
  type RecipePart,
  type StockAmendment,
  type StockMaterial,
  type TriageVerdict,
} from './recipeTypes'
export { roundGrams, roundLitres } from './rounding'
export { CARES, type Care, type Meant, meantBy } from './saidAs'
export { type Load, scaleToLoads } from './scaleToLoads'
export { scheduleWork } from './scheduleWork'
export {
  aggregateHabit,
  cleaningLoss,
  DEFAULT_SCHOOLS,
  heatBeforeSeed,
  type Schools,
} from './schools'
export type { SolubleFeed } from './solubleFeed'
export { solveRecipe } from './solveRecipe'
export { type StepDay, stepDays } from './stepDays'
export { type SurplusUse, surplusUse } from './surplus'
export { mayMix } from './triage/mayMix'
export { TREATMENT_KINDS, type Treatment, type TreatmentKind } from './triage/treatments'
export { triage } from './triage/triage'
export type {
  FamilyBar,
  MixWith,
  Problem,
  Triage,
  TriageAction,
  TriageAnswer,
  TriageDone,
  TriageFinding,
  TriageOptions,
  TriageRule,
} from './triage/triageTypes'
export { type TriageChange, triageHistory } from './triageHistory'
export { type LotTriage, triageOfLot } from './triageOfLot'
export { waterLostIn } from './waterLostIn'
export type {
  CautionId,
  ScheduleOptions,
  StepAmount,
  StepKind,
  StepNote,
  ToolId,
  WaitReason,
  WorkStep,
} from './workTypes'
