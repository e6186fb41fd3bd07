import type { Crop } from '../../chemistry'
import {
  ageMedia,
  blendedCurve,
  blendMedia,
  containerCapacity,
  type Material,
  type Share,
} from '../../media'
import { usableWater } from '../../season'
import { aggregateScore, type ScoreSetting } from './aggregateScore'
import { type Batch, type BatchShares, type BatchSources, fillBatch } from './batch'
import type { RecipeInput, StockMaterial, WateringHabit } from './recipeTypes'
import { waterWanted } from './wateringHabit'

/** A shrub's two years. */
const LONGEST_AGEING_WEEKS = 104
const MONTHS_PER_WEEK = 12 / 52.1775

export interface SearchSetting {
  readonly sources: BatchSources
  readonly container: RecipeInput['container']
  readonly crop: Crop
  readonly candidates: readonly StockMaterial[]
  readonly priceOf: (id: string | undefined) => number
  readonly freshPrice: number | null
  /** Share that the school fixes; the kind is still the best one. */
  readonly fixedShare: number | null
  readonly meanTempC: number
  readonly humifiedFines: Material
  /** Fresh mix that goes in for another reason, at least. */
  readonly freshAtLeast: number
  readonly watering: WateringHabit | null
}

export interface Tried {
  /** null for no aggregate at all. */
  readonly stock: StockMaterial | null
  readonly share: number
  readonly air: number
  /** Water between draining and the refill point of the habit, L in the container; 0 where none is known. */
  readonly usableLitres: number
  readonly score: number
}

/** Mixes tried in a search, each worked out once: its air, and how far it is from what is wanted. */
export class MixTrials {
  private readonly known = new Map<string, Map<number, Tried>>()
  private readonly losses = new Map<string, number>()

  constructor(private readonly setting: SearchSetting) {}

  /** A mix with so much of an aggregate, kept: the same shares are asked for again beside the recipe. */
  at(shares: BatchShares, stock: StockMaterial | null, share: number): Tried {
    const id = share > 0 ? (stock?.material.id ?? '') : ''
    const { holder } = shares
    const held = holder ? `${holder.material.id} ${holder.share}` : ''
    const key = `${shares.compost} ${shares.freshAtLeast} ${id} ${held}`
    const kept = this.known.get(key) ?? new Map<number, Tried>()
    this.known.set(key, kept)
    const before = kept.get(share)
    if (before) return { ...before, stock }
    const tried = this.workOut(shares, stock, share)
    kept.set(share, tried)
    return tried
  }

  private workOut(shares: BatchShares, stock: StockMaterial | null, share: number): Tried {
    const wanted = stock ? withAggregate(shares, stock, share) : shares
    const { crop, container, priceOf, freshPrice, sources, watering } = this.setting
    const { components, volumeYield, settlingShare, shares: of } = fillBatch(sources, wanted)
    const bare = bareShares(components)
    const curve = blendedCurve(bare, volumeYield)
    const { airFraction, waterFraction } = containerCapacity({ curve, ...container })
    const dry = bare.reduce((sum, one) => sum + one.share * one.material.bulkDensity, 0)
    const { limits, lotPricePerLitre } = sources
    const perPart =
      of.lot * lotPricePerLitre +
      of.compost * priceOf(sources.compost?.id) +
      of.aggregate * priceOf(stock?.material.id) +
      of.holder * priceOf(wanted.holder?.material.id) +
      of.fresh * priceOf(sources.fresh?.id)
    const setting: ScoreSetting = {
      lowAir: crop.airMinPercent / 100,
      highAir: crop.airMaxPercent / 100,
      loss: this.lossOf(shares, stock, share),
      weeksInPot: crop.weeksInPot,
      freshPrice,
      maxKgPerL: limits.maxKgPerL ?? null,
      waterWanted: watering ? waterWanted(watering) : 0,
      waterWithout: watering ? this.waterWithout(shares, watering) : 0,
    }
    const usableLitres = watering
      ? usableWater({ curve, ...container, refillSuctionCm: watering.refillSuctionCm })
      : 0
    const score = aggregateScore(setting, stock?.material ?? null, {
      air: airFraction,
      share,
      costPerL: perPart / (volumeYield * (1 - settlingShare)),
      kgPerLWet: dry / volumeYield + waterFraction,
      usableLitres,
      holderShare: of.holder,
    })
    return { stock, share, air: airFraction, usableLitres, score }
  }

  /**
   * Air that ageing takes from the batch over the crop's weeks, with so much of an aggregate in it: straight between none
   * and the most of it.
   */
  lossOf(shares: BatchShares, stock: StockMaterial | null = null, share = 0): number {
    const without = this.lossWith(shares, null, 0)
    const room = 1 - shares.compost - shares.freshAtLeast
    const most = Math.min(this.setting.sources.limits.maxAggregateShare, room)
    if (!stock || !(share > 0) || !(most > 0)) return without
    return without + (share / most) * (this.lossWith(shares, stock, most) - without)
  }

  /** Of the batch with neither aggregate nor anything that holds water. */
  private waterWithout(shares: BatchShares, { refillSuctionCm }: WateringHabit): number {
    const key = `${shares.compost} ${shares.freshAtLeast} water`
    const known = this.losses.get(key)
    if (known !== undefined) return known
    const { sources, container } = this.setting
    const { components } = fillBatch(sources, { ...shares, aggregate: null, holder: null })
    const { curve } = blendMedia({ components })
    const litres = usableWater({ curve, ...container, refillSuctionCm })
    this.losses.set(key, litres)
    return litres
  }

  private lossWith(shares: BatchShares, stock: StockMaterial | null, share: number): number {
    const key = `${shares.compost} ${shares.freshAtLeast} ${stock?.material.id ?? ''}`
    const known = this.losses.get(key)
    if (known !== undefined) return known
    const plain = { ...shares, aggregate: null, holder: null }
    const wanted = stock ? withAggregate(plain, stock, share) : plain
    const { components } = fillBatch(this.setting.sources, wanted)
    const loss = Math.max(0, airLost(components, this.setting))
    this.losses.set(key, loss)
    return loss
  }
}

/** Air that ageing takes from a mix in its container over the crop's weeks, two years at most; share of the volume. */
export function airLost(
  components: Batch['components'],
  {
    container,
    crop,
    meanTempC,
    humifiedFines,
  }: Pick<SearchSetting, 'container' | 'crop' | 'meanTempC' | 'humifiedFines'>,
): number {
  const air = (curve: Parameters<typeof containerCapacity>[0]['curve']) =>
    containerCapacity({ curve, ...container }).airFraction
  const months = Math.min(LONGEST_AGEING_WEEKS, crop.weeksInPot) * MONTHS_PER_WEEK
  const aged = ageMedia({ components, months, meanTempC, humifiedFines })
  return air(blendMedia({ components }).curve) - air(aged.curve)
}

export function withAggregate(
  shares: BatchShares,
  stock: StockMaterial,
  share: number,
): BatchShares {
  return { ...shares, aggregate: share > 0 ? { material: stock.material, share } : null }
}

/** Shares without what was measured: no measurement of a material changes how it holds water. */
function bareShares(components: Batch['components']): Share[] {
  let total = 0
  for (const { parts } of components) total += parts
  return components.map(({ material, parts }) => ({ material, share: parts / total }))
}
