import {
  type Amendment,
  type Crop,
  type Dose,
  type FertilizerDose,
  fertilizerDose,
} from '../../chemistry'
import type { Batch } from './batch'
import { SALT_ROOM } from './compostShare'
import type { FeedSchool, RecipeInput, StockAmendment } from './recipeTypes'

export interface FeedingPlan {
  readonly stock: StockAmendment | null
  readonly dose: FertilizerDose | null
  readonly reason:
    | FertilizerDose['limitedBy']
    | 'soluble-school'
    /** Half the label's rate is the most for what feeds lightly. */
    | 'light-feeder'
    | 'nothing-in-stock'
    | 'as-is'
    | 'way'
}

const ENOUGH_COVERAGE = 0.95

/** Of its label's high rate, for a light feeder. */
const LIGHT_FEEDERS_SHARE = 0.5

/** The fertilizer of the school's kind that meets the nitrogen demand at least cost, or comes nearest to it. */
export function planFeeding(
  batch: Batch,
  crop: Crop,
  feed: FeedSchool,
  amendments: readonly StockAmendment[],
  priceOf: (stock: StockAmendment) => number,
  dosesBefore: readonly Dose[],
  season: RecipeInput['season'],
  feedLeft: readonly Dose[],
): FeedingPlan {
  if (feed === 'soluble') return { stock: null, dose: null, reason: 'soluble-school' }
  const kind = feed === 'organic' ? 'organic fertilizer' : 'coated fertilizer'
  const options = amendments
    .filter(({ amendment }) => amendment.kind === kind && amendment.nPercent > 0)
    .filter(({ amendment }) => amendment.rateHighGPerL > 0)
    .map((stock) => ({
      stock,
      dose: fertilizerDose({
        components: batch.components,
        volumeYield: batch.volumeYield,
        amendments: dosesBefore,
        feedLeft,
        crop,
        weeks: season?.weeks,
        weeklyMeanTempC: season?.weeklyMeanTempC,
        fertilizer: { ...stock.amendment, rateHighGPerL: mostOf(stock.amendment, crop) },
        ecCeilingSme: SALT_ROOM * crop.ecMaxSme,
      }),
    }))
  if (options.length === 0) return { stock: null, dose: null, reason: 'nothing-in-stock' }
  const cost = ({ stock, dose }: (typeof options)[number]) => dose.gPerL * priceOf(stock)
  const met = options.filter(({ dose }) => dose.coverage >= ENOUGH_COVERAGE - 1e-6)
  const best =
    met.sort((a, b) => cost(a) - cost(b))[0] ??
    options.sort((a, b) => b.dose.coverage - a.dose.coverage || cost(a) - cost(b))[0]
  if (!best) return { stock: null, dose: null, reason: 'nothing-in-stock' }
  const isHalved = crop.feeder === 'light' && best.dose.limitedBy === 'label'
  return { ...best, reason: isHalved ? 'light-feeder' : best.dose.limitedBy }
}

/** g per L: what the label bears, half of it for a light feeder. */
function mostOf({ rateHighGPerL }: Amendment, { feeder }: Crop): number {
  return feeder === 'light' ? LIGHT_FEEDERS_SHARE * rateHighGPerL : rateHighGPerL
}
