export { calibrationOfLot } from './calibrationOfLot'
export { lastGroup } from './foundIn'
export { foundViews, problemChoices, triageView } from './foundView'
export { judgeLot, treatmentsOf, triageOptions } from './judgeLot'
export { keptFinding } from './keptFinding'
export type { CardFacts, LotFacts, Tables } from './lotFacts'
export { lotFamilies, recentFamilies } from './lotFamilies'
export { lotFaults } from './lotFaults'
export { lotOrderOf } from './lotOrderOf'
export { isNeverPlanted, strataOf } from './lotParts'
export { lotRow } from './lotRow'
export { USUAL_COLUMN } from './lotWater'
export { newFound } from './newFound'
export { potView } from './potView'
export {
  LOT_TOPICS,
  readCardFacts,
  readLotFacts,
  readManyLotFacts,
  versionOfLot,
} from './readLotFacts'
export { refuseHeld } from './refuseHeld'
export { refuseLimeFor, refuseLimeIn } from './refuseLime'
export { litresThatFit, MEASURED_TO, refuseTooMuch } from './requireRoom'
export { doseEvents, dosesIn, feedLeftOf, feedLeftOn } from './reserves'
export { seasonWater } from './seasonWater'
export { settlingTested, sinksOf } from './sinksOf'
export { summarizeAllLots, summarizeChangedLots } from './summarizeLots'
export { triageStory } from './triageStory'
export { mixHistory, problemsThatStay, unitedState } from './unitedState'
