import { type Crop, type Dose, type FeedPlan, feedPlan, nitrogenBudget } from '../../chemistry'
import type { Batch } from './batch'
import type { RecipeInput, StockAmendment } from './recipeTypes'

/** A watering that wets a mix through and just runs out: a tenth of its volume (our own estimate). */
const FEED_PER_LITRE = 0.1
/** Strongest feed, mg N/L: tender roots bear less. */
const STRONGEST = { seedling: 75, epiphyte: 100, other: 200 } as const
const MOST_FEEDS_A_WEEK = 3
/** A feed weaker than this, or for so little of the demand, is not worth the can. */
const WEAKEST_MG_PER_L = 50
const LEAST_MISSING_SHARE = 0.03
/** From here on a crop is not short: the same line that tells the first short week. */
export const ENOUGH_COVERAGE = 0.9

/** Soluble feed for what a recipe does not give, with the product it is mixed from. */
export interface SolubleFeed extends FeedPlan {
  readonly productId: string
  readonly feedsPerWeek: number
  /** Of feed for the whole batch, each time, L. */
  readonly litresPerFeed: number
}

/**
 * The feed plan of a batch, from the first short week on, with the product that gives nitrogen at least cost: once a week
 * where that is enough, up to three times else,
 * every other week where that would be too weak a can. null where nothing worth the can is short or no soluble feed is in the list.
 * @param crop with the demand in this container
 */
export function planSolubleFeed({
  batch,
  crop,
  season,
  amendments,
  priceOf,
  doses,
  feedLeft,
  settledLitres,
}: {
  readonly batch: Batch
  readonly crop: Crop
  readonly season: RecipeInput['season']
  readonly amendments: readonly StockAmendment[]
  readonly priceOf: (stock: StockAmendment) => number
  readonly doses: readonly Dose[]
  readonly feedLeft: readonly Dose[]
  readonly settledLitres: number
}): SolubleFeed | null {
  const budget = nitrogenBudget({
    components: batch.components,
    volumeYield: batch.volumeYield,
    amendments: doses,
    feedLeft,
    crop,
    weeks: season?.weeks,
    weeklyMeanTempC: season?.weeklyMeanTempC,
  })
  const product = cheapestNitrogen(amendments, priceOf)
  if (budget.firstShortWeek === null || !product || !(settledLitres > 0)) return null
  if (budget.missingMgPerL < LEAST_MISSING_SHARE * budget.demandMgPerL) return null
  const litresPerFeed = FEED_PER_LITRE * settledLitres
  const planned = (feedsPerWeek: number) =>
    feedPlan({
      budget,
      mediaLitres: settledLitres,
      litresPerFeed,
      feedsPerWeek,
      product: product.amendment,
      waterEc: season?.waterEc ?? 0,
      maxMgNPerL:
        crop.kind === 'seedling' || crop.kind === 'epiphyte'
          ? STRONGEST[crop.kind]
          : STRONGEST.other,
    })
  let feedsPerWeek = 1
  let plan = planned(feedsPerWeek)
  while (!plan.reached && plan.startWeek !== null && feedsPerWeek < MOST_FEEDS_A_WEEK) {
    feedsPerWeek++
    plan = planned(feedsPerWeek)
  }
  if (plan.startWeek === null) return null
  if (plan.nMgPerL < WEAKEST_MG_PER_L) {
    // Too weak to bother with each week; where the crop would go short, a proper can every other week.
    if (budget.coverage >= ENOUGH_COVERAGE) return null
    feedsPerWeek = 0.5
    plan = planned(feedsPerWeek)
    if (plan.nMgPerL < WEAKEST_MG_PER_L) return null
  }
  return { ...plan, feedsPerWeek, productId: product.amendment.id, litresPerFeed }
}

function cheapestNitrogen(
  stock: readonly StockAmendment[],
  priceOf: (stock: StockAmendment) => number,
): StockAmendment | null {
  const perNitrogen = (row: StockAmendment) => priceOf(row) / row.amendment.nPercent
  return (
    stock
      .filter(({ amendment }) => amendment.kind === 'soluble feed' && amendment.nPercent > 0)
      .sort((a, b) => perNitrogen(a) - perNitrogen(b))[0] ?? null
  )
}
