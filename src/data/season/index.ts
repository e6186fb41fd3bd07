export { listCrops } from './crops'
export { type EarlierSeason, wholeYear, writeEarlierSeasons } from './earlierSeasons'
export { firstPlanted, movePlanting, movePlantingBack, movesOf } from './movePlanting'
export { addPhoto, readPhoto } from './photos'
export {
  endAllIn,
  endPlanting,
  growingPlanting,
  type NewPlanting,
  openPlantings,
  type Planting,
  plant,
  plantingsIn,
  plantingsOfLot,
  plantLot,
  readPlanting,
  takeEndBack,
  takePlantingsOut,
} from './plantings'
export { plantings, potLog } from './plantingTables'
export { logOf, type PotLogEntry, setLogCounts, writeLog } from './potLog'
export { listProblems, type StoredProblem } from './problems'
export { type TroubleAt, troubleIn } from './troubleIn'
