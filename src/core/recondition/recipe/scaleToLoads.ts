import {
  DEFAULT_MEASURES,
  formatMeasure,
  type HouseholdMeasures,
  SCOOPS_FROM_LITRES,
} from '../../units'
import { requireNumber, requireObject } from '../../validate'
import type { Recipe } from './recipeTypes'
import { roundGrams } from './rounding'

export interface Load {
  readonly n: number
  readonly litres: number
  readonly parts: readonly { readonly id: string; readonly litres: number; readonly text: string }[]
  readonly doses: readonly { readonly id: string; readonly grams: number; readonly text: string }[]
}

/**
 * Splits a batch into equal loads of a barrow, tub or sheet, so that every load is the same mix.
 * @param loadLitres the most one load may hold, above 0
 * @throws DomainError for a load size that is not above 0
 */
export function scaleToLoads({
  recipe,
  loadLitres,
  measures: given = {},
}: {
  recipe: Pick<Recipe, 'parts' | 'doses' | 'partLitres'>
  loadLitres: number
  measures?: Partial<HouseholdMeasures>
}): { loads: Load[] } {
  requireObject('The recipe', recipe)
  requireNumber('The litres of a load', loadLitres, { above: 0 })
  const measures = { ...DEFAULT_MEASURES, ...given }
  const count = Math.max(1, Math.ceil(recipe.partLitres / loadLitres - 1e-9))
  return {
    loads: Array.from({ length: count }, (_, index) => ({
      n: index + 1,
      litres: recipe.partLitres / count,
      parts: recipe.parts.map(({ id, litres, rounded }) => ({
        id,
        litres: litres / count,
        text: formatMeasure(
          stepsOf(rounded.litres, litreStep(rounded.litres / count, measures), index, count),
          measures,
        ),
      })),
      doses: recipe.doses.map(({ id, firstGrams }) => ({
        id,
        grams: firstGrams / count,
        text: `${stepsOf(roundGrams(firstGrams, true).grams, 1, index, count)} g`,
      })),
    })),
  }
}

/** What is measured out for one load in whole steps, so that the loads add up to what is measured out in all. */
function stepsOf(total: number, step: number, index: number, count: number): number {
  const upTo = (loads: number) => Math.round((total * loads) / count / step) * step
  return Number((upTo(index + 1) - upTo(index)).toFixed(6))
}

/** Half a scoop, or half a cup of little; never finer than the batch itself is measured. */
function litreStep(litres: number, { scoopL, cupL }: HouseholdMeasures): number {
  return (litres >= SCOOPS_FROM_LITRES ? scoopL : cupL) / 2
}
