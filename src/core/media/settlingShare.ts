import { type Component, componentShares } from './material'

const PERCENT = 100
/** Of what no row tells: about that of a bag mix. */
const USUAL_PERCENT = 8

/**
 * How far a mix sinks once it was watered, as a share of its volume: that of its parts by volume. Grit hardly sinks, wood
 * fibre and moss do most; a settling test of the mix itself comes before it (our own estimates, to be replaced by tests).
 * @throws DomainError for impossible parts
 */
export function settlingShare({ components }: { components: readonly Component[] }): number {
  return componentShares(components).reduce(
    (sum, { material, share }) =>
      sum + (share * (material.settlePercent ?? USUAL_PERCENT)) / PERCENT,
    0,
  )
}
