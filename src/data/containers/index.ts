export { addReadContainers, takenCodes } from './addReadContainers'
export {
  addContainers,
  changeExposure,
  containersById,
  containersOfLot,
  correctContainer,
  listContainers,
  type NewContainer,
  requireContainers,
  type StoredContainer,
} from './containers'
export {
  type CommonChange,
  changeContainers,
  putContainersAway,
  takeContainersUp,
} from './manyContainers'
export { containers } from './tables'
