import { type Component, componentShares } from '../media'
import { materialDraws } from './materialDraws'
import { rangeOf } from './quantiles'

const DRAWS = 200

/**
 * From p10 to p90 of what the pH of a mix may be, by its materials alone. What was measured is not in doubt.
 * @param seed the same one draws the same
 */
export function phWidth(components: readonly Component[], seed = 1): number {
  // Two parts may be of one material, measured and not: each has its own.
  const present = components.filter((one) => one.parts > 0)
  const parts = componentShares(components).map(({ material, share }, index) => ({
    share,
    of: materialDraws(material, present[index]?.measured ?? {}, DRAWS, seed),
  }))
  const ph = Float64Array.from({ length: DRAWS }, (_, i) => {
    let [acidity, buffer] = [0, 0]
    for (const { share, of } of parts) {
      const weight = share * (of.buffer[i] as number)
      acidity += weight * (of.ph[i] as number)
      buffer += weight
    }
    return acidity / buffer
  })
  const { p10, p90 } = rangeOf(ph, new Float64Array(DRAWS).fill(1 / DRAWS))
  return p90 - p10
}
