import { type Dose, type FeedPlan, feedPlan, nitrogenBudget } from '../chemistry'
import type { Batch } from './batch'
import type { RecipeInput, StockAmendment } from './recipeTypes'

/** A watering that wets a mix through and just runs out: a tenth of its volume (our own estimate). */
const FEED_PER_LITRE = 0.1
/** Strongest feed, mg N/L: tender roots bear less. */
const STRONGEST = { seedling: 75, epiphyte: 100, other: 200 } as const

/** Soluble feed for what a recipe does not give, with the product it is mixed from. */
export interface SolubleFeed extends FeedPlan {
  readonly productId: string
  /** Of feed for the whole batch, each time, L. */
  readonly litresPerFeed: number
}

/**
 * The feed plan of a batch: once a week, from the first short week on, with the product that gives nitrogen at least
 * cost. null where nothing is short or no soluble feed is in the list.
 */
export function planSolubleFeed(
  batch: Batch,
  input: RecipeInput,
  doses: readonly Dose[],
  settledLitres: number,
): SolubleFeed | null {
  const { crop, season } = input
  const budget = nitrogenBudget({
    components: batch.components,
    volumeYield: batch.volumeYield,
    amendments: doses,
    crop,
    weeks: season?.weeks,
    weeklyMeanTempC: season?.weeklyMeanTempC,
  })
  const product = cheapestNitrogen(input.stock.amendments)
  if (budget.firstShortWeek === null || !product) return null
  const litresPerFeed = FEED_PER_LITRE * settledLitres
  const plan = feedPlan({
    budget,
    mediaLitres: settledLitres,
    litresPerFeed,
    product: product.amendment,
    waterEc: season?.waterEc ?? 0,
    maxMgNPerL:
      crop.kind === 'seedling' || crop.kind === 'epiphyte' ? STRONGEST[crop.kind] : STRONGEST.other,
  })
  return plan.startWeek === null
    ? null
    : { ...plan, productId: product.amendment.id, litresPerFeed }
}

function cheapestNitrogen(stock: readonly StockAmendment[]): StockAmendment | null {
  const perNitrogen = ({ amendment, pricePerKg }: StockAmendment) => pricePerKg / amendment.nPercent
  return (
    stock
      .filter(({ amendment }) => amendment.kind === 'soluble feed' && amendment.nPercent > 0)
      .sort((a, b) => perNitrogen(a) - perNitrogen(b))[0] ?? null
  )
}
