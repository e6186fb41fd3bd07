export { type Corrections, readCorrections } from './corrections'
export { readSite, type Site, writePlace, writeTapWater } from './site'
