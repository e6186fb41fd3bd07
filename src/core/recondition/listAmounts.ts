import type { Component } from '../media'
import type { AcidityPlan } from './acidity'
import type { Batch } from './batch'
import type { FeedingPlan } from './feeding'
import type { PartRole, RecipeDose, RecipeInput, RecipePart, StockMaterial } from './recipeTypes'
import { roundGrams, roundLitres } from './rounding'

/** What is measured out, each part also as people measure it. */
export function listParts(
  batch: Batch,
  input: RecipeInput,
  compost: StockMaterial | null,
  fresh: StockMaterial | null,
): RecipePart[] {
  const baseId = input.base?.length === 1 ? input.base[0]?.material.id : 'base'
  const rows: readonly (readonly [string | undefined, PartRole, number])[] = [
    [input.lot ? input.lot.id : baseId, input.lot ? 'lot' : 'fresh', batch.shares.lot],
    [compost?.material.id, 'compost', batch.shares.compost],
    [batch.aggregate?.id, 'aggregate', batch.shares.aggregate],
    [batch.holder?.id, 'water-holding', batch.shares.holder],
    [fresh?.material.id, 'fresh', batch.shares.fresh],
  ]
  return rows.flatMap(([id, role, share]) => {
    if (id === undefined || share <= 1e-9) return []
    const litres = share * batch.partLitres
    return [{ id, role, litres, share, rounded: roundLitres(litres, input.measures) }]
  })
}

/** What is weighed in: all of it, and what goes in now. */
export function listDoses(
  acidity: AcidityPlan,
  feeding: FeedingPlan,
  mixLitres: number,
): RecipeDose[] {
  const doses: RecipeDose[] = []
  if (acidity.stock && acidity.role && acidity.firstGPerL > 0) {
    const firstGrams = acidity.firstGPerL * mixLitres
    const label = acidity.stock.amendment.rateHighGPerL
    const bound = acidity.gPerL > acidity.firstGPerL || acidity.firstGPerL >= label - 1e-9
    const rounded = roundGrams(firstGrams, bound)
    // What no kitchen scale shows is not weighed in.
    if (rounded.grams > 0) {
      doses.push({
        id: acidity.stock.amendment.id,
        role: acidity.role,
        gPerL: acidity.gPerL,
        apart: acidity.isApart,
        grams: acidity.gPerL * mixLitres,
        firstGrams,
        rounded,
      })
    }
  }
  if (feeding.stock && feeding.dose && feeding.dose.gPerL > 0) {
    const grams = feeding.dose.gPerL * mixLitres
    doses.push({
      id: feeding.stock.amendment.id,
      role: 'fertilizer',
      gPerL: feeding.dose.gPerL,
      apart: false,
      grams,
      firstGrams: grams,
      rounded: roundGrams(grams, feeding.reason === 'label' || feeding.reason === 'salt'),
    })
  }
  return doses
}

/** The components again, with the amounts people will really measure out. */
export function componentsAsMeasured(
  parts: readonly RecipePart[],
  old: readonly Component[],
  input: RecipeInput,
): Component[] {
  return parts.flatMap((part) => {
    const stock = input.stock.materials.find(({ material }) => material.id === part.id)
    const isOld = part.role === 'lot' || (!input.lot && !stock)
    if (isOld) {
      return old.map((component) => ({
        ...component,
        parts: component.parts * part.rounded.litres,
      }))
    }
    return stock ? [{ material: stock.material, parts: part.rounded.litres }] : []
  })
}
