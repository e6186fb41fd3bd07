export { findLotNames, findLots, type LotOrder, readLotNames } from './findLots'
export { addFindings, endFinding, endOpenFindings, type NewFinding } from './lotFindings'
export { type LotSummary, listLotSummaries, listStaleLots, writeLotSummaries } from './lotSummaries'
export {
  addMeasurement,
  appendLines,
  createLot,
  putAwayLot,
  renameLot,
  reverseEntry,
  takeUpLot,
  tellLotChanged,
} from './lots'
export {
  innings,
  ledgerEntries,
  lotContents,
  lotPlaces,
  lots,
  type MeasuredQuantity,
  measurements,
} from './lotTables'
export { listMaterials, materialsById, type StoredMaterial, tableMaterial } from './materials'
export { materials } from './materialTables'
export {
  type Innings,
  type LedgerEntry,
  type Lot,
  type LotCard,
  presentInnings,
  readLot,
  readLotCards,
  readLotVersions,
  type StoredFinding,
} from './readLots'
