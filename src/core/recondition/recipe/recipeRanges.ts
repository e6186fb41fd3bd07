import type { Dose } from '../../chemistry'
import type { Component } from '../../media'
import { LOSS_RANGE } from '../../mixes'
import { DrawnMix, nitrogenRange, type Range, type RangeTest, readingRange } from '../../ranges'
import type { Why } from '../../why'
import { cropInPot } from './cropInPot'
import { feedLeftIn } from './feedLeftIn'
import { leachOldMix } from './leaching'
import { materialOf } from './listAmounts'
import { lotComponents } from './lotComponents'
import type { LotMeasured, Recipe, RecipeInput } from './recipeTypes'

const DRAWS = 200
/** As sure as this is sure enough: below it a test or a few points more are offered. */
const SURE_ENOUGH = 0.8
/** A test is worth its time where it makes the range at least so much narrower. */
const WORTH_NARROWING = 0.75

/** A test that would change what the recipe does, and how far apart the number may lie before and after it. */
export interface WorthTesting {
  readonly kind: 'porosity' | 'ph' | 'ec'
  readonly widthNow: number
  readonly widthThen: number
}

/** How sure a recipe's numbers are. */
export interface RecipeRanges {
  readonly airFraction: Range
  readonly waterFraction: Range
  readonly ph: Range
  readonly ecSme: Range
  readonly nCoverage: Range
  /** Between two waterings; null where no habit was told. */
  readonly days: Range | null
  /** That the air reaches the crop's low end. */
  readonly chanceOfAir: number
  /** Likely enough to leave it at that. */
  readonly isSureOfAir: boolean
  /** Share of parts more of the same aggregate that would make that sure enough; null where it is or none would. */
  readonly moreAggregate: number | null
  readonly worthTesting: readonly WorthTesting[]
}

/** The mix of a recipe: the old one as measured and leached, and what is added; parts in litres. */
export function recipeComponents(recipe: Recipe, input: RecipeInput): Component[] {
  const { lot, container, crop, season } = input
  return recipe.parts.flatMap((part): Component[] => {
    if (part.role === 'lot' && lot) {
      const old = lotComponents(lot.components, lot.measured)
      // Only where the recipe washes it: a way that leaves the mix as it is does not.
      const mix =
        recipe.leachLitres > 0 ? leachOldMix(old, crop, container, season?.waterEc).components : old
      return mix.map((one) => ({ ...one, parts: one.parts * part.litres }))
    }
    const material = materialOf(part.id, input)
    return material ? [{ material, parts: part.litres }] : []
  })
}

/** What goes in now, g per L of mix. */
export function dosesOf(recipe: Recipe, { amendments }: RecipeInput['stock']): Dose[] {
  return recipe.doses.flatMap(({ id, grams, firstGrams, gPerL }) => {
    const row = amendments.find(({ amendment }) => amendment.id === id)
    return row && grams > 0
      ? [{ amendment: row.amendment, gPerL: (gPerL * firstGrams) / grams }]
      : []
  })
}

/** What was measured on the old mix, as tests that weigh what its materials may be like. */
export function testsOf(measured: LotMeasured = {}): RangeTest[] {
  const { airFraction, columnShape, fillHeightCm, totalPorosity, ksCmPerS } = measured
  const tests: RangeTest[] = []
  if (airFraction !== undefined && columnShape && fillHeightCm !== undefined) {
    tests.push({ kind: 'porosity', airFraction, totalPorosity, columnShape, fillHeightCm })
  }
  if (ksCmPerS !== undefined) tests.push({ kind: 'drain', ksCmPerS })
  return tests
}

/**
 * The ranges of a recipe's numbers, with the old mix's tests in them, how likely its air is enough, and which test would
 * change what is done.
 * @param seed the same one draws the same
 */
export function recipeRanges(recipe: Recipe, input: RecipeInput, seed = 1): RecipeRanges {
  const { container, season, lot, stock } = input
  const crop = cropInPot(input.crop, container)
  const components = recipeComponents(recipe, input)
  const tests = testsOf(lot?.measured)
  const testedOn = lot ? lotComponents(lot.components, lot.measured) : undefined
  const airAtLeast = crop.airMinPercent / 100
  const drawn = new DrawnMix({ components, container, testedOn, draws: DRAWS, seed })
  const likely = drawn.range(tests, airAtLeast)
  const { predicted } = recipe
  const chanceOfAir = likely.chanceOfAir ?? 0
  return {
    airFraction: likely.airFraction,
    waterFraction: likely.waterFraction,
    // What is limed or soured is as sure as the mix it is done to.
    ph: eachEnd(likely.ph, (ph) => predicted.ph + ph - likely.ph.p50),
    ecSme: eachEnd(likely.ecSme, (ec) => predicted.ecSme * (ec / likely.ecSme.p50)),
    nCoverage: nitrogenRange({
      components,
      volumeYield: predicted.volumeYield,
      amendments: dosesOf(recipe, stock),
      feedLeft: feedLeftIn(
        {
          shares: { lot: recipe.parts.find(({ role }) => role === 'lot')?.share ?? 0 },
          volumeYield: predicted.volumeYield,
        },
        lot?.feedLeft ?? [],
      ),
      crop,
      weeks: season?.weeks,
      weeklyMeanTempC: season?.weeklyMeanTempC,
      draws: DRAWS,
      seed,
    }),
    days: daysRange(recipe.daysBetweenWaterings),
    chanceOfAir,
    isSureOfAir: chanceOfAir >= SURE_ENOUGH,
    moreAggregate:
      chanceOfAir < SURE_ENOUGH ? moreAggregate(recipe, likely.airFraction, airAtLeast) : null,
    worthTesting: [...worthAir(), ...worthPh(), ...worthSalts()],
  }

  /** Of a trial bucket: the old mix alone tells less, since what is added is as little known. */
  function worthAir(): WorthTesting[] {
    if (chanceOfAir >= SURE_ENOUGH) return []
    const then = drawn.rangeIfTested([
      {
        kind: 'porosity',
        airFraction: likely.airFraction.p50,
        totalPorosity: likely.totalPorosity.p50,
        columnShape: container.shape,
        fillHeightCm: container.fillHeightCm,
      },
    ])
    return worth('porosity', likely.airFraction, then.airFraction)
  }

  /** Of the mixed batch: a test of it leaves what a test is good to. */
  function worthPh(): WorthTesting[] {
    return recipe.testFirst ? worth('ph', likely.ph, readingRange('ph', likely.ph.p50)) : []
  }

  /** Where it is not known whether the old mix has to be washed. */
  function worthSalts(): WorthTesting[] {
    if (!testedOn || lot?.measured?.ecSme !== undefined) return []
    const { ecSme } = drawn.testedRange([])
    if (!(ecSme.p10 < crop.ecMaxSme && ecSme.p90 > crop.ecMaxSme)) return []
    return worth('ec', ecSme, readingRange('ec', ecSme.p50))
  }
}

/** A recipe's reasons with the range of each number that has one. */
export function whyWithRanges(why: Recipe['why'], ranges: RecipeRanges): Recipe['why'] {
  const told: Readonly<Record<string, readonly [Range | null, Why['rangeUnit']]>> = {
    water: [ranges.days, 'days'],
    air: [ranges.airFraction, 'share'],
    'part.aggregate': [ranges.airFraction, 'share'],
    ph: [ranges.ph, 'pH'],
    ec: [ranges.ecSme, 'dS/m'],
    'dose.fertilizer': [ranges.nCoverage, 'share'],
  }
  return Object.fromEntries(
    Object.entries(why).map(([key, one]) => {
      const [range, rangeUnit] = told[key] ?? []
      return [key, range ? { ...one, range: [range.p10, range.p90], rangeUnit } : one]
    }),
  ) as Recipe['why']
}

/** What a pot loses is known to within this factor; its water is surer. */
function daysRange(days: number | null): Range | null {
  return days === null ? null : { p10: days / LOSS_RANGE, p50: days, p90: days * LOSS_RANGE }
}

function eachEnd({ p10, p50, p90 }: Range, change: (value: number) => number): Range {
  return { p10: change(p10), p50: change(p50), p90: change(p90) }
}

function widthOf({ p10, p90 }: Range): number {
  return p90 - p10
}

function worth(kind: WorthTesting['kind'], now: Range, then: Range): WorthTesting[] {
  const [widthNow, widthThen] = [widthOf(now), widthOf(then)]
  return widthThen <= WORTH_NARROWING * widthNow ? [{ kind, widthNow, widthThen }] : []
}

/** How much more of the chosen aggregate lifts the air so far that four cases in five reach the low end. */
function moreAggregate(recipe: Recipe, air: Range, low: number): number | null {
  const part = recipe.parts.find(({ role }) => role === 'aggregate')
  if (!part) return null
  // A fifth of the cases lies a little above the tenth; straight between them.
  const p20 = air.p10 + (air.p50 - air.p10) * 0.343
  const wanted = recipe.predicted.airFraction + (low - p20)
  const found = recipe.airByShare.find(
    ({ share, air: reached }) => share > part.share && reached >= wanted,
  )
  return found ? found.share - part.share : null
}
