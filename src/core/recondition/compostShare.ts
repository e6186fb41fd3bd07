import type { Crop } from '../chemistry'
import { blendEc, nitrogenBudget } from '../chemistry'
import { type Batch, type BatchSources, fillBatch } from './batch'
import type { RecipeInput } from './recipeTypes'

const STEP = 0.05
const LEAST_SHARE = 0.1
/** Above this ratio of nitrogen given to nitrogen wanted a manure is too rich. */
const RICHEST_SUPPLY = 1.2
const LIME_HATER_MAX_PH = 6.5

export type CompostReason = 'school' | 'lime-hater' | 'salt' | 'rich' | 'none-in-stock'

export interface CompostShare {
  readonly share: number
  readonly reason: CompostReason
}

/** The school's compost share, lowered where the crop's lime, salt or nitrogen limits forbid it. */
export function compostShare(
  sources: BatchSources,
  crop: Crop,
  school: number,
  season: RecipeInput['season'],
): CompostShare {
  const { compost } = sources
  if (!compost) return { share: 0, reason: 'none-in-stock' }
  const limey = compost.pH > LIME_HATER_MAX_PH || compost.freeLimeGPerL > 0
  if (crop.limeHater && limey) return { share: 0, reason: 'lime-hater' }
  let share = school
  let reason: CompostReason = 'school'
  while (share > LEAST_SHARE + 1e-9) {
    const batch = fillBatch(sources, { compost: share, aggregate: null, freshAtLeast: 0 })
    const salty = ecSmeOf(batch) > crop.ecMaxSme
    if (!salty && nitrogenSupplyRatio(batch, crop, season) <= RICHEST_SUPPLY) break
    reason = salty ? 'salt' : 'rich'
    share = nextLower(share)
  }
  return { share, reason }
}

/** One step less compost, never below a tenth. */
export function nextLower(share: number): number {
  return Math.max(LEAST_SHARE, Math.round((share - STEP) * 1e6) / 1e6)
}

export function canBeLower(share: number): boolean {
  return share > LEAST_SHARE + 1e-9
}

function ecSmeOf({ components, volumeYield }: Batch): number {
  return blendEc({ components, volumeYield }).ecSme
}

/**
 * Nitrogen given over nitrogen wanted. Coverage cannot show a surplus (uptake never exceeds demand), so the
 * surplus is read off what is given.
 */
export function nitrogenSupplyRatio(
  { components, volumeYield }: Batch,
  crop: Crop,
  season: RecipeInput['season'],
): number {
  const budget = nitrogenBudget({
    components,
    volumeYield,
    crop,
    weeks: season?.weeks,
    weeklyMeanTempC: season?.weeklyMeanTempC,
  })
  if (!(budget.demandMgPerL > 0)) return 0
  const given = budget.initialMgPerL + budget.releasedMgPerL - budget.immobilisedMgPerL
  return given / budget.demandMgPerL
}
