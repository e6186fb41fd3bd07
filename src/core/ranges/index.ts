export { type MediaRange, mediaRange, type RangeTest } from './mediaRange'
export type { Range } from './quantiles'
