export { listCrops } from './crops'
export { listProblems, type StoredProblem } from './problems'
