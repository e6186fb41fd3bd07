import type { LadderPriorities } from '../ladder'

/** Growth first of all, money and work after it alike. */
export const DEFAULT_PRIORITIES: Required<LadderPriorities> = {
  cost: 1,
  effort: 1,
  yield: 3,
  peatFree: false,
  noMineralFeed: false,
}
