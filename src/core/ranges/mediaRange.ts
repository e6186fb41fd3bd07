import type { ContainerShape } from '../containers'
import type { Component } from '../media'
import { requireObject, requireOneOf, requireWhole } from '../validate'
import { drawMix } from './drawMix'
import { heightsOf } from './heights'
import { type Range, rangeOf } from './quantiles'
import { effectiveOf, normalized, type RangeTest, weigh, weigherOf } from './weighTests'

export interface MediaRange {
  readonly airFraction: Range
  readonly waterFraction: Range
  readonly totalPorosity: Range
  readonly ksCmPerS: Range
  readonly ph: Range
  readonly ecSme: Range
  /** How likely the air reaches what was asked for, 0 to 1; null where nothing was. */
  readonly chanceOfAir: number | null
  /** As many equally likely draws would tell as much, of what is known least well. */
  readonly effectiveDraws: number
  /** Of each draw, summing to 1: a mix of the same materials and seed may be weighed by them. */
  readonly weights: readonly number[]
}

/** With fewer that count, the draws are made anew, twice as many, up to so many times as were asked for. */
const ENOUGH = 80
const MOST_TIMES = 8

/**
 * How sure a mix's numbers are: parameter sets of its materials are drawn from what such materials vary by, each is
 * blended and drained, and tests on the real mix weigh the draws (importance sampling; drawn anew where too few count).
 * Water is taken as held at each height; no curve is fitted.
 * @param container that the air is told for
 * @param testedOn what the tests were made on, where that is only a part of the mix (an old mix before others were added)
 * @param airAtLeast air whose chance is asked for
 * @param draws 50 to 5000
 * @param seed the same one draws the same
 * @throws DomainError for impossible parts, containers or tests
 */
export function mediaRange({
  components,
  container,
  tests = [],
  testedOn,
  airAtLeast,
  draws = 400,
  seed = 1,
}: {
  readonly components: readonly Component[]
  readonly container: { readonly shape: ContainerShape; readonly fillHeightCm: number }
  readonly tests?: readonly RangeTest[]
  readonly testedOn?: readonly Component[] | undefined
  readonly airAtLeast?: number | undefined
  readonly draws?: number
  readonly seed?: number
}): MediaRange {
  requireObject('The container', container)
  requireWhole('The draws', draws, { min: 50, max: 5000 })
  requireWhole('The seed', seed, { min: 0, max: 2 ** 31 })
  const pot = heightsOf(container.shape, container.fillHeightCm)
  for (const test of tests) {
    requireObject('The test', test)
    requireOneOf('The kind of test', test.kind, ['porosity', 'drain', 'ph', 'ec'] as const)
  }
  // What decides water, acidity and salts is drawn apart, so each is weighed by its own tests.
  const of = (...kinds: readonly RangeTest['kind'][]) =>
    tests
      .filter(({ kind }) => kinds.includes(kind))
      .map((test) => weigherOf(test, container.fillHeightCm))
  const weighers = { water: of('porosity', 'drain'), ph: of('ph'), ec: of('ec') }
  for (let times = 1; ; times *= 2) {
    const drawn = drawMix(components, pot, draws * times, seed)
    const tested =
      testedOn && tests.length > 0 ? drawMix(testedOn, pot, draws * times, seed) : drawn
    const byWater = weigh(tested, weighers.water)
    const byPh = weigh(tested, weighers.ph)
    const byEc = weigh(tested, weighers.ec)
    const effectiveDraws = Math.min(...[byWater, byPh, byEc].map(effectiveOf))
    if (effectiveDraws < ENOUGH && times < MOST_TIMES) continue
    const { air, water, porosity, ks, ph, ecSme } = drawn
    return {
      airFraction: rangeOf(air, byWater),
      waterFraction: rangeOf(water, byWater),
      totalPorosity: rangeOf(porosity, byWater),
      ksCmPerS: rangeOf(ks, byWater),
      ph: rangeOf(ph, byPh),
      ecSme: rangeOf(ecSme, byEc),
      chanceOfAir:
        airAtLeast === undefined
          ? null
          : byWater.reduce(
              (sum, weight, i) => sum + ((air[i] as number) >= airAtLeast ? weight : 0),
              0,
            ),
      effectiveDraws,
      weights: Array.from(
        normalized(byWater.map((weight, i) => weight * (byPh[i] ?? 0) * (byEc[i] ?? 0))),
      ),
    }
  }
}
