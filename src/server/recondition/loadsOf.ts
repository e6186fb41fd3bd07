import { type Load, type Recipe, scaleToLoads } from '../../core/recondition'
import type { Site } from '../../data/site'

/** What goes into each load of the grower's barrow; caustic lime was worked in before, by itself. */
export function loadsOf(recipe: Recipe, { measures }: Pick<Site, 'measures'>): Load[] {
  const doses = recipe.doses.filter(({ apart }) => !apart)
  return scaleToLoads({
    recipe: { ...recipe, doses },
    loadLitres: measures.barrowL,
    measures,
  }).loads
}
