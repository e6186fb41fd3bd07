import { coverageWithRelease, type NitrogenBudgetInput } from '../chemistry'
import { requireWhole } from '../validate'
import { hashOf, normalsFrom } from './materialDraws'
import { type Range, rangeOf } from './quantiles'

/** Of what a source sets free in a season; standard deviation, our own estimate. */
const RELEASE_SPREAD = 0.3

/**
 * How much of a crop's nitrogen a mix is likely to meet: every source draws what it sets free, the same in every mix that
 * holds it.
 * @param seed the same one draws the same
 * @throws DomainError for an impossible budget
 */
export function nitrogenRange({
  draws = 200,
  seed = 1,
  ...input
}: NitrogenBudgetInput & { readonly draws?: number; readonly seed?: number }): Range {
  requireWhole('The draws', draws, { min: 20, max: 5000 })
  const coverage = coverageWithRelease(input)
  const factors = new Map<string, Float64Array>()
  const factorOf = (id: string, draw: number) => {
    let drawn = factors.get(id)
    if (!drawn) {
      const normal = normalsFrom(hashOf(`${id} nitrogen`) ^ Math.imul(seed, 0x9e3779b1))
      drawn = Float64Array.from({ length: draws }, () => Math.max(0, 1 + RELEASE_SPREAD * normal()))
      factors.set(id, drawn)
    }
    return drawn[draw] as number
  }
  const drawn = Float64Array.from({ length: draws }, (_, draw) =>
    coverage((id) => factorOf(id, draw)),
  )
  return rangeOf(drawn, new Float64Array(draws).fill(1 / draws))
}
