import type { Crop } from '../../chemistry'
import { groupOfCrop } from '../../mixes'
import { LONG_STAY_WEEKS } from './aggregateScore'
import type { AggregateChoice, AggregateSearch } from './aggregateShare'
import type { BatchShares } from './batch'
import type { Tried } from './mixTrials'
import type { RecipeLimits, StockMaterial, WateringHabit } from './recipeTypes'
import { waterWanted } from './wateringHabit'

/** More of it and the mix would be another one. */
const MOST_SHARE = 0.3
/** A pot a tenth short of its habit gets at most a fifth of it. */
const ROOM_PER_SHORT = 2
const STEPS = 5
const TURNS = 2
const A_TENTH = 0.1
const REFINED_TO = 2e-3
const GOLDEN = 0.5 * (Math.sqrt(5) - 1)
const LEAST_SHARE = 0.01
/** A tenth of it has to give the pot at least so much more water, a share of what it gives now. */
const WORTH_IT = 0.01
const FINE_PEAT_MM = 1
/** What is coarser does not mix in evenly. */
const COARSEST_MM = 4
const LIME_HATER_MAX_PH = 7.5

/** Peat, coir and grains that hold water, as far as the crop and the garden bear them. */
export function holderCandidates(
  materials: readonly StockMaterial[],
  crop: Crop,
  { peatFree }: Pick<RecipeLimits, 'peatFree'>,
): StockMaterial[] {
  const stays = crop.weeksInPot > LONG_STAY_WEEKS || groupOfCrop(crop) === 'epiphytes'
  return materials.filter(({ material }) => {
    const { group: kind, grainMm, peat, pH, freeLimeGPerL } = material
    if (kind !== 'organic base' && kind !== 'aggregate') return false
    if (grainMm > COARSEST_MM || (peat && peatFree)) return false
    if (peat && stays && grainMm < FINE_PEAT_MM) return false
    return !(crop.limeHater && (pH > LIME_HATER_MAX_PH || freeLimeGPerL > 0))
  })
}

/**
 * Where the container would dry out between two waterings by its habit: what holds more water, kind and share by the
 * same score as the aggregate, in turns with it: shares tried beside the aggregate as it stands, then the aggregate
 * found anew beside them. The shorter of water it is, the more may go in, so that near habits give near amounts.
 */
export function holdWater(
  search: AggregateSearch,
  chosen: AggregateChoice,
  habit: WateringHabit,
  candidates: readonly StockMaterial[],
  compost: number,
): AggregateChoice {
  const { shares } = chosen
  if (!shares) return chosen
  const without = search.least(shares)
  const short = 1 - without.usableLitres / waterWanted(habit)
  if (!(short > 0)) return chosen
  const room = Math.min(
    MOST_SHARE,
    ROOM_PER_SHORT * short,
    1 - shares.compost - shares.freshAtLeast,
  )
  const beside = (stock: StockMaterial, share: number): BatchShares => ({
    ...shares,
    holder: share > 0 ? { material: stock.material, share } : null,
  })
  const plain = search.withShare(shares, null, 0)
  const holding = candidates.filter((stock) => {
    const { usableLitres } = search.withShare(beside(stock, A_TENTH), null, 0)
    return usableLitres > plain.usableLitres * (1 + WORTH_IT)
  })
  let best: { shares: BatchShares; found: Tried } = { shares, found: without }
  for (let turn = 0; turn < TURNS; turn++) {
    const { stock: aggregate, share: open } = best.found
    const others = holding.filter(({ material }) => material !== aggregate?.material)
    const scoreOf = (stock: StockMaterial) => (share: number) => {
      const most = 1 - shares.compost - shares.freshAtLeast - share
      return search.withShare(beside(stock, share), aggregate, Math.min(open, most)).score
    }
    const tried = others.map((stock) => ({ stock, ...leastShare(scoreOf(stock), room) }))
    const [least] = tried.sort((a, b) => a.score - b.score)
    if (!least || least.share < LEAST_SHARE) break
    const held = beside(least.stock, least.share)
    const found = search.least(held)
    // What only opens the mix is no answer to a pot that dries out.
    const holdsLess = found.usableLitres < best.found.usableLitres
    if (holdsLess || found.score >= best.found.score) break
    best = { shares: held, found }
  }
  return best.found === without ? chosen : search.outcome(best.shares, best.found, compost)
}

/** The best of a few steps, and golden sections around it. */
function leastShare(
  scoreAt: (share: number) => number,
  room: number,
): { share: number; score: number } {
  const step = room / STEPS
  const steps = Array.from({ length: STEPS + 1 }, (_, i) => ({
    share: i * step,
    score: scoreAt(i * step),
  }))
  const near = steps.reduce((least, one) => (one.score < least.score ? one : least))
  let low = Math.max(0, near.share - step)
  let high = Math.min(room, near.share + step)
  const at = (share: number) => ({ share, score: scoreAt(share) })
  let a = at(high - GOLDEN * (high - low))
  let b = at(low + GOLDEN * (high - low))
  while (high - low > REFINED_TO) {
    if (a.score <= b.score) {
      high = b.share
      b = a
      a = at(high - GOLDEN * (high - low))
    } else {
      low = a.share
      a = b
      b = at(low + GOLDEN * (high - low))
    }
  }
  return [near, a, b].reduce((least, one) => (one.score < least.score ? one : least))
}
