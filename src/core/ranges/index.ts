export { type MediaRange, mediaRange } from './mediaRange'
export type { Range } from './quantiles'
export type { RangeTest } from './weighTests'
