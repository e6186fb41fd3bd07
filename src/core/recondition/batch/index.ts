export { type FinishedBatch, finishBatch } from './finishBatch'
export { type BatchLot, doubtfulPair, type HeapPlan, planBatches } from './planBatches'
