export { addressOfCode } from './addressOfCode'
export { labelsPage } from './labelsPage'
