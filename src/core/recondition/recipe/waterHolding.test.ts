import assert from 'node:assert/strict'
import { test } from 'node:test'
import { POT } from '../../../../testing/samples'
import { amendment, close, crop, material } from '../../../../testing/tables'
import { blendMedia, type Component } from '../../media'
import { usableWater } from '../../season'
import { DEFAULT_LIMITS, type RecipeInput, type StockMaterial } from './recipeTypes'
import { solveRecipe } from './solveRecipe'
import { holderCandidates } from './waterHolding'

const stock = (id: string, pricePerLitre: number | null = 0.1): StockMaterial => ({
  material: material(id),
  litres: 500,
  pricePerLitre,
})
const TIRED: Component[] = [
  { material: material('all-purpose-mix'), parts: 5, measured: { starterNMgPerL: 0 } },
  { material: material('bark-chips'), parts: 5 },
]
const input = (everyDays: number | null, more: Partial<RecipeInput> = {}): RecipeInput => ({
  lot: { id: 'lot', components: TIRED, litres: 20, triage: null, measured: { ph: 6.2, ecSme: 1 } },
  litresWanted: 14,
  container: { shape: POT, fillHeightCm: 20 },
  crop: crop('chard'),
  school: { compostShare: 0.2, feed: 'organic' },
  stock: {
    materials: [
      stock('leaf-mould', 0.05),
      stock('perlite-coarse', 0.32),
      stock('all-purpose-mix', 0.2),
      stock('coir-pith'),
      stock('peat-medium', 0.11),
      stock('vermiculite-medium', 0.4),
    ],
    amendments: ['calcitic-lime', 'sulfur', 'granular-444'].map((id) => ({
      amendment: amendment(id),
      grams: 5000,
      pricePerKg: 3,
    })),
  },
  season: { weeklyMeanTempC: 20 },
  watering: everyDays === null ? undefined : { everyDays, lossLPerDay: 1, refillSuctionCm: 50 },
  ...more,
})
const partOf = (recipe: ReturnType<typeof solveRecipe>, role: string) =>
  recipe.parts.find((part) => part.role === role)
const lasting = solveRecipe(input(1)).daysBetweenWaterings ?? 0

test('a pot that lasts as long as its habit gets nothing to hold water, and the recipe is as without one', () => {
  const easy = solveRecipe(input(lasting))
  const silent = solveRecipe(input(null))
  assert.deepEqual(easy.parts, silent.parts)
  assert.equal(silent.daysBetweenWaterings, null)
  assert.equal(
    silent.checks.some(({ id }) => id === 'water'),
    false,
  )
  assert.equal(easy.checks.find(({ id }) => id === 'water')?.ok, true)
  assert.equal(easy.why.water?.rule, 'water.enough')
})

test('one that would dry out in between gets what holds more, and its air still holds', () => {
  const recipe = solveRecipe(input(lasting * 2))
  const holder = partOf(recipe, 'water-holding')
  assert.ok(holder && holder.share > 0.05, 'something that holds water goes in')
  assert.ok((recipe.daysBetweenWaterings ?? 0) > lasting * 1.04, 'and it lasts longer')
  assert.equal(recipe.checks.find(({ id }) => id === 'air')?.ok, true)
  assert.equal(recipe.checks.find(({ id }) => id === 'water')?.ok, false)
  assert.equal(recipe.why.water?.rule, 'water.helped')
  close(
    recipe.parts.reduce((sum, { share }) => sum + share, 0),
    1,
    1e-9,
    'shares',
  )
  close(
    recipe.parts.reduce((sum, { litres }) => sum + litres, 0),
    recipe.partLitres,
    1e-9,
    'litres',
  )
})

test('days are the water between draining and the refill point over what is lost', () => {
  const recipe = solveRecipe(input(lasting * 2))
  const components = recipe.parts.flatMap(({ id, litres }): Component[] =>
    id === 'lot'
      ? TIRED.map((one) => ({ ...one, parts: (one.parts / 10) * litres }))
      : [{ material: material(id), parts: litres }],
  )
  const { curve } = blendMedia({ components })
  const usable = usableWater({ curve, shape: POT, fillHeightCm: 20, refillSuctionCm: 50 })
  close(recipe.daysBetweenWaterings ?? 0, usable, 1e-6, 'days at 1 L a day')
})

test('no kind and share of the list scores better than what was chosen', () => {
  const habit = lasting * 2
  const chosen = solveRecipe(input(habit))
  for (const id of ['coir-pith', 'peat-medium', 'vermiculite-medium']) {
    const materials = input(habit).stock.materials.filter(
      (row) => row.material.id === id || !['coir-pith', 'peat-medium'].includes(row.material.id),
    )
    const other = solveRecipe(input(habit, { stock: { ...input(habit).stock, materials } }))
    assert.ok(chosen.score <= other.score + 0.01, `${id}: ${other.score} under ${chosen.score}`)
  }
})

test('near habits give near amounts', () => {
  let before = solveRecipe(input(lasting * 1.2))
  for (let habit = 1.22; habit <= 1.7; habit += 0.02) {
    const after = solveRecipe(input(lasting * habit))
    const [a, b] = [before, after].map((recipe) => partOf(recipe, 'water-holding'))
    const leap = a && b && a.id !== b.id ? 1 : Math.abs((a?.share ?? 0) - (b?.share ?? 0))
    assert.ok(leap < 0.06, `${habit}: ${a?.id} ${a?.share} to ${b?.id} ${b?.share}`)
    before = after
  }
})

test('bans: no peat in a peat-free garden, no fine peat for what stays, nothing limy for lime haters', () => {
  const all = ['peat-fine', 'peat-medium', 'coir-pith', 'vermiculite-medium', 'gravel'].map((id) =>
    stock(id),
  )
  const ids = (cropId: string, limits: { peatFree: boolean }) =>
    holderCandidates(all, crop(cropId), limits).map(({ material: { id } }) => id)
  assert.deepEqual(ids('chard', { peatFree: true }), ['coir-pith', 'vermiculite-medium'])
  assert.ok(!ids('camellia', DEFAULT_LIMITS).includes('peat-fine'))
  assert.ok(!ids('chard', DEFAULT_LIMITS).includes('gravel'), 'too coarse to hold water')
  const limy = stock('coir-pith')
  const sweet = { ...limy, material: { ...limy.material, freeLimeGPerL: 1 } }
  assert.deepEqual(holderCandidates([sweet], crop('camellia'), DEFAULT_LIMITS), [])
})

test('a habit nobody can have is refused', () => {
  for (const everyDays of [0, -1, Number.NaN]) {
    assert.throws(() => solveRecipe(input(everyDays)), /days between waterings/)
  }
  assert.throws(
    () =>
      solveRecipe(input(2, { watering: { everyDays: 2, lossLPerDay: -1, refillSuctionCm: 50 } })),
    /water lost/,
  )
})

test('where nothing is lost nothing is missing', () => {
  const recipe = solveRecipe(
    input(2, { watering: { everyDays: 2, lossLPerDay: 0, refillSuctionCm: 50 } }),
  )
  assert.equal(recipe.daysBetweenWaterings, null)
  assert.equal(partOf(recipe, 'water-holding'), undefined)
})
