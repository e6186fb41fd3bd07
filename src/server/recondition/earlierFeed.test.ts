import assert from 'node:assert/strict'
import { after, before, test } from 'node:test'
import { demoDatabase, NOW } from '../../../testing/database'
import { nitrogenLeft } from '../../core/chemistry'
import { appendLines, readLot } from '../../data/media'
import { createWorkOrder, readWorkOrder } from '../../data/recondition'
import { readSite } from '../../data/site'
import type { IntakeAnswers } from '../../messages/recondition/answers'
import { feedLeftOf, readLotFacts } from '../lots'
import { readTables } from '../tables'
import { buildRecipe } from './buildRecipe'
import { finishOrder } from './finishOrder'
import { scheduleOf } from './recipePage'

let garden: Awaited<ReturnType<typeof demoDatabase>>
before(async () => {
  garden = await demoDatabase()
})
after(() => garden.close())

const ANSWERS: IntakeAnswers = {
  lot: 1,
  drop: 4.1,
  roots: 'fine',
  side: 'no',
  crop: 'chard',
  pots: [12],
  litres: null,
  share: 0.2,
  feed: 'organic',
  every: null,
}

async function slowFeed() {
  const site = await readSite(garden.db)
  const tables = await readTables(garden.db, site.timeZone)
  const [slow] = [...tables.amendments.values()]
    .filter(({ kind }) => kind === 'coated fertilizer')
    .sort((a, b) => b.releaseDays50 - a.releaseDays50)
  assert.ok(slow)
  return { site, tables, slow }
}

const fertilizer = ({ recipe }: Awaited<ReturnType<typeof buildRecipe>>) =>
  recipe.doses
    .filter(({ role }) => role === 'fertilizer')
    .reduce((sum, { grams }) => sum + grams, 0)

test('feed mixed in this summer is reckoned with in the next recipe, and goes with what is left over', async () => {
  const { db } = garden
  const { site, tables, slow } = await slowFeed()
  const bare = await buildRecipe(db, ANSWERS, NOW)
  const month = 30 * 86_400_000
  const { contents } = await readLot(db, 1)
  await appendLines(
    db,
    1,
    [
      {
        kind: 'amended',
        litres: 0,
        components: [],
        doses: [{ amendmentId: slow.id, grams: contents.litres }],
        note: null,
      },
    ],
    new Date(NOW.getTime() - 2 * month),
  )
  const facts = await readLotFacts(db, tables, 1)
  const left = feedLeftOf(facts.doses, tables.today, site)
  const all = 10 * slow.nPercent * slow.nReleaseSeason
  assert.ok(
    nitrogenLeft(left) > 0.4 * all && nitrogenLeft(left) < all,
    'part of it is still to come',
  )

  const fed = await buildRecipe(db, ANSWERS, NOW)
  assert.ok(fed.recipe.predicted.nCoverage >= bare.recipe.predicted.nCoverage - 0.02)
  assert.ok(fertilizer(fed) < fertilizer(bare), 'less is weighed in')
  const told = fed.recipe.why['dose.fertilizer']?.inputs.find(({ name }) => name === 'feedLeft')
  assert.ok(Number(told?.value) > 0, 'and the reason names it')

  const { steps, readyOn } = scheduleOf(fed, NOW)
  const { intake, recipe } = fed
  const id = await createWorkOrder(db, { lotId: 1, intake, recipe, steps, readyOn, at: NOW })
  const { leftoverLotId } = await finishOrder(db, id, NOW)
  const lot = await readLot(db, 1)
  const predicted = lot.innings.at(-1)?.predicted
  assert.ok(predicted)
  assert.ok(Math.abs(predicted.nCoverage - recipe.predictedRounded.nCoverage) < 0.03)
  assert.ok(
    lot.carried?.doses.some(({ amendmentId }) => amendmentId === slow.id),
    'the lot knows of it',
  )
  assert.ok(leftoverLotId !== null, 'some of the old mix was left over')
  const rest = await readLotFacts(db, tables, leftoverLotId)
  const restLeft = feedLeftOf(rest.doses, tables.today, site)
  assert.ok(
    Math.abs(nitrogenLeft(restLeft) / nitrogenLeft(left) - 1) < 0.02,
    'in each litre that was left over as much as before',
  )
  assert.equal((await readWorkOrder(db, id)).state, 'finished')
})
