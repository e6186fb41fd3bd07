export { noCorrection, planAcidity } from './acidity'
export { acidMixShare } from './acidMix'
export { type Batch, type BatchShares, fillBatch } from './batch'
export { type CompostReason, compostShare, heldByTrial, toppedUpTo } from './compostShare'
export { cropInPot } from './cropInPot'
export { feedLeftIn } from './feedLeftIn'
export { isTooFull, shareInPlace, type TippedFor, whyTipped } from './inPlace'
export { type Intake, litresAtLevel, type RootMass, type WorkVariant } from './intake'
export { leachOldMix } from './leaching'
export { type LimeBar, limeBar } from './limeGuard'
export { lotComponents } from './lotComponents'
export { ecWithoutStarter, type ServedSigns, seasonsServed } from './mixAge'
export { type MixState, mixStateOf } from './mixState'
export { DEFAULT_PRIORITIES } from './practice'
export { predictMix } from './predict'
export {
  dosesOf,
  type RecipeRanges,
  recipeComponents,
  recipeRanges,
  testsOf,
  type WorthTesting,
  whyWithRanges,
} from './recipeRanges'
export { type RecipeSetting, recipeSetting } from './recipeSetting'
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
  type RecipeLot,
  type RecipePart,
  type StockAmendment,
  type StockMaterial,
  type TriageVerdict,
} from './recipeTypes'
export { roundGrams, roundLitres } from './rounding'
export { type Load, scaleToLoads } from './scaleToLoads'
export {
  aggregateHabit,
  cleaningLoss,
  DEFAULT_SCHOOLS,
  heatBeforeSeed,
  type Schools,
} from './schools'
export type { SolubleFeed } from './solubleFeed'
export { solveRecipe } from './solveRecipe'
export { type SurplusUse, surplusUse } from './surplus'
export { daysOf } from './wateringHabit'
export { waterLostIn } from './waterLostIn'
export { writeRecipe } from './writeRecipe'
