import assert from 'node:assert/strict'
import { after, before, test } from 'node:test'
import { demoDatabase, NOW } from '../../../testing/database'
import { allLots } from '../../../testing/lots'
import { LOT_STATES } from '../../core/media'
import { summarizeChangedLots } from '../../server/lots'
import { findLotNames, findLots, type LotsAsked } from './findLots'
import { createLot } from './lots'

let garden: Awaited<ReturnType<typeof demoDatabase>>
before(async () => {
  garden = await demoDatabase()
})
after(() => garden.close())

const find = (asked: Partial<LotsAsked> = {}) =>
  findLots(garden.db, { offset: 0, limit: 50, ...asked })

test('all lots in the order they were made, with what they hold in all', async () => {
  const lots = await allLots(garden.db)
  const found = await find()
  assert.deepEqual(
    found.ids,
    lots.map(({ id }) => id),
  )
  assert.equal(found.total, lots.length)
  const litres = lots.reduce((sum, { contents }) => sum + contents.litres, 0)
  assert.ok(Math.abs(found.inPotsLitres + found.inStoreLitres - litres) < 1e-6)
  const inPots = lots.filter(({ containerIds }) => containerIds.length > 0)
  const potLitres = inPots.reduce((sum, { contents }) => sum + contents.litres, 0)
  assert.ok(Math.abs(found.inPotsLitres - potLitres) < 1e-6)
  // Litres as they served: an old mix was more when it was new.
  const litreInnings = lots
    .flatMap(({ innings }) => innings)
    .reduce((sum, one) => sum + (one.litres ?? 0), 0)
  assert.ok(Math.abs(found.litreInnings - litreInnings) < 1e-6)
  const asNow = lots.reduce((sum, lot) => sum + lot.contents.litres * lot.innings.length, 0)
  assert.ok(litreInnings > asNow)
})

test('page by page every lot comes once', async () => {
  const { total } = await find()
  const seen: number[] = []
  for (let offset = 0; offset < total; offset += 3) {
    seen.push(...(await find({ offset, limit: 3, order: 'litres', descending: true })).ids)
  }
  assert.equal(seen.length, total)
  assert.equal(new Set(seen).size, total)
})

test('every order is an order, upwards and downwards; what has no value comes last', async () => {
  const lots = new Map((await allLots(garden.db)).map((lot) => [lot.id, lot]))
  const litres = (await find({ order: 'litres' })).ids.map((id) => lots.get(id)?.contents.litres)
  assert.deepEqual(
    litres,
    [...litres].sort((a, b) => (a ?? 0) - (b ?? 0)),
  )
  const names = (await find({ order: 'name', descending: true })).ids.map(
    (id) => lots.get(id)?.name.toLowerCase() ?? '',
  )
  assert.deepEqual(names, [...names].sort().reverse())
  const { ids } = await find({ order: 'air', descending: true })
  assert.equal(ids.length, lots.size)
  assert.equal(lots.get(ids.at(-1) ?? 0)?.containerIds.length, 0, 'a store bin has no air')
})

test('a lot is found by its name, number, place, bin or pot; every word must be found', async () => {
  const named = async (text: string) => (await find({ find: text })).ids
  const camellia = await named('camellia')
  assert.equal(camellia.length, 1)
  assert.deepEqual(await named('north P04'), camellia)
  assert.deepEqual(await named('landing TUB'), camellia)
  assert.ok((await named('store bin 2')).length >= 1)
  assert.ok((await named(String(camellia[0]))).includes(camellia[0] ?? 0))
  assert.deepEqual(await named('camellia strawberry'), [])
})

test('signs that mean something to a database mean themselves', async () => {
  const id = await createLot(garden.db, {
    name: '100 % bark_fine \\ grit',
    origin: 'bag',
    storeBin: 'Bin',
    containerIds: [],
    lines: [],
    at: NOW,
  })
  await summarizeChangedLots(garden.db)
  assert.deepEqual((await find({ find: '%' })).ids, [id])
  assert.deepEqual((await find({ find: 'bark_' })).ids, [id])
  assert.deepEqual((await find({ find: '\\' })).ids, [id])
  assert.deepEqual((await find({ find: "'; drop table lots; --" })).ids, [])
  const { rows } = await findLotNames(garden.db, '', 100, { withContents: true })
  assert.ok(!rows.some((row) => row.id === id), 'an empty lot is nothing to test or to begin from')
})

test('each lot is in one state, and the states together are all lots', async () => {
  const { total } = await find()
  let counted = 0
  for (const state of LOT_STATES) counted += (await find({ states: [state] })).total
  assert.equal(counted, total)
  assert.equal((await find({ states: LOT_STATES })).total, total)
})

test('one place only: what stands there, and bins of that name', async () => {
  const lots = new Map((await allLots(garden.db)).map((lot) => [lot.id, lot]))
  const { ids } = await find({ place: 'Store bin 2' })
  assert.ok(ids.length > 0)
  for (const id of ids) assert.equal(lots.get(id)?.storeBin, 'Store bin 2')
  assert.deepEqual((await find({ place: 'Nowhere' })).ids, [])
})
