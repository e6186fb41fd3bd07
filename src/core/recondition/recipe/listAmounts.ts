import { type Component, componentShares, type Material } from '../../media'
import type { AcidityPlan } from './acidity'
import type { Batch } from './batch'
import type { FeedingPlan } from './feeding'
import type {
  PartRole,
  RecipeDose,
  RecipeInput,
  RecipePart,
  StockAmendment,
  StockMaterial,
} from './recipeTypes'
import { roundGrams, roundLitres } from './rounding'

/** What is measured out, each part also as people measure it. */
export function listParts(
  batch: Batch,
  input: RecipeInput,
  compost: StockMaterial | null,
  fresh: StockMaterial | null,
): RecipePart[] {
  const rows: readonly (readonly [string | undefined, PartRole, number])[] = [
    ...startOf(input, batch.shares.lot),
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

/** What it begins with: the lot as one part, each ingredient of a new mix by itself. */
function startOf(
  { lot, base }: RecipeInput,
  startShare: number,
): (readonly [string, PartRole, number])[] {
  if (lot) return [[lot.id, 'lot', startShare]]
  return componentShares(base ?? []).map(({ material, share }) => [
    material.id,
    'fresh',
    share * startShare,
  ])
}

/** What is weighed in: all of it, and what goes in now. */
export function listDoses(
  acidity: AcidityPlan,
  feeding: FeedingPlan,
  mixLitres: number,
  minerals: StockAmendment | null,
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
      rounded: roundGrams(grams, ['label', 'salt', 'light-feeder'].includes(feeding.reason)),
    })
  }
  if (minerals) {
    const gPerL = minerals.amendment.rateLowGPerL
    const grams = gPerL * mixLitres
    doses.push({
      id: minerals.amendment.id,
      role: 'mineral',
      gPerL,
      apart: false,
      grams,
      firstGrams: grams,
      rounded: roundGrams(grams, false),
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
    if (part.role === 'lot') {
      return old.map((component) => ({
        ...component,
        parts: component.parts * part.rounded.litres,
      }))
    }
    const row = materialOf(part.id, input)
    return row ? [{ material: row, parts: part.rounded.litres }] : []
  })
}

/** Of what can be had, or of what a new mix begins with. */
export function materialOf(id: string, { stock, base = [] }: RecipeInput): Material | undefined {
  return [...stock.materials, ...base].find(({ material }) => material.id === id)?.material
}
