export { type Corrections, readCorrections } from './corrections'
export { readSite, type Site, writePlace, writePpm, writePractice, writeTapWater } from './site'
