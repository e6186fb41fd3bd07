import {
  blendHistories,
  type FamilyShare,
  type MixHistory,
  type ProblemShare,
} from './blendHistories'

/** What a mix went through before it was last united with another: of all that came together. */
export interface Heritage {
  /** ISO day it was united on. */
  readonly on: string
  readonly families: readonly FamilyShare[]
  readonly problems: readonly ProblemShare[]
}

/** A season that a lot served itself. */
export interface ServedSeason {
  readonly rotationGroup: string
  readonly season: number
  /** ISO day it began. */
  readonly startedOn: string
}

/**
 * Families that stood in a mix, by season, the newest first: of all that came together in it, with what it served since.
 * Shares are those of the day it was united; what a lot served itself counts whole.
 */
export function familiesIn(
  served: readonly ServedSeason[],
  heritage: Heritage | null,
): FamilyShare[] {
  const found = new Map<string, FamilyShare>()
  const add = (one: FamilyShare) => {
    const key = `${one.rotationGroup} ${one.season}`
    const before = found.get(key)
    if (!before || before.share < one.share) found.set(key, one)
  }
  for (const one of heritage?.families ?? []) add(one)
  for (const { rotationGroup, season, startedOn } of served) {
    // What it served before it was united is in what came together, with its share.
    if (heritage && startedOn < heritage.on) continue
    add({ rotationGroup, season, share: 1 })
  }
  return [...found.values()].sort((a, b) => b.season - a.season || b.share - a.share)
}

/** What two lots went through, united by their litres. */
export function unitedHeritage(
  parts: readonly (MixHistory & { readonly litres: number })[],
  on: string,
): Heritage {
  const { families, problems } = blendHistories({ parts })
  return { on, families, problems }
}
