export { litresThere, newestTransfers, sumsByKind, unbalancedLots } from './audit'
export { bookHeap, type HeapSource } from './bookHeap'
export {
  type CarryRow,
  carriedStamp,
  carryingFindings,
  inningsStarts,
  lotEdges,
  lotsWithTellingTests,
  namesOfLots,
  restsOf,
  standingEntries,
} from './carriedRows'
export {
  findLotIds,
  findLotNames,
  findLotPage,
  findLots,
  type LotOrder,
  readLotNames,
  readLotNamesEver,
  readLotStocks,
} from './findLots'
export {
  addFindings,
  endFinding,
  endFindingsOfTrial,
  endOpenFindings,
  type NewFinding,
} from './lotFindings'
export { type LotSummary, listLotSummaries, listStaleLots, writeLotSummaries } from './lotSummaries'
export {
  addMeasurement,
  appendLines,
  createLot,
  putAwayLot,
  renameLot,
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
export { addTreatment, changeTreatment, type NewTreatment } from './lotTreatments'
export { listMaterials, materialsById, type StoredMaterial, tableMaterial } from './materials'
export { materials } from './materialTables'
export { type MendedLot, mendReversals, seeMends, unseenMends } from './mendReversals'
export { reachedLots, reachedStamp, writeReached } from './reached'
export {
  type Innings,
  type LedgerEntry,
  type Lot,
  type LotCard,
  ledgerEver,
  presentInnings,
  readLot,
  readLotCards,
  readLots,
  readLotVersions,
  type StoredFinding,
  type StoredTreatment,
} from './readLots'
export { reverseEntry } from './reverseEntry'
export {
  bookTransfer,
  type NewTransfer,
  placeWholeLot,
  type StoredTransfer,
  transfersOf,
} from './transfers'
export type { ReachedBy } from './workedOutTables'
