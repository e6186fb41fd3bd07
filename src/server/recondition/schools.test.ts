import assert from 'node:assert/strict'
import { after, before, test } from 'node:test'
import { demoDatabase, NOW } from '../../../testing/database'
import { DEFAULT_SCHOOLS, type Schools } from '../../core/recondition'
import { readLot } from '../../data/media'
import { writePractice } from '../../data/site'
import { newFound } from '../lots'
import { lotPage } from '../media'
import { buildRecipe, intakePage, ladderPage } from '.'

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
  assert.deepEqual((await intakePage(garden.db, 1)).usual, { share: 0.2, feed: 'coated' })
  await work({})
  assert.deepEqual((await intakePage(garden.db, 1)).usual, { share: 0.3, feed: 'organic' })
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
