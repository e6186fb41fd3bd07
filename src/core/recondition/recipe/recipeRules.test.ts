import assert from 'node:assert/strict'
import { test } from 'node:test'
import { POT } from '../../../../testing/samples'
import { amendment, close, crop, material } from '../../../../testing/tables'
import { blendEc, leach, potDemand } from '../../chemistry'
import { containerVolume } from '../../containers'
import { DomainError } from '../../errors'
import { blendMedia, type Component, containerCapacity, HUMIFIED_FINES } from '../../media'
import { leachOldMix } from './leaching'
import { lotComponents } from './lotComponents'
import type { RecipeInput, StockAmendment, StockMaterial } from './recipeTypes'
import { solveRecipe } from './solveRecipe'

const stock = (id: string, pricePerLitre: number | null = 0.2): StockMaterial => ({
  material: material(id),
  litres: 500,
  pricePerLitre,
})
const powder = (id: string, pricePerKg: number | null = 3): StockAmendment => ({
  amendment: amendment(id),
  grams: 5000,
  pricePerKg,
})
const mix = (parts: Readonly<Record<string, number>>): Component[] =>
  Object.entries(parts).map(([id, count]) => ({
    material: material(id),
    parts: count,
    measured: { starterNMgPerL: 0 },
  }))
const TIRED = mix({ 'all-purpose-mix': 7, 'humified-fines': 3 })
const COLUMN = { columnShape: POT, fillHeightCm: 18 }
const input = (more: Partial<RecipeInput> = {}): RecipeInput => ({
  lot: { id: 'lot', components: TIRED, litres: 20, triage: null, measured: { ph: 6.2, ecSme: 1 } },
  litresWanted: 14,
  container: { shape: POT, fillHeightCm: 20 },
  crop: crop('chard'),
  school: { compostShare: 0.2, feed: 'organic' },
  stock: {
    materials: [stock('leaf-mould', 0.05), stock('perlite-coarse', 0.32), stock('all-purpose-mix')],
    amendments: ['calcitic-lime', 'sulfur', 'granular-444'].map((id) => powder(id)),
  },
  season: { weeklyMeanTempC: 20 },
  ...more,
})
const withLot = (lot: Partial<NonNullable<RecipeInput['lot']>>): RecipeInput =>
  input({ lot: { ...(input().lot as NonNullable<RecipeInput['lot']>), ...lot } })
const shareOf = (recipe: ReturnType<typeof solveRecipe>, role: string) =>
  recipe.parts.find((part) => part.role === role)?.share ?? 0

test('the fines that ageing leaves are the shipped row', () => {
  assert.deepEqual(HUMIFIED_FINES, material('humified-fines'))
})

test('a measured lot enters as measured: its air, its pores, its speed', () => {
  const measured = { airFraction: 0.11, totalPorosity: 0.83, ksCmPerS: 0.021, ...COLUMN }
  const components = lotComponents(TIRED, measured)
  const blend = blendMedia({ components })
  const air = containerCapacity({ curve: blend.curve, shape: POT, fillHeightCm: 18 }).airFraction
  close(air, 0.11, 0.005, 'air')
  close(blend.totalPorosity, 0.83, 1e-6, 'pores')
  close(Math.log(blend.ksCmPerS), Math.log(0.021), 1e-6, 'speed')
  // Also where the air measured is more than the pores that were expected leave.
  const open = lotComponents(TIRED, { airFraction: 0.45, ...COLUMN })
  const much = containerCapacity({
    ...blendMedia({ components: open }),
    shape: POT,
    fillHeightCm: 18,
  })
  close(much.airFraction, 0.45, 0.005, 'much air')
})

test('what is added to a measured lot changes it without a jump', () => {
  const lot = lotComponents(TIRED, { airFraction: 0.09, ...COLUMN })
  const airWith = (share: number) =>
    containerCapacity({
      ...blendMedia({
        components: [
          ...lot.map((one) => ({ ...one, parts: one.parts * (1 - share) })),
          // Of the same row as a part of the lot, but not worn.
          { material: material('all-purpose-mix'), parts: share },
        ],
      }),
      shape: POT,
      fillHeightCm: 18,
    }).airFraction
  close(airWith(1e-6), airWith(0), 1e-4)
  close(airWith(0.02), airWith(0), 0.01)
  assert.ok(airWith(0.5) > airWith(0) + 0.02, 'fresh mix of the same bag is fresher')
})

test('a porosity test worse than expected asks for more aggregate', () => {
  const before = solveRecipe(input())
  const { curve, totalPorosity } = blendMedia({ components: TIRED })
  const expected = containerCapacity({ curve, shape: POT, fillHeightCm: 18 }).airFraction
  const tested = solveRecipe(
    withLot({
      measured: { ph: 6.2, ecSme: 1, airFraction: expected - 0.03, totalPorosity, ...COLUMN },
    }),
  )
  assert.ok(shareOf(tested, 'aggregate') > shareOf(before, 'aggregate') + 0.03)
})

test('a mix that was never planted and fits is used as it is; planted once, it is not', () => {
  const bag = { 'all-purpose-mix': 1 }
  const fresh = mix(bag).map((one) => ({ ...one, measured: {} }))
  const base = solveRecipe(input({ lot: null, base: fresh, crop: crop('petunia') }))
  assert.deepEqual(
    base.parts.map(({ id, role, share }) => [id, role, share]),
    [['all-purpose-mix', 'fresh', 1]],
  )
  assert.deepEqual(base.doses, [])
  const unused = withLot({ components: fresh, measured: {}, neverPlanted: true })
  assert.equal(
    solveRecipe({ ...unused, crop: crop('petunia') }).why['part.compost']?.rule,
    'compost.as-is',
  )
  const planted = solveRecipe({
    ...unused,
    lot: {
      ...(unused.lot as never as {
        id: string
        components: Component[]
        litres: number
        triage: null
      }),
      neverPlanted: false,
    },
    crop: crop('petunia'),
  })
  assert.equal(planted.why['part.compost']?.rule, 'compost.school')
  const unfit = solveRecipe(input({ lot: null, base: fresh, crop: crop('rosemary') }))
  assert.ok(unfit.parts.length > 1 || unfit.why['part.compost']?.rule !== 'compost.as-is')
})

test('a salty old mix is washed first, to three quarters of the ceiling, and has no mineral nitrogen after it', () => {
  const salty = solveRecipe(withLot({ measured: { ph: 6.2, ecSme: 6 } }))
  const ceiling = crop('chard').ecMaxSme
  assert.ok(salty.leachLitres > 0)
  assert.equal(salty.why.ec?.rule, 'ec.leach')
  assert.ok(salty.predicted.ecSme <= ceiling + 1e-6)
  const line = (ecSme: number) => solveRecipe(withLot({ measured: { ph: 6.2, ecSme } }))
  assert.equal(line(ceiling - 0.01).leachLitres, 0)
  const alone = withLot({ measured: { ph: 6.2, ecSme: ceiling + 0.01 } })
  const { lot, container } = alone
  assert.ok(lot)
  const components = lotComponents(lot.components, lot.measured)
  const washed = leachOldMix(components, alone.crop, container)
  close(blendEc({ components: washed.components }).ecSme, 0.75 * ceiling, 1e-6)
  const { waterFraction } = containerCapacity({
    curve: blendMedia({ components }).curve,
    ...container,
  })
  const asked = { ec: ceiling + 0.01, target: 0.75 * ceiling, mediaLitres: 10, waterFraction }
  close(washed.waterFor(10), leach(asked).litres, 1e-9)
})

test('compost gives way to salts, but not where the salts are not its own', () => {
  const saltCompost = { ...material('leaf-mould'), ec1to2: 6 }
  const salty = solveRecipe(
    input({
      school: { compostShare: 0.5, feed: 'organic' },
      stock: {
        ...input().stock,
        materials: [
          { material: saltCompost, litres: 500, pricePerLitre: 0.1 },
          stock('perlite-coarse'),
        ],
      },
    }),
  )
  assert.ok(shareOf(salty, 'compost') < 0.5)
  assert.equal(salty.why['part.compost']?.rule, 'compost.salt')
  const kept = solveRecipe(withLot({ measured: { ph: 6.2, ecSme: 4.4 } }))
  close(shareOf(kept, 'compost'), 0.2, 1e-9)
})

test('the fertilizer leaves a fifth of the salt ceiling', () => {
  const hungry = solveRecipe(input({ crop: crop('tomato-tall'), litresWanted: 14 }))
  const { ecSme } = hungry.predicted
  assert.ok(ecSme <= 0.8 * crop('tomato-tall').ecMaxSme + 1e-6, String(ecSme))
})

test('nitrogen is that of the container, and its check is made after feeding, up to three times a week', () => {
  const small = { kind: 'round', topDiameterCm: 20, baseDiameterCm: 16, heightCm: 20 } as const
  const container = { shape: small, fillHeightCm: 17 }
  const tomato = crop('tomato-tall')
  const amendments = [...input().stock.amendments, powder('soluble-20-10-20')]
  const recipe = solveRecipe(
    input({
      crop: tomato,
      container,
      school: { feed: 'soluble' },
      stock: { ...input().stock, amendments },
    }),
  )
  const demand = potDemand({ ...tomato, potLitres: containerVolume(container) })
  assert.ok(demand > tomato.nSeasonMgPerL, 'a small pot asks more of each litre')
  assert.equal(
    recipe.why['dose.fertilizer']?.inputs.find(({ name }) => name === 'demand')?.value,
    demand / 1000,
  )
  const { feedPlan } = recipe
  assert.ok(feedPlan && feedPlan.feedsPerWeek > 1, String(feedPlan?.feedsPerWeek))
  assert.ok(recipe.predicted.nCoverage < 0.9)
  const check = recipe.checks.find(({ id }) => id === 'nitrogen')
  assert.equal(check?.value, feedPlan.coverageAfter)
  assert.equal(check?.ok, true)
})

test('a price that is not known counts as the median of its kind, and the cost says so', () => {
  const dear = (price: number | null) =>
    solveRecipe(
      input({
        stock: {
          ...input().stock,
          materials: [
            stock('leaf-mould', 0.05),
            stock('rice-hulls', price),
            stock('bark-fine', 0.9),
            stock('all-purpose-mix', 0.25),
          ],
        },
        crop: crop('strawberry'),
      }),
    )
  const known = dear(0.9)
  const unknown = dear(null)
  assert.deepEqual(
    unknown.parts.map(({ id, share }) => [id, share]),
    known.parts.map(({ id, share }) => [id, share]),
  )
  assert.deepEqual(known.unpriced, [])
  assert.ok(unknown.parts.some(({ id }) => id === 'rice-hulls'))
  assert.deepEqual(unknown.unpriced, ['rice-hulls'])
  assert.ok(unknown.cost < known.cost)
})

test('lime: none in the band, tapered at its edge, whole from 0.3 below it, none asked for where the pH is unsure', () => {
  const { pHLow } = crop('chard')
  const limeAt = (ph: number, buffer = 1.5) =>
    solveRecipe(
      input({
        school: { compostShare: 0, feed: 'organic', aggregateShare: 0 },
        lot: {
          id: 'lot',
          components: mix({ 'all-purpose-mix': 1 }),
          litres: 40,
          triage: null,
          measured: { ph, buffer, ecSme: 1 },
        },
      }),
    )
  const dose = (ph: number) => limeAt(ph).doses.find(({ role }) => role === 'lime')?.gPerL ?? 0
  assert.equal(dose(pHLow + 0.01), 0)
  assert.ok(dose(pHLow - 0.03) < 0.12)
  assert.ok(dose(pHLow - 0.29) > dose(pHLow - 0.2) && dose(pHLow - 0.2) > dose(pHLow - 0.1))
  close(limeAt(pHLow - 0.4).predicted.ph, pHLow + 0.3, 0.01)
  const guess = solveRecipe(
    input({
      school: { compostShare: 0, feed: 'organic', aggregateShare: 0 },
      lot: {
        id: 'lot',
        components: mix({ 'spent-mix': 1 }).map((one) => ({
          ...one,
          material: { ...one.material, pH: pHLow - 0.3 },
        })),
        litres: 40,
        triage: null,
      },
    }),
  )
  assert.equal(
    guess.doses.some(({ role }) => role === 'lime'),
    false,
  )
  assert.equal(guess.why['dose.acidity']?.rule, 'acidity.test-first')
  assert.equal(guess.testFirst?.role, 'lime')
  assert.ok((guess.testFirst?.grams ?? 0) > 1)
  assert.ok((guess.testFirst?.phWidth ?? 0) > 0.6)
})

test('acid mix brings a lime hater down before sulfur does', () => {
  const sour = (materials: StockMaterial[]) =>
    solveRecipe(
      input({
        crop: crop('camellia'),
        school: { compostShare: 0, feed: 'coated' },
        stock: { ...input().stock, materials },
        lot: {
          id: 'lot',
          components: mix({ 'bark-fine': 1, 'acid-mix': 1 }),
          litres: 40,
          triage: null,
          measured: { ph: 6.5, ecSme: 0.6 },
        },
      }),
    )
  const fresh = sour([stock('acid-mix'), stock('all-purpose-mix', 0.1)])
  assert.equal(fresh.parts.find(({ role }) => role === 'fresh')?.id, 'acid-mix')
  assert.equal(fresh.why['part.fresh']?.rule, 'fresh.acid')
  assert.ok(fresh.predicted.ph <= crop('camellia').pHHigh + 0.05)
  const without = sour([stock('all-purpose-mix', 0.1)])
  assert.equal(shareOf(without, 'fresh'), 0, 'a limed bag is no acid mix')
})

test('caustic lime is a step of its own, and only where there is no ground limestone', () => {
  const only = (ids: string[]) =>
    solveRecipe(
      input({
        stock: { ...input().stock, amendments: ids.map((id) => powder(id)) },
        lot: {
          id: 'lot',
          components: TIRED,
          litres: 40,
          triage: null,
          measured: { ph: 4.8, buffer: 1.5, ecSme: 1 },
        },
      }),
    ).doses.find(({ role }) => role === 'lime')
  const both = only(['hydrated-lime', 'calcitic-lime', 'granular-444'])
  assert.equal(both?.id, 'calcitic-lime')
  assert.equal(both?.apart, false)
  const caustic = only(['hydrated-lime', 'granular-444'])
  assert.equal(caustic?.id, 'hydrated-lime')
  assert.equal(caustic?.apart, true)
})

test('compost is chosen by its nitrogen among the near cheapest', () => {
  const chosen = (cropId: string, prices: readonly [number, number]) =>
    solveRecipe(
      input({
        crop: crop(cropId),
        stock: {
          ...input().stock,
          materials: [
            stock('leaf-mould', prices[0]),
            stock('garden-compost', prices[1]),
            stock('perlite-coarse'),
          ],
        },
      }),
    ).parts.find(({ role }) => role === 'compost')?.id
  assert.equal(chosen('chard', [0.1, 0.11]), 'garden-compost')
  assert.equal(chosen('chard', [0.1, 0.2]), 'leaf-mould')
})

test('seedlings are not raised in what harms them', () => {
  assert.throws(
    () =>
      solveRecipe({
        ...withLot({ triage: { verdict: 'restrict', forSeedlings: false } }),
        crop: { ...crop('young-plants'), kind: 'seedling', freshOnly: false },
      }),
    (error) =>
      error instanceof DomainError &&
      error.code === 'unsuitable' &&
      /seedlings/.test(error.message),
  )
})

test('a sieve test tells the loss; a fixed share of aggregate is taken, the kind still the best', () => {
  const sieved = solveRecipe(withLot({ measured: { ph: 6.2, ecSme: 1, sieveLossShare: 0.3 } }))
  const used = sieved.parts.find(({ role }) => role === 'lot')?.litres ?? 0
  close(used + sieved.leftoverLitres, 14, 1e-6)
  const fixed = solveRecipe(
    input({ school: { compostShare: 0.2, feed: 'organic', aggregateShare: 0.12 } }),
  )
  close(shareOf(fixed, 'aggregate'), 0.12, 1e-9)
})

test('long-lived crops get a grain that does not rot where it costs a little more', () => {
  const materials = [
    stock('rice-hulls', 0.3),
    stock('perlite-coarse', 0.32),
    stock('all-purpose-mix'),
  ]
  const chosen = (weeksInPot: number) =>
    solveRecipe(
      input({
        crop: { ...crop('strawberry'), weeksInPot },
        school: { compostShare: 0, feed: 'organic' },
        stock: { ...input().stock, materials },
      }),
    ).aggregateOptions
  const score = (weeks: number, id: string) =>
    chosen(weeks).find((one) => one.id === id)?.score ?? 0
  const ahead = (weeks: number) => score(weeks, 'rice-hulls') - score(weeks, 'perlite-coarse')
  assert.ok(ahead(104) > ahead(30) + 0.03)
})

test('bad measurements are refused', () => {
  const refused = (measured: object) =>
    assert.throws(
      () => solveRecipe(withLot({ measured })),
      (error) => error instanceof DomainError && /\.$/.test(error.message),
    )
  refused({ airFraction: 0.2 })
  refused({ airFraction: 1.2, ...COLUMN })
  refused({ airFraction: 0.3, totalPorosity: 0.2, ...COLUMN })
  refused({ ksCmPerS: 0 })
  refused({ sieveLossShare: 1 })
  refused({ airFraction: 0.2, columnShape: POT, fillHeightCm: Number.NaN })
})

test('salts of a lot washed to the ceiling are the ceiling', () => {
  const lot = lotComponents(TIRED, { ecSme: 2.2 })
  close(blendEc({ components: lot }).ecSme, 2.2, 1e-9)
})
