import { waterDrift } from '../chemistry'
import type { ContainerShape } from '../containers'
import type { MixInPlace } from './mixInPlace'
import type { MixQuality } from './mixQuality'
import type { MixWish } from './mixWish'
import { hardWater, type SeasonWater } from './seasonWater'

export type AdjusterId =
  | 'daily'
  | 'forget'
  | 'windy'
  | 'cool'
  | 'light'
  | 'heavy'
  | 'hardWater'
  | 'small'
  | 'shallow'

/** One of the own pots the mix may move into. */
export interface AdjusterPot {
  readonly name: string
  readonly shape: ContainerShape
  readonly headspaceCm: number
  readonly litres: number
}

/** What a habit or a place asks of a mix: one quality of it, brought into a band. */
export interface Adjuster {
  readonly id: AdjusterId
  readonly quality: MixQuality
  readonly low: number
  readonly high: number
  readonly water?: SeasonWater
  /** Share of rain water that would do the same. */
  readonly rainShare?: number
  /** The mix moves into this one of the own pots. */
  readonly pot?: AdjusterPot
}

const UNBOUNDED = 1e6
/** Steps that are worth a change of recipe; ours, not published ones. */
const MORE_AIR = 0.04
const A_LITTLE_MORE_AIR = 0.03
const LONGER = 1.3
const LIGHTER = 0.85
const HEAVIER = 1.2
/** A pot is small or shallow where it has at most so much of the litres or height of the present one. */
const SMALL = 0.6
const SHALLOW = 0.75

/**
 * The adjusters for a mix as it is now. Air is never asked for above what the crop wants; one that asks for nothing any
 * more is left out.
 */
export function adjustersFor(
  { capacity, dry, blend, ph, buffer, fillLitres, waterGivenLitres }: MixInPlace,
  {
    wish,
    pot,
    pots = [],
    everyDays = null,
    alkalinityMgPerL = 0,
  }: {
    readonly wish: MixWish | null
    readonly pot?: AdjusterPot | null
    /** The own ones. */
    readonly pots?: readonly AdjusterPot[]
    readonly everyDays?: number | null
    readonly alkalinityMgPerL?: number
  },
): Adjuster[] {
  const air = capacity.airFraction
  const most = wish?.airMax ?? 1
  const kgPerL = blend.bulkDensity + capacity.waterFraction
  const all: Adjuster[] = [
    { id: 'daily', quality: 'air', low: Math.min(most - 0.005, air + MORE_AIR), high: most },
    {
      id: 'cool',
      quality: 'air',
      low: Math.min(most - 0.005, air + A_LITTLE_MORE_AIR),
      high: most,
    },
    ...(dry.days === null
      ? []
      : ([
          { id: 'forget', quality: 'days', low: dry.days * LONGER, high: UNBOUNDED },
          { id: 'windy', quality: 'days', low: dry.days * LONGER, high: UNBOUNDED },
        ] as const)),
    { id: 'light', quality: 'kgPerL', low: 0, high: kgPerL * LIGHTER },
    { id: 'heavy', quality: 'kgPerL', low: kgPerL * HEAVIER, high: UNBOUNDED },
  ]
  const useful = all.filter(({ quality, low }) => quality !== 'air' || low > air + 0.005)
  return [
    ...useful,
    ...(pot ? inOtherPots({ air, days: dry.days, wish, pot, pots, everyDays }) : []),
    ...(wish && fillLitres > 0
      ? [
          afterHardWater({
            wish,
            ph,
            buffer,
            season: { alkalinityMgPerL, litres: waterGivenLitres, mediaLitres: fillLitres },
          }),
        ]
      : []),
  ]
}

/** The nearest smaller pot has to last as long, the nearest lower one to hold as much air. */
function inOtherPots({
  air,
  days,
  wish,
  pot,
  pots,
  everyDays,
}: {
  readonly air: number
  readonly days: number | null
  readonly wish: MixWish | null
  readonly pot: AdjusterPot
  readonly pots: readonly AdjusterPot[]
  readonly everyDays: number | null
}): Adjuster[] {
  const fillHeight = ({ shape, headspaceCm }: AdjusterPot) => shape.heightCm - headspaceCm
  const largest = (of: (one: AdjusterPot) => number, share: number) =>
    pots
      .filter((one) => of(one) <= share * of(pot))
      .reduce<AdjusterPot | null>((best, one) => (best && of(best) >= of(one) ? best : one), null)
  const small = days === null ? null : largest(({ litres }) => litres, SMALL)
  const shallow = largest(fillHeight, SHALLOW)
  return [
    ...(small && days !== null
      ? [
          {
            id: 'small' as const,
            quality: 'days' as const,
            low: Math.min(days, everyDays ?? days),
            high: UNBOUNDED,
            pot: small,
          },
        ]
      : []),
    ...(shallow
      ? [
          {
            id: 'shallow' as const,
            quality: 'air' as const,
            low: Math.min(air, wish?.airMin ?? air),
            high: wish?.airMax ?? 1,
            pot: shallow,
          },
        ]
      : []),
  ]
}

/** A season of hard water lifts the pH: the mix has to start lower, or bear it. */
function afterHardWater({
  wish: { pHLow, pHHigh },
  ph,
  buffer,
  season,
}: {
  readonly wish: MixWish
  readonly ph: number
  readonly buffer: number
  readonly season: SeasonWater
}): Adjuster {
  const water = hardWater(season)
  const { rainShare } = waterDrift({
    alkalinity: water.alkalinityMgPerL,
    litresApplied: water.litres,
    mediaLitres: water.mediaLitres,
    buffer,
    ph,
    phHigh: pHHigh,
  })
  return {
    id: 'hardWater',
    quality: 'autumnPh',
    low: pHLow,
    high: pHHigh,
    water,
    ...(rainShare === null ? {} : { rainShare }),
  }
}
