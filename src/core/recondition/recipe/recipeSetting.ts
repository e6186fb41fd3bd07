import type { Crop, Dose } from '../../chemistry'
import type { BatchSources } from './batch'
import { checkRecipeInput } from './checkRecipeInput'
import { pickCompost, pickFresh } from './chooseMaterials'
import { compostShare } from './compostShare'
import { cropInPot } from './cropInPot'
import { type LeachedLot, leachOldMix, notLeached } from './leaching'
import { pricePerKgOf, pricePerLitreOf } from './prices'
import {
  DEFAULT_COMPOST_SHARE,
  type RecipeInput,
  type RecipeLimits,
  type StockAmendment,
  type StockMaterial,
} from './recipeTypes'
import { basePrice, oldMix } from './startingMix'

/** What every way of making a recipe begins with: what is asked for, checked, and the materials that may go in. */
export interface RecipeSetting {
  readonly input: RecipeInput
  readonly limits: RecipeLimits
  /** With its demand in this container. */
  readonly crop: Crop
  readonly priceOf: (id: string | undefined) => number
  readonly perKgOf: (stock: StockAmendment) => number
  readonly leached: LeachedLot
  /** Feed of earlier seasons in the old mix. */
  readonly lotFeed: readonly Dose[]
  readonly usableLitres: number
  /** Compost share as the school says. */
  readonly school: number
  /** That share is held down by what a trial found of this compost. */
  readonly isHeldByTrial: boolean
  readonly fresh: StockMaterial | null
  /** The bagged mix that suits the crop with nothing of the old lot in it. */
  readonly freshAlone: StockMaterial | null
  readonly compost: StockMaterial | null
  readonly sources: BatchSources
}

/**
 * @param washes whether salty old mix is leached before anything is mixed in
 * @throws DomainError for what `checkRecipeInput` refuses
 */
export function recipeSetting(input: RecipeInput, washes = true): RecipeSetting {
  const asked = checkRecipeInput(input)
  const { container, litresWanted, season, stock } = input
  const crop = cropInPot(input.crop, container)
  const priceOf = pricePerLitreOf(stock.materials)
  const old = oldMix(input)
  const leached = washes ? leachOldMix(old, crop, container, season?.waterEc) : notLeached(old)
  const usableLitres = input.lot
    ? input.lot.litres * (1 - (input.lot.measured?.sieveLossShare ?? asked.cleaningLossShare))
    : Number.POSITIVE_INFINITY
  const fresh = pickFresh(stock.materials, crop, asked, priceOf, {
    old: input.lot ? leached.components : [],
    missing: Math.max(0, 1 - usableLitres / litresWanted),
  })
  const school = input.school.compostShare ?? DEFAULT_COMPOST_SHARE
  const lotFeed = input.lot?.feedLeft ?? []
  const base: Omit<BatchSources, 'compost' | 'limits'> = {
    lot: leached.components,
    usableLitres,
    lotPricePerLitre: input.lot ? 0 : basePrice(input, priceOf),
    settledLitres: litresWanted,
    fresh: fresh?.material ?? null,
  }
  const asks = Math.min(school, asked.maxCompostShare)
  const compost = pickCompost(stock.materials, crop, priceOf, (material) => {
    const sources = { ...base, compost: material, limits: asked }
    return asks > 0 ? compostShare(sources, crop, asks, season, lotFeed).share / asks : 1
  })
  const found = mostFoundFor(compost, input.crop)
  const most = Math.min(found, compost?.material.maxShare ?? 1)
  const limits = { ...asked, maxCompostShare: Math.min(asked.maxCompostShare, most) }
  return {
    input,
    limits,
    crop,
    priceOf,
    perKgOf: pricePerKgOf(stock.amendments),
    leached,
    lotFeed,
    usableLitres,
    school,
    isHeldByTrial: found < Math.min(school, asked.maxCompostShare),
    fresh,
    freshAlone: pickFresh(stock.materials, crop, asked, priceOf, { old: [], missing: 1 }),
    compost,
    sources: { ...base, compost: compost?.material ?? null, limits },
  }
}

/** The most of a material that trials found to be safe for a crop, 0 to 1; 1 where none was made. */
export function mostFoundFor(
  stock: Pick<StockMaterial, 'mostFound'> | null,
  { id }: Pick<Crop, 'id'>,
): number {
  const found = (stock?.mostFound ?? []).filter(({ cropId }) => cropId === null || cropId === id)
  return Math.min(1, ...found.map(({ share }) => share))
}
