import assert from 'node:assert/strict'
import { after, before, test } from 'node:test'
import { eq } from 'drizzle-orm'
import { demoDatabase, NOW } from '../../../testing/database'
import { close as near } from '../../../testing/tables'
import { benchTests } from '../../data/bench/benchTables'
import { appendLines, listMaterials, materials } from '../../data/media'
import { why as whyWords } from '../../ui/texts/why'
import { lotPage } from './lotPage'
import { lotsPage } from './lotsPage'
import { newExposure } from './newExposure'

let garden: Awaited<ReturnType<typeof demoDatabase>>
before(async () => {
  garden = await demoDatabase()
})
after(() => garden.close())

test('every number of a lot can be asked why, in words that are in the catalogue', async () => {
  for (const { id, name } of (await lotsPage(garden.db)).lots) {
    const page = await lotPage(garden.db, id, NOW)
    const shown = {
      litres: page.litres > 0,
      air: page.air !== null,
      lowAir: page.pot !== null,
      ph: page.ph !== null,
      ec: page.ecSme !== null,
      innings: page.inningsLeft !== null,
      weight: page.bulkDensity !== null && page.water !== null,
    }
    for (const [key, visible] of Object.entries(shown)) {
      const why = page.why[key as keyof typeof shown]
      assert.ok(!visible || why, `${name}: ${key}`)
      if (!why) continue
      assert.notEqual(whyWords.rule(why.rule), why.rule, why.rule)
      assert.notEqual(whyWords.sourceOf(why.source), why.source, why.source)
      for (const input of why.inputs) assert.notEqual(whyWords.input(input.name), input.name)
    }
  }
})

test('what was worked out of a lot is worked out anew when the lot or the shelf changes', async () => {
  const { db } = garden
  const thin = (await lotsPage(db)).lots
  const pages = await Promise.all(thin.map(({ id }) => lotPage(db, id, NOW)))
  const page = pages.find(({ remedy }) => remedy !== null)
  assert.ok(page?.remedy, 'a lot with too little air is offered what lifts it')
  const { id, remedy } = page
  assert.deepEqual((await lotPage(db, id, NOW)).remedy, remedy)
  const [other] = (await listMaterials(db)).filter(({ material }) => material.name === remedy.name)
  assert.ok(other)
  await db.update(materials).set({ pricePerLitre: 40 }).where(eq(materials.id, other.material.id))
  const dear = (await lotPage(db, id, NOW)).remedy
  assert.notEqual(dear?.name, remedy.name, 'what costs forty a litre is not offered any more')
  const litres = async () =>
    (await lotPage(db, id, NOW)).why.litres?.inputs.map(({ value }) => value)
  const before = await litres()
  const components = [{ materialId: 'peat-medium', litres: 1 }]
  const line = { kind: 'topped-up' as const, litres: 1, components, doses: [], note: null }
  await appendLines(db, id, [line], NOW)
  assert.notDeepEqual(await litres(), before, 'a litre more is told by its reason too')
})

test('a measured number tells its day and what the test is good to, an estimated one what its composition earns', async () => {
  const page = await lotPage(garden.db, 3, NOW)
  assert.ok(page.ph?.measuredOn)
  assert.equal(page.why.ph?.measuredOn, page.ph.measuredOn)
  const [acid, mild] = page.why.ph?.range ?? [0, 0]
  near((acid + mild) / 2, page.ph.value, 1e-9)
  assert.ok(mild - acid > 0.3 && mild - acid < 0.5, String(mild - acid))
  // Its porosity test makes the air surer than any composition does.
  const [least, most] = page.why.air?.range ?? [0, 0]
  assert.ok(least <= (page.air?.value ?? 0) && (page.air?.value ?? 1) <= most)
  assert.ok(most - least < 0.06, String(most - least))
  const { air, why } = await lotPage(garden.db, 1, NOW)
  assert.equal(air?.measuredOn, null)
  const [low, high] = why.air?.range ?? [0, 0]
  // Earned by its composition, not a flat plus and minus.
  assert.ok(low < (air?.value ?? 0) && (air?.value ?? 1) < high)
  assert.ok(high - low > 0.04 && high - low < 0.2, String(high - low))
})

test('air that was tested in another pot is worked out for this one, and says so', async () => {
  const { air, why, pot } = await lotPage(garden.db, 3, NOW)
  assert.ok(air?.measuredOn)
  assert.equal(why.air?.rule, 'air.tested')
  assert.equal(why.air?.measuredOn, air.measuredOn)
  const [test] = await garden.db
    .select()
    .from(benchTests)
    .where(eq(benchTests.id, why.air?.testId ?? 0))
  assert.equal(test?.kind, 'porosity', 'the way to the test stands beside the number')
  // What is drawn is what is told.
  near(pot?.airFraction ?? 0, air.value, 1e-9)
  // A test of an earlier innings, or before something was mixed in, does not count any more.
  const basket = await lotPage(garden.db, 1, NOW)
  assert.equal(basket.air?.measuredOn, null)
})

test('the inputs of the litres are the ledger', async () => {
  const page = await lotPage(garden.db, 1, NOW)
  const input = (name: string) =>
    page.why.litres?.inputs.find((one) => one.name === name)?.value as number
  near(input('cameIn') - input('wentOut'), page.litres, 1e-9)
  assert.equal(page.ledger[0]?.balance.toFixed(6), page.litres.toFixed(6), 'newest entry first')
})

test('a tired lot says what would bring its air back', async () => {
  const page = await lotPage(garden.db, 1, NOW)
  assert.equal(page.finding.kind, 'air-short')
  assert.ok(page.remedy && page.crop && page.air)
  assert.ok(page.air.value < page.crop.airMin)
  assert.ok(page.remedy.airAfter >= page.crop.airMin)
})

test('a pot that stands elsewhere than was said takes another amount of water', async () => {
  const before = await lotPage(garden.db, 3, NOW)
  assert.equal(before.exposure, 'shade')
  const said = await newExposure(garden.db, 3, 'windy')
  assert.equal(said.before, 'shade')
  const after = await lotPage(garden.db, 3, NOW)
  assert.equal(after.exposure, 'windy')
  const drift = ({ chemistry }: typeof before) => chemistry?.drift?.deltaPh ?? 0
  assert.ok(drift(after) > 1.5 * drift(before), 'more tap water, more drift')
  const bin = (await lotPage(garden.db, 8, NOW)).exposure
  assert.equal(bin, null)
  await assert.rejects(newExposure(garden.db, 8, 'open'), /stands in no container/)
})
