export { type Corrections, readCorrections } from './corrections'
export { readSite, type Site, writePlace, writePpm, writeTapWater } from './site'
