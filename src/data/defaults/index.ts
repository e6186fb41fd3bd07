export { defaultAmendments, defaultCrops, defaultMaterials } from './readDefaults'
