import { weightOf } from './aggregateScore'
import { type Batch, type BatchShares, fillBatch } from './batch'
import { MixTrials, type SearchSetting, type Tried, withAggregate } from './mixTrials'
import type { AggregateOption, StockMaterial } from './recipeTypes'

const SCAN_STEP = 0.035
/** Between two scanned shares the score dips by no more than this, so only aggregates so near the best are refined. */
const DIP = 0.4
const REFINED_TO = 5e-4
const GOLDEN = 0.5 * (Math.sqrt(5) - 1)
const PATH_STEP = 0.01
const REACHED = 1e-9
/** Less of an aggregate than this is not worth the opening of a bag. */
const LEAST_SHARE = 0.005

/** Whether the air holds with its margin until the season's end, only by itself, or is not there; `way` where none is added. */
export type AirReach = 'lasting' | 'low' | 'short' | 'as-is' | 'way'

export interface AggregateChoice {
  readonly batch: Batch
  /** What it was chosen beside; null for a mix used as it is. */
  readonly shares: BatchShares | null
  readonly reach: AirReach
  readonly compostLowered: boolean
  readonly freshRaised: boolean
  /** Air that ageing takes over the crop's weeks, share of the volume. */
  readonly loss: number
  readonly score: number
}

/**
 * Aggregate for the crop's air in its container: of every kind in stock and every share the one with the least score.
 * Air is not monotone in the share (fines fill gaps before grains touch), so shares are scanned and the best refined.
 * Where the low end is not reached, compost is lowered and then fresh mix raised, no further than needed.
 */
export class AggregateSearch {
  private readonly lowAir: number
  private readonly trials: MixTrials

  constructor(private readonly setting: SearchSetting) {
    this.lowAir = setting.crop.airMinPercent / 100
    this.trials = new MixTrials(setting)
  }

  choose(compost: number): AggregateChoice {
    const { freshAtLeast } = this.setting
    const first = { compost, aggregate: null, freshAtLeast }
    const found = this.least(first)
    if (this.reaches(found)) return this.outcome(first, found, compost)
    const path = this.path(compost)
    const last = path.at(-1) ?? first
    const isOpen = (step: number) => this.canReach(path[step] ?? last)
    if (path.length > 0 && isOpen(path.length - 1)) {
      let [closed, open] = [-1, path.length - 1]
      while (open - closed > 1) {
        const middle = Math.floor((open + closed) / 2)
        if (isOpen(middle)) open = middle
        else closed = middle
      }
      const shares = path[open] ?? last
      return this.outcome(shares, this.least(shares), compost)
    }
    // Not there whatever is done: the least bad of the ends, and of the way between them.
    const ends = [
      first,
      { ...first, compost: 0 },
      { ...first, freshAtLeast: Math.max(freshAtLeast, this.mostFresh() / 2) },
      { ...first, freshAtLeast: Math.max(freshAtLeast, this.mostFresh()) },
      last,
    ].filter((shares) => shares.compost + shares.freshAtLeast <= 1)
    const tried = ends.map((shares) => ({ shares, best: this.least(shares) }))
    const best = tried.reduce((least, one) => (one.best.score < least.best.score ? one : least))
    return this.outcome(best.shares, best.best, compost)
  }

  /** What each aggregate does beside the same compost and fresh mix: for the comparison beside the recipe. */
  options(shares: Omit<BatchShares, 'aggregate'>): AggregateOption[] {
    const plain = { ...shares, aggregate: null }
    const without = this.trials.at(plain, null, 0)
    const scanned = this.setting.candidates.map((stock) => ({
      stock,
      near: this.scan(plain, stock, Number.POSITIVE_INFINITY),
    }))
    const least = Math.min(...scanned.map(({ near }) => near.score))
    return scanned.map(({ stock, near }) => {
      // What is far from being chosen is told by its scanned share.
      const best = near.score <= least + DIP ? this.refined(plain, stock, near) : near
      const reaches = this.reaches(best)
      const most = reaches ? best : this.airiest(plain, stock)
      const batch = fillBatch(this.setting.sources, withAggregate(plain, stock, best.share))
      return {
        id: stock.material.id,
        airPerTenth: this.trials.at(plain, stock, 0.1).air - without.air,
        share: reaches ? best.share : null,
        bestAir: most.air,
        cost: best.share * batch.partLitres * (stock.pricePerLitre ?? 0),
        score: best.score,
      }
    })
  }

  /** Air against the share of one aggregate, from none to the most. */
  curve(
    shares: Omit<BatchShares, 'aggregate'>,
    stock: StockMaterial,
  ): { share: number; air: number }[] {
    const plain = { ...shares, aggregate: null }
    const most = this.roomFor(plain)
    return Array.from({ length: 15 }, (_, step) => {
      const share = (step / 14) * most
      return { share, air: this.trials.at(plain, stock, share).air }
    })
  }

  outcome(shares: BatchShares, best: Tried, compost: number): AggregateChoice {
    const worth = best.stock && best.share >= LEAST_SHARE
    const wanted = worth ? withAggregate(shares, best.stock as StockMaterial, best.share) : shares
    const loss = this.trials.lossOf(shares, worth ? best.stock : null, worth ? best.share : 0)
    return {
      batch: fillBatch(this.setting.sources, wanted),
      shares,
      reach: !this.reaches(best) ? 'short' : best.air >= this.lowAir + loss ? 'lasting' : 'low',
      compostLowered: shares.compost < compost - 1e-9,
      freshRaised: shares.freshAtLeast > this.setting.freshAtLeast + 1e-9,
      loss,
      score: best.score,
    }
  }

  private reaches({ air }: Tried): boolean {
    return air >= this.lowAir - REACHED
  }

  /** First less compost, down to none; then more fresh mix, up to the most. */
  private path(compost: number): BatchShares[] {
    const { freshAtLeast } = this.setting
    const path: BatchShares[] = []
    for (let less = PATH_STEP; less < compost + PATH_STEP - 1e-9; less += PATH_STEP) {
      path.push({ compost: Math.max(0, compost - less), aggregate: null, freshAtLeast })
    }
    for (let more = PATH_STEP; freshAtLeast + more <= this.mostFresh() + 1e-9; more += PATH_STEP) {
      const raised = Math.min(this.mostFresh(), freshAtLeast + more)
      path.push({ compost: 0, aggregate: null, freshAtLeast: raised })
    }
    return path
  }

  private mostFresh(): number {
    const { fresh, limits } = this.setting.sources
    return fresh ? limits.maxFreshShare : 0
  }

  private roomFor({ compost, freshAtLeast, holder }: BatchShares): number {
    return Math.max(
      0,
      Math.min(
        this.setting.sources.limits.maxAggregateShare,
        1 - compost - freshAtLeast - (holder?.share ?? 0),
      ),
    )
  }

  /** A mix with just so much of an aggregate. */
  withShare(shares: BatchShares, stock: StockMaterial | null, share: number): Tried {
    return this.trials.at(shares, stock, share)
  }

  /** The least score of all kinds and shares. */
  least(shares: BatchShares, from = this.setting.candidates): Tried {
    const none = this.trials.at(shares, null, 0)
    const candidates = from.filter(({ material }) => material !== shares.holder?.material)
    const { fixedShare } = this.setting
    if (candidates.length === 0) return none
    if (fixedShare !== null) {
      const share = Math.min(fixedShare, 1 - shares.compost - shares.freshAtLeast)
      return candidates.map((stock) => this.trials.at(shares, stock, share)).reduce(lesser)
    }
    let best = none
    const coarse = candidates.map((stock) => {
      const found = this.scan(shares, stock, best.score)
      best = lesser(best, found)
      return found
    })
    const near = coarse
      .filter(({ score }) => score <= best.score + DIP)
      .sort((a, b) => a.score - b.score)
    for (const found of near) {
      if (found.stock) best = lesser(best, this.refined(shares, found.stock, found))
    }
    return best
  }

  /** The best of the scanned shares of one aggregate; shares that cost more than the best so far are passed over. */
  private scan(shares: BatchShares, stock: StockMaterial, sofar: number): Tried {
    const room = this.roomFor(shares)
    const weight = weightOf(stock.material, this.setting.crop.weeksInPot)
    let best = this.trials.at(shares, stock, 0)
    const steps = Math.ceil(room / SCAN_STEP - 1e-9)
    for (let step = 1; step <= steps; step++) {
      const share = Math.min(room, step * SCAN_STEP)
      if (weight * share > Math.min(best.score, sofar) + DIP) break
      best = lesser(best, this.trials.at(shares, stock, share))
    }
    return best
  }

  /** Golden sections around a scanned share. */
  private refined(shares: BatchShares, stock: StockMaterial, near: Tried): Tried {
    let low = Math.max(0, near.share - SCAN_STEP)
    let high = Math.min(this.roomFor(shares), near.share + SCAN_STEP)
    if (!(high > low)) return near
    let a = this.trials.at(shares, stock, high - GOLDEN * (high - low))
    let b = this.trials.at(shares, stock, low + GOLDEN * (high - low))
    while (high - low > REFINED_TO) {
      if (a.score <= b.score) {
        high = b.share
        b = a
        a = this.trials.at(shares, stock, high - GOLDEN * (high - low))
      } else {
        low = a.share
        a = b
        b = this.trials.at(shares, stock, low + GOLDEN * (high - low))
      }
    }
    return [a, b].reduce(lesser, near)
  }

  private airiest(shares: BatchShares, stock: StockMaterial): Tried {
    const room = this.roomFor(shares)
    return Array.from({ length: 8 }, (_, i) =>
      this.trials.at(shares, stock, (i / 7) * room),
    ).reduce((most, one) => (one.air > most.air ? one : most))
  }

  private canReach(shares: BatchShares): boolean {
    const { candidates, fixedShare } = this.setting
    if (this.reaches(this.trials.at(shares, null, 0))) return true
    return candidates.some((stock) =>
      this.reaches(
        fixedShare === null
          ? this.airiest(shares, stock)
          : this.trials.at(
              shares,
              stock,
              Math.min(fixedShare, 1 - shares.compost - shares.freshAtLeast),
            ),
      ),
    )
  }
}

function lesser(a: Tried, b: Tried): Tried {
  return b.score < a.score ? b : a
}
