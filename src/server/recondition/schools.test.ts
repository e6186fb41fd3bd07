import assert from 'node:assert/strict'
import { after, before, test } from 'node:test'
import { demoDatabase, NOW } from '../../../testing/database'
import { DEFAULT_SCHOOLS, type Schools } from '../../core/recondition'
import { readLot } from '../../data/media'
import { writePractice } from '../../data/site'
import { newFound } from '../lots'
import { lotPage } from '../media'
import { buildRecipe, intakePage, ladderPage, recipePage, scheduleOf } from '.'

let garden: Awaited<ReturnType<typeof demoDatabase>>
before(async () => {
  process.env.INNINGS_NOW = NOW.toISOString()
  garden = await demoDatabase()
})
after(async () => {
  delete process.env.INNINGS_NOW
  await garden.close()
})

const work = (more: Partial<Schools>) =>
  writePractice(garden.db, { schools: { ...DEFAULT_SCHOOLS, ...more } })
const answers = async (lotId: number) => ({
  lot: lotId,
  drop: 4,
  roots: 'dense' as const,
  side: 'no' as const,
  crop: 'strawberry',
  pots: (await readLot(garden.db, lotId)).containerIds,
  litres: null,
  share: 0.3,
  feed: 'organic' as const,
  every: null,
})

test('compost and feed: the form begins with what this garden does', async () => {
  await work({ compostShare: 0.2, feed: 'coated' })
  const usual = async () => {
    const { share, feed } = (await intakePage(garden.db, 1)).usual
    return { share, feed }
  }
  assert.deepEqual(await usual(), { share: 0.2, feed: 'coated' })
  await work({})
  assert.deepEqual(await usual(), { share: 0.3, feed: 'organic' })
})

test('heat: where nobody heats, the same finding asks for a rest or keeps families out', async () => {
  const { db } = garden
  await newFound(db, 7, { problemId: 'vine-weevil' }, NOW)
  await work({})
  assert.ok((await lotPage(db, 7, NOW)).triage?.actions.includes('heat'))
  await work({ heat: 'never' })
  const cold = (await lotPage(db, 7, NOW)).triage
  assert.ok(cold?.actions.includes('rest') && !cold.actions.includes('heat'))
  await work({})
})

test('roots: sieving everything leaves less of the old mix for the recipe', async () => {
  const { db } = garden
  const lotShare = async () =>
    (await buildRecipe(db, await answers(15), NOW)).intake.cleaningLossShare ?? 0
  await work({})
  const kept = await lotShare()
  await work({ roots: 'sieve' })
  assert.ok((await lotShare()) > kept * 1.4)
  await work({})
})

test('aggregate: a habit puts a fifth into everything, whatever the pot needs; the ladder follows', async () => {
  const { db } = garden
  await work({ aggregate: 'habit' })
  const { recipe } = await buildRecipe(db, await answers(1), NOW)
  const share = recipe.parts.find(({ role }) => role === 'aggregate')?.share ?? 0
  assert.ok(Math.abs(share - 0.2) < 1e-6, `${share}`)
  const habit = await ladderPage(db, await answers(1), NOW)
  await work({})
  const needed = await ladderPage(db, await answers(1), NOW)
  const air = (page: typeof habit) => page.rungs.find(({ id }) => id === 'full')?.airFraction
  assert.notEqual(air(habit), air(needed))
})

const stepOf = (built: Awaited<ReturnType<typeof buildRecipe>>, kind: string) =>
  scheduleOf(built, NOW).steps.find((step) => step.kind === kind)

test('how far: the form goes that way by itself, and the ladder begins with it', async () => {
  const { db } = garden
  await work({ way: 'compost' })
  assert.equal((await intakePage(db, 1)).usual.way, 'compost')
  assert.equal((await ladderPage(db, await answers(1), NOW)).usualWay, 'compost')
  await work({})
  assert.equal((await ladderPage(db, await answers(1), NOW)).usualWay, null)
})

test('a new mix: a bag by itself, a bag with what pot and crop ask for, or the group’s own recipe', async () => {
  const { db } = garden
  const replaced = async () =>
    (await ladderPage(db, { ...(await answers(1)), crop: 'rosemary' }, NOW)).rungs.find(
      ({ id }) => id === 'replace',
    )
  await work({})
  const bag = await replaced()
  assert.equal(bag?.added.length, 1)
  await work({ newMix: 'adjust' })
  const adjusted = await replaced()
  assert.ok(
    adjusted && adjusted.added.length > 1 && adjusted.added[0]?.name === bag?.added[0]?.name,
  )
  await work({ newMix: 'make' })
  const made = await replaced()
  assert.notDeepEqual(made?.added, bag?.added)
  await work({})
})

test('after mixing: planted at once is ready sooner, and says what is risked', async () => {
  const { db } = garden
  await work({})
  const safe = scheduleOf(await buildRecipe(db, await answers(1), NOW), NOW)
  await work({ wait: 'at-once' })
  const page = await recipePage(db, await answers(1), NOW)
  assert.ok(page.readyOn < safe.readyOn, `${page.readyOn} ${safe.readyOn}`)
  assert.equal(page.passedOver?.safeOn, safe.readyOn)
  const ways = await ladderPage(db, await answers(1), NOW)
  assert.equal(ways.rungs.find(({ id }) => id === 'full')?.earliestPlanting, page.readyOn)
  await work({})
})

test('in place: no more compost than finds room, no tipping out; where it must come out, why', async () => {
  const { db } = garden
  const asked = { ...(await answers(1)), roots: 'fine' as const }
  await work({})
  const tipped = await buildRecipe(db, asked, NOW)
  assert.ok(stepOf(tipped, 'tip-out'))
  await work({ place: 'in-place' })
  const page = await recipePage(db, asked, NOW)
  const built = await buildRecipe(db, asked, NOW)
  assert.equal((await intakePage(db, 1)).usual.place, 'in-place')
  assert.ok(built.recipe.leftoverLitres <= tipped.recipe.leftoverLitres)
  assert.equal(stepOf(built, 'tip-out') === undefined, page.tippedFor === null)
  // Roots that have to be pulled out.
  const bound = { ...asked, roots: 'bound' as const }
  assert.equal((await recipePage(db, bound, NOW)).tippedFor, 'roots')
  assert.ok(stepOf(await buildRecipe(db, bound, NOW), 'tip-out'))
  // Said otherwise for this lot.
  assert.equal((await recipePage(db, { ...bound, place: 'tipped' }, NOW)).tippedFor, null)
  await work({})
})

test('containers: disinfected where that is the custom, and after a disease whatever the custom', async () => {
  const { db } = garden
  const washed = async (lot: number) =>
    stepOf(await buildRecipe(db, await answers(lot), NOW), 'containers')?.notes
  await work({})
  assert.equal(await washed(1), undefined)
  await work({ wash: 'disinfect' })
  assert.deepEqual(await washed(1), [{ id: 'disinfect' }])
  await work({})
  await newFound(db, 1, { problemId: 'powdery-mildew' }, NOW)
  assert.deepEqual(await washed(1), [{ id: 'disinfect' }])
})

test('what is left over: so wide a bed under it, or so much of its soil; none that was found ill', async () => {
  const { db } = garden
  await work({ surplus: 'bed' })
  const { spare } = await ladderPage(db, await answers(15), NOW)
  const { litres } = (await readLot(db, 15)).contents
  assert.ok(spare?.id === 'bed' && Math.abs(spare.soilLitres - litres / 2) < 1e-6)
  await work({})
  assert.equal((await ladderPage(db, await answers(15), NOW)).spare?.id, 'mulch')
  await newFound(db, 15, { problemId: 'vine-weevil' }, NOW)
  assert.equal((await ladderPage(db, await answers(15), NOW)).spare, null)
})

test('minerals: in the recipe by the low rate of their label, on no other number', async () => {
  const { db } = garden
  await work({})
  const without = (await buildRecipe(db, await answers(1), NOW)).recipe
  await work({ minerals: 'both' })
  const built = await buildRecipe(db, await answers(1), NOW)
  const dust = built.recipe.doses.find(({ role }) => role === 'mineral')
  assert.ok(dust && Math.abs(dust.gPerL - 2) < 1e-9)
  assert.equal(without.doses.length + 1, built.recipe.doses.length)
  assert.equal(built.recipe.predicted.nCoverage, without.predicted.nCoverage)
  assert.ok(stepOf(built, 'plant')?.notes?.some(({ id }) => id.includes('inocul')))
  await work({})
})
