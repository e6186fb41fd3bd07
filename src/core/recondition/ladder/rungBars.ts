import { cropBars } from '../cropBars'
import type { Recipe } from '../recipeTypes'
import type { LadderInput, RungBar, RungId, RungNote } from './ladderTypes'

/** Less than this share of what was wanted is told. */
const ENOUGH_LITRES = 0.97

/**
 * What speaks against a way: what was found in the old mix, a crop that only grows in new mix, what the grower rules out.
 * @param earliestPlanting ISO day: a family that is kept out until the year before may come
 */
export function rungBars(
  id: RungId,
  recipe: Recipe | null,
  earliestPlanting: string | null,
  input: LadderInput,
): RungBar[] {
  if (!recipe) {
    // Every bagged mix in the list holds peat: it is ruled out, not missing.
    const missing = input.priorities.peatFree && hasBags(input) ? 'peat' : 'no-fresh-mix'
    return id === 'replace' ? [missing] : [...oldMixBars(), missing]
  }
  return [...(id === 'replace' ? [] : oldMixBars()), ...ruledOut(recipe, input)]

  function oldMixBars(): RungBar[] {
    const { crop, lot } = input
    const year = Number((earliestPlanting ?? input.today).slice(0, 4))
    const { notFor = [], forFood = true, forSeedlings = true, verdict } = lot.triage ?? {}
    const bars = verdict
      ? cropBars(
          {
            verdict,
            notFor: notFor.filter(({ untilSeason }) => untilSeason >= year),
            forFood,
            forSeedlings,
          },
          crop,
        ).flatMap(({ kind }) => (kind === 'held' ? [] : [kind]))
      : []
    return crop.freshOnly && !bars.includes('given-up') ? ['fresh-only', ...bars] : bars
  }
}

function hasBags({ stock }: LadderInput): boolean {
  return stock.materials.some(({ material }) => material.group === 'bagged mix')
}

function ruledOut(
  { parts, doses, feedPlan }: Recipe,
  { stock, priorities, school }: LadderInput,
): RungBar[] {
  const ingredients = typeof school.newMix === 'object' ? school.newMix : []
  const isPeaty = (partId: string) =>
    [...stock.materials, ...ingredients].some(
      ({ material }) => material.id === partId && material.peat,
    )
  const isMineral = (doseId: string) =>
    stock.amendments.some(({ amendment }) => amendment.id === doseId && amendment.mineral)
  const feeds = [
    ...doses.filter(({ role }) => role === 'fertilizer').map(({ id }) => id),
    ...(feedPlan ? [feedPlan.productId] : []),
  ]
  const added = parts.filter(({ role }) => role !== 'lot')
  return [
    ...(priorities.peatFree && added.some((part) => isPeaty(part.id)) ? ['peat' as const] : []),
    ...(priorities.noMineralFeed && feeds.some(isMineral) ? ['mineral' as const] : []),
  ]
}

/** What a way that can be made leaves undone. */
export function rungNotes(
  id: RungId,
  recipe: Recipe | null,
  { litresWanted, stock }: LadderInput,
): RungNote[] {
  if (!recipe) return []
  const notes: RungNote[] = []
  if (recipe.settledLitres < ENOUGH_LITRES * litresWanted) notes.push('litres')
  if (id === 'compost' && !stock.materials.some(({ material }) => material.group === 'compost')) {
    notes.push('no-compost')
  }
  if (recipe.unpriced.length > 0 || !isPriced(recipe, stock)) notes.push('unpriced')
  if (recipe.checks.some(({ id: check, ok }) => check === 'stock' && !ok)) notes.push('to-buy')
  return notes
}

function isPriced({ feedPlan }: Recipe, { amendments }: LadderInput['stock']): boolean {
  if (!feedPlan) return true
  const row = amendments.find(({ amendment }) => amendment.id === feedPlan.productId)
  return row !== undefined && row.pricePerKg !== null
}
