export { defaultAmendments, defaultCrops, defaultMaterials, defaultProblems } from './readDefaults'
