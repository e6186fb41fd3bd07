import assert from 'node:assert/strict'
import { after, before, test } from 'node:test'
import { TROUGH_TO_STRAWBERRY } from '../../../testing/answers'
import { demoDatabase, NOW } from '../../../testing/database'
import { createWorkOrder, putAwayWorkOrder } from '../../data/recondition'
import { lotsPage } from '../media'
import { buildRecipe } from './buildRecipe'
import { scheduleOf } from './recipePage'
import { turnoverPage } from './turnoverPage'

let garden: Awaited<ReturnType<typeof demoDatabase>>
before(async () => {
  garden = await demoDatabase()
})
after(() => garden.close())

const waiting = async () => (await turnoverPage(garden.db)).waiting.map(({ id }) => id)

test('what waits is what the list of lots says is cleared, in need or in store, with why', async () => {
  const { lots } = await lotsPage(garden.db)
  const wanted = lots
    .filter(({ state }) => state === 'act' || state === 'turn-over' || state === 'store')
    .map(({ id }) => id)
  assert.ok(wanted.length > 3)
  assert.deepEqual(
    (await waiting()).toSorted((a, b) => a - b),
    wanted,
  )
  const page = await turnoverPage(garden.db)
  assert.equal(page.waitingPart.total, wanted.length)
  for (const { id, group } of page.waiting) {
    const state = lots.find((lot) => lot.id === id)?.state
    assert.equal(group === 'growing', state === 'act', 'plants stand in it')
  }
})

test('a lot with an open order is under way and waits no more; put away, it waits again', async () => {
  const built = await buildRecipe(garden.db, TROUGH_TO_STRAWBERRY, NOW)
  const { steps, readyOn } = scheduleOf(built, NOW)
  const { intake, recipe } = built
  const id = await createWorkOrder(garden.db, { lotId: 1, intake, recipe, steps, readyOn, at: NOW })
  const page = await turnoverPage(garden.db)
  assert.deepEqual(
    page.open.map((order) => [order.id, order.lotName, order.done, order.steps]),
    [[id, 'Long trough by the door', 0, steps.length]],
  )
  assert.equal(page.openTotal, 1)
  assert.ok(!page.waiting.some((lot) => lot.id === 1))
  await putAwayWorkOrder(garden.db, id)
  assert.ok((await waiting()).includes(1))
  assert.equal((await turnoverPage(garden.db)).open.length, 0)
})

test('what waits is found by any word', async () => {
  const { waiting: found, asked } = await turnoverPage(garden.db, { find: 'bean sacks' })
  assert.deepEqual(
    found.map(({ name }) => name),
    ['Bean sacks, south wall'],
  )
  assert.equal(asked.find, 'bean sacks')
})
