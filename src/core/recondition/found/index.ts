export { blendHistories, type FamilyShare, type MixHistory } from './blendHistories'
export {
  type CarriedFinding,
  type Cleansed,
  carriedByLot,
  carriedFindings,
  type FindingOfLot,
  type LotFlow,
} from './carriedFindings'
export { familiesIn, type Heritage, unitedHeritage } from './heritage'
export {
  cropAfterTrouble,
  daysAfterTrouble,
  type LoggedTrouble,
  occasions,
  troubleAgain,
} from './loggedTrouble'
export { type Found, inForce } from './lotFound'
export { debrisAsked, foundByLook, mixDropCm, NO_LOOK, type PotLook } from './potLook'
export { problemsShownBy, SIGNS, type Sign } from './problemSigns'
export { CARES, type Care, type Meant, meantBy } from './saidAs'
