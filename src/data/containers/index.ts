export {
  addContainers,
  containersById,
  listContainers,
  requireContainers,
  type StoredContainer,
} from './containers'
export { containers } from './tables'
