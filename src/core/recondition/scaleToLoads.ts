import { requireNumber, requireObject } from '../validate'
import type { Recipe } from './recipeTypes'
import { roundGrams, roundLitres } from './rounding'

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
}: {
  recipe: Pick<Recipe, 'parts' | 'doses' | 'partLitres'>
  loadLitres: number
}): { loads: Load[] } {
  requireObject('The recipe', recipe)
  requireNumber('The litres of a load', loadLitres, { above: 0 })
  const count = Math.max(1, Math.ceil(recipe.partLitres / loadLitres - 1e-9))
  return {
    loads: Array.from({ length: count }, (_, index) => ({
      n: index + 1,
      litres: recipe.partLitres / count,
      parts: recipe.parts.map(({ id, litres }) => ({
        id,
        litres: litres / count,
        text: roundLitres(litres / count).text,
      })),
      doses: recipe.doses.map(({ id, firstGrams }) => ({
        id,
        grams: firstGrams / count,
        text: roundGrams(firstGrams / count, true).text,
      })),
    })),
  }
}
