export { listCrops } from './crops'
export { type EarlierSeason, wholeYear, writeEarlierSeasons } from './earlierSeasons'
export { firstPlanted, movePlanting, movePlantingBack, movesOf } from './movePlanting'
export { addPhoto, readPhoto } from './photos'
export {
  endAllIn,
  endPlanting,
  lastCropsIn,
  lastCropsInAll,
  type NewPlanting,
  openPlantings,
  type Planting,
  plant,
  plantingsIn,
  readPlanting,
  takeEndBack,
  takePlantingsOut,
} from './plantings'
export { plantings, potLog } from './plantingTables'
export { plantLot } from './plantLot'
export { logOf, type PotLogEntry, setLogCounts, writeLog, writeLogs } from './potLog'
export { listProblems, type StoredProblem } from './problems'
export { growingPlanting, plantingsOfLot } from './readPlantings'
export { type TroubleAt, troubleInLots } from './troubleIn'
