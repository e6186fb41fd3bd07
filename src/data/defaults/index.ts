export { defaultAmendments, defaultCrops, defaultMaterials, defaultProblems } from './readDefaults'
export { SHIPPED_ORIGIN, type ShippedRow, shippedLists } from './shippedLists'
