import type { Crop } from '../../chemistry'
import type { Material } from '../../media'

/** A little above the low end, so that rounding and a hard winter's settling do not take it below. */
export const LOW_END_MARGIN = 0.02
const SHORT_BY = 0.015
const OVER_BY = 0.03
const TOO_HEAVY_BY_KG = 0.02
const SHARE_WEIGHT = 0.5
/**
 * Water short of the habit, as a share of what the mix gives without anything that holds more: squared up to a quarter,
 * straight beyond. A pot that dries out in half its habit's days weighs as much as air two points short: water never costs
 * roots theirs. What a litre more is worth only rises with the interval, so that a longer one never gets less of it.
 */
const DRY_WEIGHT = 10
const DRY_STRAIGHT_FROM = 0.25
/** Mineral grains keep their air as long as a plant stays: what rots has to be replaced. */
const MINERAL_CREDIT = 0.3
export const LONG_STAY_WEEKS = 40

export interface ScoreSetting {
  readonly lowAir: number
  readonly highAir: number
  /** Air that ageing takes from the batch over the crop's weeks, share of the volume. */
  readonly loss: number
  readonly weeksInPot: number
  /** Of a litre of fresh mix; null where no price is known: costs then do not count. */
  readonly freshPrice: number | null
  readonly maxKgPerL: number | null
  /** Litres the container has to give between two waterings; 0 where no habit is known. */
  readonly waterWanted: number
  /** Litres it gives with nothing in it to hold water; whatever the habit. */
  readonly waterWithout: number
}

export interface ScoredMix {
  readonly air: number
  readonly share: number
  /** Of what is added, per litre settled. */
  readonly costPerL: number
  readonly kgPerLWet: number
  readonly usableLitres: number
  /** Share of parts of what goes in to hold water. */
  readonly holderShare: number
}

/**
 * How far a mix with so much of an aggregate is from what is wanted; the least is the best. One continuous sum, no tiers:
 * near inputs give near answers (our own weights).
 */
export function aggregateScore(
  {
    lowAir,
    highAir,
    loss,
    weeksInPot,
    freshPrice,
    maxKgPerL,
    waterWanted,
    waterWithout,
  }: ScoreSetting,
  aggregate: Material | null,
  { air, share, costPerL, kgPerLWet, usableLitres, holderShare }: ScoredMix,
): number {
  const short = Math.max(0, lowAir + LOW_END_MARGIN + loss - air) / SHORT_BY
  const over = Math.max(0, air - highAir) / OVER_BY
  const heavy = maxKgPerL === null ? 0 : Math.max(0, kgPerLWet - maxKgPerL) / TOO_HEAVY_BY_KG
  const money = freshPrice === null ? 0 : costPerL / freshPrice
  const dry = waterWithout > 0 ? Math.max(0, waterWanted - usableLitres) / waterWithout : 0
  return (
    short ** 2 +
    over ** 2 +
    heavy ** 2 +
    DRY_WEIGHT * bent(dry) +
    weightOf(aggregate, weeksInPot) * share +
    SHARE_WEIGHT * holderShare +
    money
  )
}

/** A square that goes on straight. */
function bent(dry: number): number {
  return dry <= DRY_STRAIGHT_FROM ? dry ** 2 : DRY_STRAIGHT_FROM * (2 * dry - DRY_STRAIGHT_FROM)
}

/** What a share of it costs in the score, besides money. */
export function weightOf(aggregate: Material | null, weeksInPot: number): number {
  const lasts = aggregate?.decayPerYear === 0 && weeksInPot > LONG_STAY_WEEKS
  return SHARE_WEIGHT - (lasts ? MINERAL_CREDIT : 0)
}

/** Most aggregate by default, a share of the parts: what grows on trees or in deserts wants little else. */
export function mostAggregate({ kind }: Pick<Crop, 'kind'>, usual: number): number {
  if (kind === 'epiphyte') return 0.8
  if (kind === 'succulent') return 0.65
  return usual
}
