import assert from 'node:assert/strict'
import { test } from 'node:test'
import { drawFrom } from '../../../../testing/random'
import { randomRecipeInput } from '../../../../testing/recipes'
import { amendment, close, material } from '../../../../testing/tables'
import { blendEc, blendPh, type Dose, nitrogenBudget, reacted } from '../../chemistry'
import { blendMedia, type Component, containerCapacity, settlingShare } from '../../media'
import { cropInPot } from './cropInPot'
import { lotComponents } from './lotComponents'
import type { Recipe, RecipeInput } from './recipeTypes'
import { scaleToLoads } from './scaleToLoads'
import { solveRecipe } from './solveRecipe'

// Recipes nobody chose: whatever the lot, the pot, the crop and the store, what a recipe says of itself can be worked out
// from its amounts.

const RECIPES = Array.from({ length: 60 }, (_, at) => {
  const input = randomRecipeInput(drawFrom(5000 + at))
  return { at: `recipe ${at}, ${input.crop.id}`, input, recipe: solveRecipe(input) }
})

/** What is measured out, lot and all, with amounts as planned or as rounded. */
function mixOf(
  { lot }: RecipeInput,
  { parts }: Recipe,
  litresOf: (part: Recipe['parts'][number]) => number,
): Component[] {
  return parts.flatMap((part) =>
    part.role === 'lot' && lot
      ? lotComponents(lot.components, lot.measured).map((one) => ({
          ...one,
          parts: one.parts * litresOf(part),
        }))
      : [{ material: material(part.id), parts: litresOf(part) }],
  )
}

const sum = (values: readonly number[]) => values.reduce((total, value) => total + value, 0)
const within = (value: number, low: number | null, high: number | null) =>
  (low === null || value >= low - 1e-6) && (high === null || value <= high + 1e-6)

test('air, water, weight and volume are those of its amounts', () => {
  for (const { at, input, recipe } of RECIPES) {
    // A lot that is washed first is another lot: its salts and its nitrogen are not told here.
    const components = mixOf(input, recipe, ({ litres }) => litres)
    const blend = blendMedia({ components })
    const capacity = containerCapacity({ curve: blend.curve, ...input.container })
    const { predicted } = recipe
    close(predicted.volumeYield, blend.volumeYield, 1e-9, at)
    close(predicted.airFraction, capacity.airFraction, 1e-6, at)
    close(predicted.waterFraction, capacity.waterFraction, 1e-6, at)
    close(predicted.availableLitres, capacity.availableLitres, 1e-6, at)
    close(predicted.kgPerLWet, blend.bulkDensity + capacity.waterFraction, 1e-6, at)
    close(recipe.mixLitres, recipe.partLitres * blend.volumeYield, 1e-6 * recipe.mixLitres, at)
    const sinks = settlingShare({ components })
    close(recipe.settlingShare, sinks, 1e-9, at)
    close(recipe.settledLitres, recipe.mixLitres * (1 - sinks), 1e-6 * recipe.mixLitres, at)
  }
})

test('salts and nitrogen are those of its amounts and doses, unless the lot was washed', () => {
  let checked = 0
  for (const { at, input, recipe } of RECIPES) {
    if (recipe.leachLitres > 0) continue
    checked += 1
    const components = mixOf(input, recipe, ({ litres }) => litres)
    const doses: Dose[] = recipe.doses.map(({ id, gPerL, grams, firstGrams }) => ({
      amendment: amendment(id),
      gPerL: grams > 0 ? (gPerL * firstGrams) / grams : 0,
    }))
    const { predicted } = recipe
    close(predicted.ecSme, blendEc({ components, amendments: doses }).ecSme, 1e-6, at)
    const budget = nitrogenBudget({
      components,
      amendments: doses,
      crop: cropInPot(input.crop, input.container),
      weeklyMeanTempC: input.season?.weeklyMeanTempC,
    })
    close(predicted.nCoverage, budget.coverage, 1e-6, at)
    assert.equal(predicted.firstShortWeek, budget.firstShortWeek, at)
  }
  assert.ok(checked > 20, `only ${checked} were not washed`)
})

test('the pH after lime is what the part that has reacted does; what has not stays on the lot', () => {
  let limed = 0
  for (const { at, input, recipe } of RECIPES) {
    const components = mixOf(input, recipe, ({ litres }) => litres)
    const { ph, buffer, freeLimeGPerL } = blendPh({ components })
    const lime = recipe.doses.find(({ role }) => role === 'lime')
    if (recipe.doses.some(({ role }) => role === 'sulfur')) continue
    const { cce, releaseDays50 } = lime ? amendment(lime.id) : { cce: 1, releaseDays50: 0 }
    const strength = lime ? (lime.gPerL * lime.firstGrams * cce) / lime.grams : 0
    const share = reacted(56, releaseDays50)
    const after = ph + (strength * share + freeLimeGPerL / 2) / buffer
    close(recipe.predicted.ph, Math.max(ph, Math.min(7.8, after)), 1e-6, at)
    close(recipe.unreactedLimeGPerL, strength * (1 - share), 1e-6 * (1 + strength), at)
    if (!lime) continue
    limed += 1
    // Slow lime goes on working: never more of it than the band bears in the end, unless it takes that to get into it.
    const { crop } = input
    const bears = recipe.phEventual <= crop.pHHigh + 0.3 + 1e-6
    assert.ok(
      bears || recipe.predicted.ph <= crop.pHLow + 1e-6,
      `${at}: ends at ${recipe.phEventual}`,
    )
  }
  assert.ok(limed > 3, `only ${limed} were limed`)
})

test('each check says what its numbers say', () => {
  for (const { at, input, recipe } of RECIPES) {
    const { crop, litresWanted } = input
    const { predicted } = recipe
    const expected: Readonly<Record<string, readonly [number, number | null, number | null]>> = {
      litres: [recipe.settledLitres, litresWanted, null],
      air: [predicted.airFraction, crop.airMinPercent / 100, crop.airMaxPercent / 100],
      ph: [predicted.ph, crop.pHLow, crop.pHHigh],
      ec: [predicted.ecSme, null, crop.ecMaxSme],
      weight: [predicted.kgPerLWet, null, null],
    }
    assert.deepEqual(
      recipe.checks.map(({ id }) => id),
      ['litres', 'air', 'ph', 'ec', 'nitrogen', 'weight', 'label', 'stock'],
      at,
    )
    for (const { id, ok, value, low, high } of recipe.checks) {
      // What stays for years has to have its air to the end of them.
      const isLasting = id === 'air' && crop.weeksInPot > 40
      if (!isLasting || !within(value, low, high)) {
        assert.equal(ok, within(value, low, high), `${at}: ${id}`)
      }
      const told = expected[id]
      if (told) assert.deepEqual([value, low, high], told, `${at}: ${id}`)
    }
    const nitrogen = recipe.checks.find(({ id }) => id === 'nitrogen')
    const fed = recipe.feedPlan?.coverageAfter ?? predicted.nCoverage
    close(nitrogen?.value ?? Number.NaN, fed, 1e-6, `${at}: after feeding`)
  }
})

test('what it costs is what is added, at the prices of the store', () => {
  for (const { at, input, recipe } of RECIPES) {
    const { materials, amendments } = input.stock
    const priceOf = (id: string) =>
      materials.find((row) => row.material.id === id)?.pricePerLitre ?? 0
    const perKg = (id: string) => amendments.find((row) => row.amendment.id === id)?.pricePerKg ?? 0
    const parts = recipe.parts.filter(({ role }) => role !== 'lot')
    const cost =
      sum(parts.map(({ id, litres }) => litres * priceOf(id))) +
      sum(recipe.doses.map(({ id, grams }) => (grams * perKg(id)) / 1000))
    close(recipe.cost, cost, 1e-6 * (1 + cost), at)
    close(recipe.predicted.costPerL, cost / recipe.settledLitres, 1e-6, at)
    assert.deepEqual(recipe.unpriced, [], at)
  }
})

test('what is measured out is within half a step of what is planned, and a label is never passed', () => {
  for (const { at, recipe } of RECIPES) {
    for (const { id, litres, rounded } of recipe.parts) {
      const step = litres >= 5 ? 0.5 : 0.125
      assert.ok(Math.abs(rounded.litres - litres) <= step / 2 + 1e-9, `${at}: ${id}`)
      assert.ok(rounded.text.length > 0)
    }
    for (const { id, gPerL, grams, firstGrams, rounded } of recipe.doses) {
      const step = firstGrams < 50 ? 1 : firstGrams < 500 ? 5 : 10
      assert.ok(Math.abs(rounded.grams - firstGrams) <= step + 1e-9, `${at}: ${id}`)
      assert.ok((gPerL * firstGrams) / grams <= amendment(id).rateHighGPerL + 1e-9, `${at}: ${id}`)
    }
  }
})

test('loads are alike, fit what they are carried in, and are the batch together', () => {
  for (const { at, recipe } of RECIPES) {
    for (const loadLitres of [3, 12.5, 80]) {
      const { loads } = scaleToLoads({ recipe, loadLitres })
      assert.equal(loads.length, Math.max(1, Math.ceil(recipe.partLitres / loadLitres - 1e-9)), at)
      for (const part of recipe.parts) {
        const each = loads.map(({ parts }) => parts.find(({ id }) => id === part.id)?.litres ?? 0)
        close(sum(each), part.litres, 1e-9 * (1 + part.litres), at)
        assert.ok(
          each.every((litres) => Math.abs(litres - (each[0] ?? 0)) < 1e-9),
          at,
        )
      }
      assert.ok(
        loads.every(({ litres }) => litres <= loadLitres + 1e-9),
        at,
      )
    }
  }
})

test('every number has its reason, and no reason a number that is none', () => {
  for (const { at, recipe } of RECIPES) {
    for (const { role } of recipe.parts) assert.ok(recipe.why[`part.${role}`], `${at}: ${role}`)
    for (const [key, { inputs }] of Object.entries(recipe.why)) {
      for (const { name, value } of inputs) {
        assert.ok(value === null || Number.isFinite(value), `${at}: ${key}, ${name} is ${value}`)
      }
    }
  }
})
