export { listCrops } from './crops'
export {
  endAllIn,
  endPlanting,
  type NewPlanting,
  openPlantings,
  type Planting,
  plant,
  plantingsIn,
  plantLot,
  takeEndBack,
  takePlantingsOut,
} from './plantings'
export {
  HOW_PLANTED,
  type HowPlanted,
  POT_LOG_KINDS,
  type PotLogKind,
  plantings,
  potLog,
  WHY_ENDED,
  type WhyEnded,
} from './plantingTables'
export { logOf, type PotLogEntry, setLogCounts, writeLog } from './potLog'
export { listProblems, type StoredProblem } from './problems'
