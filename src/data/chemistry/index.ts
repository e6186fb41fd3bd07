export { listAmendments } from './amendments'
