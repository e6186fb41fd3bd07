import type { ContainerShape } from '../containers'
import type { Component } from '../media'
import { requireObject, requireOneOf, requireWhole } from '../validate'
import { type Drawn, drawMix } from './drawMix'
import { heightsOf } from './heights'
import { type Range, rangeOf } from './quantiles'
import { effectiveOf, normalized, type RangeTest, weigh, weigherOf } from './weighTests'

export interface MediaRange {
  readonly airFraction: Range
  readonly waterFraction: Range
  /** Water between draining and the suction at which it is watered again, share of the volume. */
  readonly usableFraction: Range
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
 * @param refillSuctionCm at which the container is watered again, 100 where left out
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
  refillSuctionCm,
  draws = 400,
  seed = 1,
}: {
  readonly components: readonly Component[]
  readonly container: { readonly shape: ContainerShape; readonly fillHeightCm: number }
  readonly tests?: readonly RangeTest[]
  readonly testedOn?: readonly Component[] | undefined
  readonly airAtLeast?: number | undefined
  readonly refillSuctionCm?: number | undefined
  readonly draws?: number
  readonly seed?: number
}): MediaRange {
  requireWhole('The draws', draws, { min: 50, max: 5000 })
  for (let times = 1; ; times *= 2) {
    const drawn = new DrawnMix({
      components,
      container,
      testedOn,
      refillSuctionCm,
      draws: draws * times,
      seed,
    })
    const range = drawn.range(tests, airAtLeast)
    if (range.effectiveDraws < ENOUGH && times < MOST_TIMES) continue
    return range
  }
}

/**
 * A mix drawn once, for several questions: what is likely with these tests or those, of the whole or of the part that is
 * tested. As many draws as were asked for, however few of them count after the tests.
 */
export class DrawnMix {
  private readonly whole: Drawn
  private readonly tested: Drawn
  private readonly fillHeightCm: number

  constructor({
    components,
    container,
    testedOn,
    refillSuctionCm,
    draws,
    seed,
  }: Pick<
    Parameters<typeof mediaRange>[0],
    'components' | 'container' | 'testedOn' | 'refillSuctionCm'
  > & {
    readonly draws: number
    readonly seed: number
  }) {
    requireObject('The container', container)
    requireWhole('The draws', draws, { min: 50, max: 5000 * MOST_TIMES })
    requireWhole('The seed', seed, { min: 0, max: 2 ** 31 })
    this.fillHeightCm = container.fillHeightCm
    const pot = heightsOf(container.shape, container.fillHeightCm)
    this.whole = drawMix(components, pot, draws, seed, refillSuctionCm)
    this.tested = testedOn ? drawMix(testedOn, pot, draws, seed, refillSuctionCm) : this.whole
  }

  /** What the whole is likely to be, with tests of the part that is tested. */
  range(tests: readonly RangeTest[], airAtLeast?: number): MediaRange {
    return this.rangeOf(this.whole, this.tested, tests, airAtLeast)
  }

  /** What the whole would be likely to be with tests of itself. */
  rangeIfTested(tests: readonly RangeTest[]): MediaRange {
    return this.rangeOf(this.whole, this.whole, tests)
  }

  /** What the part that is tested is likely to be. */
  testedRange(tests: readonly RangeTest[]): MediaRange {
    return this.rangeOf(this.tested, this.tested, tests)
  }

  private rangeOf(
    of: Drawn,
    tested: Drawn,
    tests: readonly RangeTest[],
    airAtLeast?: number,
  ): MediaRange {
    for (const test of tests) {
      requireObject('The test', test)
      requireOneOf('The kind of test', test.kind, ['porosity', 'drain', 'ph', 'ec'] as const)
    }
    // What decides water, acidity and salts is drawn apart, so each is weighed by its own tests.
    const weights = (...kinds: readonly RangeTest['kind'][]) =>
      weigh(
        tested,
        tests
          .filter(({ kind }) => kinds.includes(kind))
          .map((test) => weigherOf(test, this.fillHeightCm)),
      )
    const byWater = weights('porosity', 'drain')
    const byPh = weights('ph')
    const byEc = weights('ec')
    const { air, water, usable, porosity, ks, ph, ecSme } = of
    return {
      airFraction: rangeOf(air, byWater),
      waterFraction: rangeOf(water, byWater),
      usableFraction: rangeOf(usable, byWater),
      totalPorosity: rangeOf(porosity, byWater),
      ksCmPerS: rangeOf(ks, byWater),
      ph: rangeOf(ph, byPh),
      ecSme: rangeOf(ecSme, byEc),
      chanceOfAir: airAtLeast === undefined ? null : chanceOf(air, byWater, airAtLeast),
      effectiveDraws: Math.min(...[byWater, byPh, byEc].map(effectiveOf)),
      weights: Array.from(
        normalized(byWater.map((weight, i) => weight * (byPh[i] ?? 0) * (byEc[i] ?? 0))),
      ),
    }
  }
}

function chanceOf(values: Float64Array, weights: Float64Array, atLeast: number): number {
  return weights.reduce(
    (sum, weight, i) => sum + ((values[i] as number) >= atLeast ? weight : 0),
    0,
  )
}
