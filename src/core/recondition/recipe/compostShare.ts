import type { Crop, Dose } from '../../chemistry'
import { blendEc, nitrogenBudget } from '../../chemistry'
import type { Material } from '../../media'
import { type Batch, type BatchSources, fillBatch } from './batch'
import { feedLeftIn } from './feedLeftIn'
import { phAfterDoses } from './phOutcome'
import type { RecipeInput } from './recipeTypes'

const STEP = 0.05
/** Above this ratio of nitrogen given to nitrogen wanted a manure is too rich. */
const RICHEST_SUPPLY = 1.2
/** So far may the mix lie above the crop's pH band once the compost's lime has reacted. */
export const MIX_ABOVE_BAND_PH = 0.2
/** A compost so far above the band of a lime hater is not mixed in at all. */
const TOO_LIMEY_BY_PH = 1.5
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
  /** More of this compost closes a mix or salts it, whatever grows. */
  | 'most'
  /** The way chosen adds none. */
  | 'way'

export interface CompostShare {
  readonly share: number
  readonly reason: CompostReason
  /** The most that may make up for old mix that is missing; left out where nothing but the limits bounds it. */
  readonly most?: number
}

/**
 * Why a compost may not be used for a crop at all; null where it may. Its own pH decides for lime haters only: for all
 * others that of the mix does.
 */
export function compostBan(
  { pH, freeLimeGPerL }: Pick<Material, 'pH' | 'freeLimeGPerL'>,
  { limeHater, pHHigh }: Pick<Crop, 'limeHater' | 'pHHigh'>,
): 'lime-hater' | null {
  const isLimey = freeLimeGPerL > 0 || pH > pHHigh + TOO_LIMEY_BY_PH
  return limeHater && isLimey ? 'lime-hater' : null
}

/**
 * The school's compost share, lowered in steps, to none where need be, while salts, nitrogen or the pH of the mix (the
 * compost's lime reacted) forbid it. Where more of it would have to make up for old mix that is missing, it does as far as
 * the same three allow.
 */
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
  const batchWith = (share: number, most = sources.limits.maxCompostShare) =>
    fillBatch(
      { ...sources, limits: { ...sources.limits, maxCompostShare: most } },
      { compost: share, aggregate: null, freshAtLeast: 0 },
    )
  const without = batchWith(0)
  const supplyOf = (batch: Batch) => nitrogenSupplyRatio(batch, crop, season, lotFeed)
  const isShort = batchWith(school).shares.compost > school + 1e-9
  const against = (batch: Batch): 'salt' | 'ph' | 'rich' | null => {
    const ecSme = ecSmeOf(batch)
    // Where salts or pH are not the compost's, a mix without it would be no better.
    if (ecSme > SALT_ROOM * crop.ecMaxSme && ecSmeOf(without) < ecSme) return 'salt'
    const ph = phOf(batch)
    if (ph > crop.pHHigh + MIX_ABOVE_BAND_PH && phOf(without) < ph) return 'ph'
    const supply = supplyOf(batch)
    // Where old mix is missing, what makes it no richer may stand in for it.
    return supply > RICHEST_SUPPLY && !(isShort && supplyOf(without) >= supply) ? 'rich' : null
  }
  const { maxShare } = compost
  const isOverMost = typeof maxShare === 'number' && maxShare < school
  let share = isOverMost ? maxShare : school
  let reason: CompostReason = isOverMost ? 'most' : 'school'
  while (share > 0) {
    const batch = batchWith(share)
    const why = against(batch)
    if (!why) break
    const toppedUp = batch.shares.compost
    if (toppedUp > share && !against(batchWith(share, share))) {
      const allows = (most: number) => !against(batchWith(share, most))
      return { share, reason, most: largest(share, toppedUp, allows) }
    }
    reason = why
    share = Math.max(0, Math.round((share - STEP) * 1e6) / 1e6)
  }
  return { share, reason }
}

const HALVINGS = 12

/** The largest value that is allowed, where the low end is and the high end is not. */
function largest(low: number, high: number, allows: (value: number) => boolean): number {
  let [from, to] = [low, high]
  for (let i = 0; i < HALVINGS; i++) {
    const middle = (from + to) / 2
    if (allows(middle)) from = middle
    else to = middle
  }
  return from
}

/** Sources in which no more of the compost makes up for missing old mix than it may. */
export function toppedUpTo(sources: BatchSources, { most }: CompostShare): BatchSources {
  if (most === undefined) return sources
  return { ...sources, limits: { ...sources.limits, maxCompostShare: most } }
}

/** Eight weeks on, with no lime but what is in it. */
function phOf({ components, volumeYield }: Batch): number {
  return phAfterDoses(components, volumeYield, []).ph
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
