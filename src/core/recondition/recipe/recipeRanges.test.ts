import assert from 'node:assert/strict'
import { test } from 'node:test'
import { POT } from '../../../../testing/samples'
import { amendment, close, crop, material } from '../../../../testing/tables'
import { recipeRanges, whyWithRanges } from './recipeRanges'
import type { RecipeInput } from './recipeTypes'
import { solveRecipe } from './solveRecipe'

type Lot = NonNullable<RecipeInput['lot']>
const input = (lot: Partial<Lot> = {}): RecipeInput => ({
  lot: {
    id: 'lot',
    components: [
      { material: material('all-purpose-mix'), parts: 8, measured: { starterNMgPerL: 0 } },
      { material: material('humified-fines'), parts: 2 },
    ],
    litres: 20,
    triage: null,
    measured: { ph: 6.2, ecSme: 1 },
    ...lot,
  },
  litresWanted: 14,
  container: { shape: POT, fillHeightCm: 20 },
  crop: crop('strawberry'),
  school: { compostShare: 0.2, feed: 'organic' },
  stock: {
    materials: ['leaf-mould', 'perlite-coarse', 'all-purpose-mix'].map((id) => ({
      material: material(id),
      litres: 500,
      pricePerLitre: 0.2,
    })),
    amendments: ['calcitic-lime', 'sulfur', 'granular-444'].map((id) => ({
      amendment: amendment(id),
      grams: 5000,
      pricePerKg: 3,
    })),
  },
  season: { weeklyMeanTempC: 20 },
})
const ranges = (of: RecipeInput, seed?: number) => recipeRanges(solveRecipe(of), of, seed)

test('every number of a recipe lies in its range, the same for the same seed', () => {
  const of = input()
  const { predicted } = solveRecipe(of)
  const told = ranges(of)
  for (const [value, { p10, p50, p90 }] of [
    [predicted.airFraction, told.airFraction],
    [predicted.waterFraction, told.waterFraction],
    [predicted.ph, told.ph],
    [predicted.ecSme, told.ecSme],
    [predicted.nCoverage, told.nCoverage],
  ] as const) {
    assert.ok(p10 <= p50 && p50 <= p90)
    assert.ok(value > p10 - 0.02 && value < p90 + 0.02, `${value} not in ${p10} to ${p90}`)
  }
  assert.deepEqual(told, ranges(of))
  assert.notDeepEqual(told.airFraction, ranges(of, 3).airFraction)
})

test('an unsure air offers a porosity test and a few points more; the points would make it 8 of 10', () => {
  // A season only: what stays for years gets more to begin with.
  const of = { ...input(), crop: crop('sweet-pepper') }
  const told = ranges(of)
  const recipe = solveRecipe(of)
  assert.ok(told.chanceOfAir < 0.8, String(told.chanceOfAir))
  assert.equal(told.isSureOfAir, false)
  assert.ok(told.worthTesting.some(({ kind }) => kind === 'porosity'))
  assert.ok(told.moreAggregate !== null && told.moreAggregate > 0 && told.moreAggregate < 0.2)
  const share = recipe.parts.find(({ role }) => role === 'aggregate')?.share ?? 0
  const more = ranges({
    ...of,
    school: { ...of.school, aggregateShare: share + (told.moreAggregate ?? 0) },
  })
  assert.ok(more.chanceOfAir > told.chanceOfAir)
  close(more.chanceOfAir, 0.8, 0.12)
})

test('a porosity test of the old mix travels into the recipe and narrows its air', () => {
  const air = { airFraction: 0.1, totalPorosity: 0.8, columnShape: POT, fillHeightCm: 20 }
  const width = ({ airFraction: { p10, p90 } }: ReturnType<typeof recipeRanges>) => p90 - p10
  const tested = ranges(input({ measured: { ph: 6.2, ecSme: 1, ...air } }))
  // What is added is as little known as before, so it narrows by less than the old mix alone.
  assert.ok(width(tested) < 0.9 * width(ranges(input())))
})

test('a salt test is offered only where washing hangs on it', () => {
  const kinds = (ecOfLot: number | null, measured: Lot['measured'] = { ph: 6.2 }) => {
    const spent = { ...material('spent-mix'), ec1to2: ecOfLot ?? material('spent-mix').ec1to2 }
    const of = input({ components: [{ material: spent, parts: 1 }], measured })
    return ranges(of).worthTesting.map(({ kind }) => kind)
  }
  const ceiling = crop('strawberry').ecMaxSme
  assert.ok(kinds(0.55).includes('ec'), `ceiling ${ceiling}`)
  assert.ok(!kinds(0.1).includes('ec'))
  assert.ok(!kinds(0.55, { ph: 6.2, ecSme: 1.4 }).includes('ec'))
})

test('reasons carry the ranges that were earned, and no others', () => {
  const of = input()
  const recipe = solveRecipe(of)
  for (const why of Object.values(recipe.why)) assert.equal(why.range, undefined)
  const told = ranges(of)
  const why = whyWithRanges(recipe.why, told)
  assert.deepEqual(why.air?.range, [told.airFraction.p10, told.airFraction.p90])
  assert.equal(why.ph?.rangeUnit, 'pH')
  assert.equal(why.cost?.range, undefined)
})
