/** How a plant did, as it is scored at a glance: 1 died or barely grew, 3 fair, 5 could not be better. */
export const GROWTH_SCORES = [1, 2, 3, 4, 5] as const
export type GrowthScore = (typeof GROWTH_SCORES)[number]

export type Outcome = 'well' | 'fair' | 'poor'

/** At least so much is well, at most so much poor (means of scores). */
const WELL = 3.5
const POOR = 2.5

/** How a season went, by the scores of its plantings, each weighed by its plants; null where none was scored. */
export function outcomeOf(
  plantings: readonly { readonly growth: number | null; readonly count: number | null }[],
): Outcome | null {
  let sum = 0
  let plants = 0
  for (const { growth, count } of plantings) {
    if (growth === null) continue
    sum += growth * (count ?? 1)
    plants += count ?? 1
  }
  if (plants === 0) return null
  const mean = sum / plants
  return mean >= WELL ? 'well' : mean <= POOR ? 'poor' : 'fair'
}
