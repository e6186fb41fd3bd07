export { calibrationOfLot } from './calibrationOfLot'
export { lastGroup } from './foundIn'
export { foundViews, problemChoices, triageView } from './foundView'
export { judgeLot, treatmentsOf, triageOptions } from './judgeLot'
export { keptFinding } from './keptFinding'
export type { CardFacts } from './lotFacts'
export {
  isNeverPlanted,
  type LotFacts,
  strataOf,
  type Tables,
  USUAL_COLUMN,
} from './lotFacts'
export { lotFamilies, recentFamilies } from './lotFamilies'
export { lotFaults } from './lotFaults'
export { lotOrderOf } from './lotOrderOf'
export { lotRow } from './lotRow'
export { newFound } from './newFound'
export { potView } from './potView'
export { readCardFacts, readLotFacts, readManyLotFacts, stampOfLot } from './readLotFacts'
export { refuseHeld } from './refuseHeld'
export { litresThatFit, MEASURED_TO, refuseTooMuch } from './requireRoom'
export { dosesIn, feedLeftOf, feedLeftOn } from './reserves'
export { summarizeAllLots, summarizeChangedLots } from './summarizeLots'
export { triageStory } from './triageStory'
export { mixHistory, problemsThatStay, unitedState } from './unitedState'
