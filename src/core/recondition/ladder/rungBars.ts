import type { Recipe } from '../recipe'
import { cropBars } from '../triage'
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
  if (id === 'compost') notes.push(...compostNotes(recipe))
  if (recipe.unpriced.length + unpricedFeed(recipe, { stock }).length > 0) notes.push('unpriced')
  if (recipe.checks.some(({ id: check, ok }) => check === 'stock' && !ok)) notes.push('to-buy')
  return notes
}

/** Why the way that is named for it holds no compost, or holds something else besides. */
function compostNotes({ parts, why }: Recipe): RungNote[] {
  const roles = new Set(parts.map(({ role }) => role))
  const acid = roles.has('fresh') ? (['acid-mix'] as const) : []
  if (roles.has('compost')) return [...acid]
  const rule = why['part.compost']?.rule ?? ''
  const reason = COMPOST_OUT.find((note) => rule === note.replace('-', '.'))
  return [reason ?? 'no-compost', ...acid]
}

const COMPOST_OUT = [
  'compost-lime-hater',
  'compost-ph',
  'compost-salt',
  'compost-rich',
  'compost-found',
] as const

/** The feed, where its price is not known. */
export function unpricedFeed(
  { feedPlan }: Recipe,
  { stock }: Pick<LadderInput, 'stock'>,
): readonly string[] {
  if (!feedPlan || !(feedPlan.productG > 0)) return []
  const row = stock.amendments.find(({ amendment }) => amendment.id === feedPlan.productId)
  return row && row.pricePerKg !== null ? [] : [feedPlan.productId]
}
