export { listCrops } from './crops'
export { listProblems } from './problems'
