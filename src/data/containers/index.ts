export {
  addContainers,
  changeExposure,
  containersById,
  containersOfLot,
  correctContainer,
  listContainers,
  requireContainers,
  type StoredContainer,
} from './containers'
export { containers } from './tables'
