export {
  addMixVersion,
  createMix,
  findMixes,
  findMixNames,
  listMixes,
  listMixesByIds,
  type Mix,
  type NewVersion,
  putAwayMix,
  readMix,
} from './mixes'
export { mixes, mixVersions } from './mixTables'
