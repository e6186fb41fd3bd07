import type { MixInPlace } from '../../../core/season'
import type { Wish } from '../../../messages/media/mixViews'
import type { MixQuality } from '../../../workers/jobs'

export type AdjusterId = 'daily' | 'forget' | 'windy' | 'cool' | 'light' | 'heavy'

/** What a habit or a place asks of a mix: one quality of it, brought into a band. */
export interface Adjuster {
  readonly id: AdjusterId
  readonly of: MixQuality
  readonly low: number
  readonly high: number
}

const UNBOUNDED = 1e6
/** Steps that are worth a change of recipe; ours, not published ones. */
const MORE_AIR = 0.04
const A_LITTLE_MORE_AIR = 0.03
const LONGER = 1.3
const LIGHTER = 0.85
const HEAVIER = 1.2

/**
 * The adjusters for a mix as it is now. Air is never asked for above what the crop wants; one that asks for nothing any
 * more is left out.
 */
export function adjustersFor(
  { capacity, dry, blend }: Pick<MixInPlace, 'capacity' | 'dry' | 'blend'>,
  wish: Wish | null,
): Adjuster[] {
  const air = capacity.airFraction
  const most = wish?.airMax ?? 1
  const kgPerL = blend.bulkDensity + capacity.waterFraction
  const all: Adjuster[] = [
    { id: 'daily', of: 'air', low: Math.min(most - 0.005, air + MORE_AIR), high: most },
    { id: 'cool', of: 'air', low: Math.min(most - 0.005, air + A_LITTLE_MORE_AIR), high: most },
    ...(dry.days === null
      ? []
      : ([
          { id: 'forget', of: 'days', low: dry.days * LONGER, high: UNBOUNDED },
          { id: 'windy', of: 'days', low: dry.days * LONGER, high: UNBOUNDED },
        ] as const)),
    { id: 'light', of: 'kgPerL', low: 0, high: kgPerL * LIGHTER },
    { id: 'heavy', of: 'kgPerL', low: kgPerL * HEAVIER, high: UNBOUNDED },
  ]
  return all.filter(({ of, low }) => of !== 'air' || low > air + 0.005)
}
