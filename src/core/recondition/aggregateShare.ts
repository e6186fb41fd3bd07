import type { Crop } from '../chemistry'
import { blendedCurve, blendMedia, containerCapacity, type Share } from '../media'
import { type Batch, type BatchShares, type BatchSources, fillBatch } from './batch'
import { canBeLower, nextLower } from './compostShare'
import type { AggregateOption, RecipeInput, StockMaterial } from './recipeTypes'

/** Up to here an aggregate may be spent on reaching the middle of the band. */
const GENEROUS_SHARE = 0.25
const LOW_END_MARGIN = 0.02
const SCAN_STEPS_PER_UNIT = 100
const REFINE_STEPS = 10
/**
 * No aggregate lifts the air faster, in air per share: a grain brings no more pores than the room it takes, and opens
 * little beside. (0.9 is the most in 54,000 steps between drawn mixes.) Shares that cannot reach are passed over.
 */
const STEEPEST_RISE = 2
const FRESH_STEP = 0.05
const TALLEST_FACTOR = 2

/** How far the search got: middle of the band, low end and a margin, low end, or not there. */
export type AirTier = 'middle' | 'low-plus' | 'low' | 'short'

export interface AggregateChoice {
  readonly batch: Batch
  readonly tier: AirTier
  readonly compostLowered: boolean
  readonly freshRaised: boolean
}

interface Found {
  /** null where the mix has air enough and there is no aggregate to choose from. */
  readonly stock: StockMaterial | null
  readonly share: number
  readonly tier: AirTier
  readonly batch: Batch
}

const TIERS: readonly AirTier[] = ['middle', 'low-plus', 'low']

/**
 * The smallest aggregate share that gives the crop its air in its container, with the cheapest aggregate that does
 * it. Air is not monotone in the share (fines fill gaps before grains touch), so the share is scanned in hundredths
 * and then refined to thousandths. Before giving up, compost is lowered, then fresh mix raised.
 */
export class AggregateSearch {
  private readonly lowAir: number
  private readonly middleAir: number
  private readonly known = new Map<string, Map<number, number>>()

  constructor(
    private readonly sources: BatchSources,
    private readonly container: RecipeInput['container'],
    crop: Crop,
    private readonly candidates: readonly StockMaterial[],
  ) {
    this.lowAir = crop.airMinPercent / 100
    this.middleAir = (crop.airMinPercent + crop.airMaxPercent) / 200
  }

  choose(compost: number): AggregateChoice {
    const attempts = this.attempts(compost)
    for (const { shares, ...how } of attempts) {
      const found = this.bestOf(shares)
      if (found) return { batch: found.batch, tier: found.tier, ...how }
    }
    return this.leastBad(attempts)
  }

  /** What each aggregate does for a compost share: for the comparison beside the recipe. */
  options(compost: number): AggregateOption[] {
    const plain = { compost, aggregate: null, freshAtLeast: 0 }
    const without = this.air(plain)
    return this.candidates.map((stock) => {
      const found = this.smallest(plain, stock)
      const most = this.airiest(plain, stock, this.sources.limits.maxAggregateShare)
      return {
        id: stock.material.id,
        airPerTenth: this.air(withAggregate(plain, stock, 0.1)) - without,
        share: found?.share ?? null,
        bestAir: found ? this.air(withAggregate(plain, stock, found.share)) : most.air,
        cost: found ? found.share * found.batch.partLitres * stock.pricePerLitre : 0,
      }
    })
  }

  /** Air against the share of one aggregate, 0 to 35 %. */
  curve(wanted: BatchShares, stock: StockMaterial): { share: number; air: number }[] {
    return Array.from({ length: 15 }, (_, step) => {
      const share = step * 0.025
      return { share, air: this.air(withAggregate(wanted, stock, share)) }
    })
  }

  air(wanted: BatchShares): number {
    const known = this.knownFor(wanted)
    const share = wanted.aggregate?.share ?? 0
    const before = known.get(share)
    if (before !== undefined) return before
    const { components, volumeYield } = fillBatch(this.sources, wanted)
    const curve = blendedCurve(bareShares(components), volumeYield)
    const air = containerCapacity({ curve, ...this.container }).airFraction
    known.set(share, air)
    return air
  }

  /** Air by the aggregate's share, of the same aggregate in the same mix. */
  private knownFor({ aggregate, compost, freshAtLeast }: BatchShares): Map<number, number> {
    const key = `${compost} ${freshAtLeast} ${aggregate?.material.id ?? ''}`
    const known = this.known.get(key) ?? new Map<number, number>()
    this.known.set(key, known)
    return known
  }

  private attempts(compost: number) {
    const attempts: { shares: BatchShares; compostLowered: boolean; freshRaised: boolean }[] = []
    const add = (share: number, freshAtLeast: number) =>
      attempts.push({
        shares: { compost: share, aggregate: null, freshAtLeast },
        compostLowered: share < compost,
        freshRaised: freshAtLeast > 0,
      })
    let share = compost
    add(share, 0)
    while (canBeLower(share)) {
      share = nextLower(share)
      add(share, 0)
    }
    if (this.sources.fresh) {
      const steps = Math.floor(this.sources.limits.maxFreshShare / FRESH_STEP + 1e-9)
      for (let step = 1; step <= steps; step++) add(share, (step * 5) / 100)
    }
    return attempts
  }

  private bestOf(shares: BatchShares): Found | null {
    if (this.candidates.length === 0 && this.air(shares) >= this.lowAir) {
      const batch = fillBatch(this.sources, shares)
      const tier = this.air(shares) >= this.middleAir ? 'middle' : 'low'
      return { batch, tier, share: 0, stock: null }
    }
    const found = this.candidates.flatMap((stock) => this.smallest(shares, stock) ?? [])
    const rank = (option: Found): readonly number[] => {
      const litres = option.share * option.batch.partLitres
      return [
        TIERS.indexOf(option.tier),
        this.tooHeavy(option.batch) ? 1 : 0,
        option.stock && option.stock.litres < litres ? 1 : 0,
        litres * (option.stock?.pricePerLitre ?? 0),
        litres,
      ]
    }
    return found.sort((a, b) => compareRanks(rank(a), rank(b)))[0] ?? null
  }

  private smallest(shares: BatchShares, stock: StockMaterial): Found | null {
    const most = this.sources.limits.maxAggregateShare
    const goals: readonly (readonly [AirTier, number, number])[] = [
      ['middle', this.middleAir, Math.min(GENEROUS_SHARE, most)],
      ['low-plus', this.lowAir + LOW_END_MARGIN, most],
      ['low', this.lowAir, most],
    ]
    for (const [tier, target, upTo] of goals) {
      const share = this.scan(shares, stock, target, upTo)
      if (share !== null) {
        return {
          stock,
          share,
          tier,
          batch: fillBatch(this.sources, withAggregate(shares, stock, share)),
        }
      }
    }
    return null
  }

  private scan(
    shares: BatchShares,
    stock: StockMaterial,
    target: number,
    upTo: number,
  ): number | null {
    const room = Math.min(upTo, 1 - shares.compost - shares.freshAtLeast)
    const first = (from: number, to: number, stepsPerUnit: number): number | null => {
      let step = from
      while (step <= to) {
        const missing = target - this.air(withAggregate(shares, stock, step / stepsPerUnit))
        if (missing <= 0) return step
        step += Math.max(1, Math.ceil((missing / STEEPEST_RISE) * stepsPerUnit))
      }
      return null
    }
    const coarse = first(0, Math.floor(room * SCAN_STEPS_PER_UNIT + 1e-9), SCAN_STEPS_PER_UNIT)
    if (coarse === null || coarse === 0) return coarse
    const finer = SCAN_STEPS_PER_UNIT * REFINE_STEPS
    const fine = first((coarse - 1) * REFINE_STEPS + 1, coarse * REFINE_STEPS, finer)
    return fine === null ? null : fine / finer
  }

  private airiest(shares: BatchShares, stock: StockMaterial, upTo: number) {
    let best = { share: 0, air: this.air(shares) }
    for (let step = 1; step <= Math.floor(upTo * SCAN_STEPS_PER_UNIT + 1e-9); step++) {
      const share = step / SCAN_STEPS_PER_UNIT
      const air = this.air(withAggregate(shares, stock, share))
      if (air > best.air) best = { share, air }
    }
    return best
  }

  private leastBad(attempts: ReturnType<AggregateSearch['attempts']>): AggregateChoice {
    const upTo = Math.min(GENEROUS_SHARE, this.sources.limits.maxAggregateShare)
    const tries = attempts.flatMap(({ shares, ...how }) => {
      const plain = { shares, air: this.air(shares), how }
      const opened = this.candidates.map((stock) => {
        const { share, air } = this.airiest(shares, stock, upTo)
        return { shares: withAggregate(shares, stock, share), air, how }
      })
      return [plain, ...opened]
    })
    const best = tries.reduce((most, attempt) => (attempt.air > most.air ? attempt : most))
    return { batch: fillBatch(this.sources, best.shares), tier: 'short', ...best.how }
  }

  private tooHeavy(batch: Batch): boolean {
    const { maxKgPerL } = this.sources.limits
    if (maxKgPerL === undefined) return false
    const blend = blendMedia({ components: batch.components })
    const { waterFraction } = containerCapacity({ curve: blend.curve, ...this.container })
    return blend.bulkDensity + waterFraction > maxKgPerL
  }
}

export function withAggregate(
  shares: BatchShares,
  stock: StockMaterial,
  share: number,
): BatchShares {
  return { ...shares, aggregate: share > 0 ? { material: stock.material, share } : null }
}

/** Centimetres the same pot would have to be taller, in whole cm, for a mix to reach the air wanted. */
export function tallerByCm(
  batch: Batch,
  { shape, fillHeightCm }: RecipeInput['container'],
  airWanted: number,
): number | null {
  const { curve } = blendMedia({ components: batch.components })
  for (let extra = 1; extra <= fillHeightCm * (TALLEST_FACTOR - 1); extra++) {
    const taller = { ...shape, heightCm: shape.heightCm + extra }
    const { airFraction } = containerCapacity({
      curve,
      shape: taller,
      fillHeightCm: fillHeightCm + extra,
    })
    if (airFraction >= airWanted) return extra
  }
  return null
}

function compareRanks(a: readonly number[], b: readonly number[]): number {
  for (let i = 0; i < a.length; i++) {
    const difference = (a[i] as number) - (b[i] as number)
    if (difference !== 0) return difference
  }
  return 0
}

/** Shares without what was measured: no measurement of a material changes how it holds water. */
function bareShares(components: Batch['components']): Share[] {
  let total = 0
  for (const { parts } of components) total += parts
  return components.map(({ material, parts }) => ({ material, share: parts / total }))
}
