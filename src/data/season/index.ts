export { listCrops } from './crops'
export { type EarlierSeason, wholeYear, writeEarlierSeasons } from './earlierSeasons'
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
export { plantings, potLog } from './plantingTables'
export { logOf, type PotLogEntry, setLogCounts, writeLog } from './potLog'
export { listProblems, type StoredProblem } from './problems'
