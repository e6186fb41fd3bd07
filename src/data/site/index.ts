export { readSite, type Site, writePlace, writeTapWater } from './site'
