export { addReadContainers, takenCodes } from './addReadContainers'
export {
  addContainers,
  containersById,
  containersOfLot,
  correctContainer,
  listContainers,
  type NewContainer,
  placeLot,
  requireContainers,
  type StoredContainer,
  setFiller,
} from './containers'
export {
  type CommonChange,
  changeContainers,
  changeExposure,
  putContainersAway,
  takeContainersUp,
} from './manyContainers'
export { nextCodes } from './nextCodes'
export {
  addPlace,
  changePlace,
  listPlaces,
  type Place,
  placed,
  putPlaceAway,
} from './places'
export { containers } from './tables'
