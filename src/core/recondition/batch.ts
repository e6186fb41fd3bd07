import type { Component, Material, Share } from '../media'
import { componentShares, volumeYield } from '../media'
import type { RecipeLimits } from './recipeTypes'

/** What the solver mixes from, once the materials are chosen. */
export interface BatchSources {
  /** Components of the lot (or base), whose parts sum to 1. */
  readonly lot: readonly Component[]
  readonly usableLitres: number
  readonly mixLitres: number
  readonly compost: Material | null
  readonly fresh: Material | null
  readonly limits: RecipeLimits
}

/** Shares of parts asked for; the old mix takes what is left. */
export interface BatchShares {
  readonly compost: number
  readonly aggregate: { readonly material: Material; readonly share: number } | null
  /** Fresh mix that goes in even where the lot would do. */
  readonly freshAtLeast: number
}

export interface Batch {
  readonly components: readonly Component[]
  readonly volumeYield: number
  /** All that is measured out, L. */
  readonly partLitres: number
  readonly shares: {
    readonly lot: number
    readonly compost: number
    readonly aggregate: number
    readonly fresh: number
  }
  readonly aggregate: Material | null
}

/**
 * Fills a batch: the lot first, then fresh mix, then more compost, each within its limit, so that the mix comes to
 * the litres wanted. Yield depends on the shares and the shares on the yield, so both are found together.
 */
export function fillBatch(sources: BatchSources, wanted: BatchShares): Batch {
  const { limits } = sources
  const aggregate = wanted.aggregate?.share ?? 0
  const open = 1 - aggregate
  const maxFresh = sources.fresh ? limits.maxFreshShare : 0

  let compost = wanted.compost
  let fresh = settle(wanted.freshAtLeast, (share) => {
    const partLitres = sources.mixLitres / yieldOf(sources, wanted, compost, share)
    return Math.max(wanted.freshAtLeast, open - compost - sources.usableLitres / partLitres)
  })
  if (fresh > maxFresh) {
    fresh = maxFresh
    const mostCompost = compost > 0 ? Math.max(compost, limits.maxCompostShare) : compost
    compost = settle(compost, (share) => {
      const partLitres = sources.mixLitres / yieldOf(sources, wanted, share, fresh)
      const missing = open - fresh - sources.usableLitres / partLitres
      return Math.max(wanted.compost, Math.min(mostCompost, missing))
    })
  }

  const components = componentsOf(sources, wanted, compost, fresh)
  const yieldOfMix = volumeYield(componentShares(components))
  const lot = Math.max(0, open - compost - fresh)
  const enough = sources.mixLitres / yieldOfMix
  const partLitres = lot > 0 ? Math.min(enough, sources.usableLitres / lot) : enough
  return {
    components,
    volumeYield: yieldOfMix,
    partLitres,
    shares: { lot, compost, aggregate, fresh },
    aggregate: aggregate > 0 ? (wanted.aggregate?.material ?? null) : null,
  }
}

/** Fixed point of a share that barely changes the yield: a few rounds are enough. */
function settle(start: number, next: (share: number) => number): number {
  let share = start
  for (let round = 0; round < 100; round++) {
    const better = next(share)
    if (Math.abs(better - share) < 1e-13) return better
    share = better
  }
  return share
}

function yieldOf(
  sources: BatchSources,
  wanted: BatchShares,
  compost: number,
  fresh: number,
): number {
  const shares: Share[] = componentShares(componentsOf(sources, wanted, compost, fresh))
  return volumeYield(shares)
}

function componentsOf(
  sources: BatchSources,
  { aggregate }: BatchShares,
  compost: number,
  fresh: number,
): Component[] {
  const lotShare = Math.max(0, 1 - compost - fresh - (aggregate?.share ?? 0))
  const added: readonly (readonly [Material | null | undefined, number])[] = [
    [sources.compost, compost],
    [aggregate?.material, aggregate?.share ?? 0],
    [sources.fresh, fresh],
  ]
  return [
    ...sources.lot.map((component) => ({ ...component, parts: component.parts * lotShare })),
    ...added.flatMap(([material, parts]) => (material && parts > 0 ? [{ material, parts }] : [])),
  ]
}
