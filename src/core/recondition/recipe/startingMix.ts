import { type Crop, nitrogenSpanWeeks } from '../../chemistry'
import { type Component, componentShares } from '../../media'
import { lotComponents } from './lotComponents'
import type { RecipeInput } from './recipeTypes'

const USUAL_TEMP_C = 20

/** What the recipe begins with: the lot as measured, or the base. */
export function oldMix({ lot, base }: RecipeInput): Component[] {
  if (lot) return lotComponents(lot.components, lot.measured)
  return componentShares(base ?? []).map(({ material, share }) => ({ material, parts: share }))
}

/** A base was never planted; a lot only where that is told. */
export function unplanted({ lot }: RecipeInput): boolean {
  return lot === null || lot.neverPlanted === true
}

/** Of a litre of the base. */
export function basePrice({ base }: RecipeInput, priceOf: (id: string) => number): number {
  return componentShares(base ?? []).reduce(
    (sum, { material, share }) => sum + share * priceOf(material.id),
    0,
  )
}

/** Over the crop's weeks, as far as nitrogen is reckoned. */
export function meanTempC(
  weekly: number | readonly number[] | undefined,
  crop: Pick<Crop, 'weeksInPot'>,
): number {
  if (weekly === undefined) return USUAL_TEMP_C
  if (typeof weekly === 'number') return weekly
  const weeks = weekly.slice(0, Math.ceil(nitrogenSpanWeeks(crop as Crop)))
  return weeks.length > 0
    ? weeks.reduce((sum, tempC) => sum + tempC, 0) / weeks.length
    : USUAL_TEMP_C
}
