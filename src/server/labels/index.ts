export { addressOfCode } from './addressOfCode'
export { labelsPage } from './labelsPage'
export { qrText } from './qrText'
