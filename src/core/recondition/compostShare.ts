import type { Crop, Dose } from '../chemistry'
import { blendEc, nitrogenBudget } from '../chemistry'
import type { Material } from '../media'
import { type Batch, type BatchSources, fillBatch } from './batch'
import { feedLeftIn } from './feedLeftIn'
import type { RecipeInput } from './recipeTypes'

const STEP = 0.05
/** Above this ratio of nitrogen given to nitrogen wanted a manure is too rich. */
const RICHEST_SUPPLY = 1.2
/** So far may a compost lie above the crop's pH band. */
const ABOVE_BAND_PH = 0.3
/** A mix starts no saltier than this share of the crop's ceiling: feed and hard water come on top. */
export const SALT_ROOM = 0.8

export type CompostReason =
  | 'school'
  | 'lime-hater'
  | 'ph'
  | 'salt'
  | 'rich'
  | 'none-in-stock'
  | 'as-is'
  /** A trial of the garden found that no more of it is safe. */
  | 'found'
  /** The way chosen adds none. */
  | 'way'

export interface CompostShare {
  readonly share: number
  readonly reason: CompostReason
}

/** Why a compost may not be used for a crop at all; null where it may. */
export function compostBan(
  { pH, freeLimeGPerL }: Pick<Material, 'pH' | 'freeLimeGPerL'>,
  { limeHater, pHHigh }: Pick<Crop, 'limeHater' | 'pHHigh'>,
): 'lime-hater' | 'ph' | null {
  if (limeHater && freeLimeGPerL > 0) return 'lime-hater'
  return pH > pHHigh + ABOVE_BAND_PH ? 'ph' : null
}

/** The school's compost share, lowered in steps, to none where need be, while salts or nitrogen forbid it. */
export function compostShare(
  sources: BatchSources,
  crop: Crop,
  school: number,
  season: RecipeInput['season'],
  lotFeed: readonly Dose[] = [],
): CompostShare {
  const { compost } = sources
  if (!compost) return { share: 0, reason: 'none-in-stock' }
  const ban = compostBan(compost, crop)
  if (ban) return { share: 0, reason: ban }
  const batchWith = (share: number) =>
    fillBatch(sources, { compost: share, aggregate: null, freshAtLeast: 0 })
  let share = school
  let reason: CompostReason = 'school'
  while (share > 0) {
    const batch = batchWith(share)
    const lower = Math.max(0, Math.round((share - STEP) * 1e6) / 1e6)
    const ecSme = ecSmeOf(batch)
    // Where the salts are not the compost's, less of it would not help.
    const salty = ecSme > SALT_ROOM * crop.ecMaxSme && ecSmeOf(batchWith(lower)) < ecSme
    if (!salty && nitrogenSupplyRatio(batch, crop, season, lotFeed) <= RICHEST_SUPPLY) break
    reason = salty ? 'salt' : 'rich'
    share = lower
  }
  return { share, reason }
}

function ecSmeOf({ components, volumeYield }: Batch): number {
  return blendEc({ components, volumeYield }).ecSme
}

/**
 * Nitrogen given over nitrogen wanted. Coverage cannot show a surplus (uptake never exceeds demand), so the
 * surplus is read off what is given.
 */
function nitrogenSupplyRatio(
  batch: Batch,
  crop: Crop,
  season: RecipeInput['season'],
  lotFeed: readonly Dose[],
): number {
  const { components, volumeYield } = batch
  const budget = nitrogenBudget({
    components,
    volumeYield,
    feedLeft: feedLeftIn(batch, lotFeed),
    crop,
    weeks: season?.weeks,
    weeklyMeanTempC: season?.weeklyMeanTempC,
  })
  if (!(budget.demandMgPerL > 0)) return 0
  const given = budget.initialMgPerL + budget.releasedMgPerL - budget.immobilisedMgPerL
  return given / budget.demandMgPerL
}

/** Where nothing else lowered it, the reason is what a trial found of that compost. */
export function heldByTrial(
  compost: CompostShare,
  { isHeldByTrial }: { readonly isHeldByTrial: boolean },
): CompostShare {
  return isHeldByTrial && compost.reason === 'school' ? { ...compost, reason: 'found' } : compost
}
