export {
  addContainers,
  changeExposure,
  containersById,
  listContainers,
  requireContainers,
  type StoredContainer,
} from './containers'
export { containers } from './tables'
