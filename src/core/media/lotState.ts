/**
 * Where a lot is in its year: worked on by an open order, in need of something, cleared and to be turned over, filled and not planted yet, growing,
 * in a store bin, or with nothing in it.
 */
export const LOT_STATES = [
  'working',
  'act',
  'turn-over',
  'ready',
  'growing',
  'store',
  'empty',
] as const
export type LotState = (typeof LOT_STATES)[number]
/** A lot's state but for a work order on it. */
export type RestingState = Exclude<LotState, 'working'>
