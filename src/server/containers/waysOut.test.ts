import assert from 'node:assert/strict'
import { after, before, test } from 'node:test'
import { demoDatabase, NOW } from '../../../testing/database'
import { changeContainers, listContainers } from '../../data/containers'
import { setLogCounts } from '../../data/season'
import { newLogEntry } from './newLogEntry'
import { correctPlace, newPlace, placesPage } from './places'
import { potPage } from './potPage'

let garden: Awaited<ReturnType<typeof demoDatabase>>
before(async () => {
  garden = await demoDatabase()
})
after(() => garden.close())

const idOf = async (code: string) => {
  const found = (await listContainers(garden.db)).find((one) => one.code === code)
  assert.ok(found, code)
  return found.id
}
const waysOf = async (code: string) => (await potPage(garden.db, await idOf(code))).ways

test('a pot in the shade that stayed wet twice: sooner thirsty elsewhere, more air in another pot', async () => {
  assert.equal(await waysOf('P28'), null, 'what was seen at fuchsias ends with them')
  const id = await idOf('P33')
  for (const daysAgo of [92, 64]) {
    const at = new Date(NOW.getTime() - 86_400_000 * daysAgo)
    await newLogEntry(
      garden.db,
      id,
      { kind: 'stays wet', value: null, problemId: null, note: '' },
      at,
    )
  }
  const ways = await waysOf('P33')
  assert.equal(ways?.kind, 'wet')
  assert.equal(ways.times, 2)
  assert.equal(ways.month, 7, 'the month it was seen in, not today')
  assert.ok(ways.place && ways.days && ways.place.days <= ways.days / 1.25)
  assert.equal(ways.place.name, 'Crane deck')
  assert.ok(ways.air !== null)
  const value = ways.pot?.value ?? ways.size?.value
  if (value !== undefined) assert.ok(value >= ways.air + 0.04 - 1e-6)
})

test('a pot on the windy wall that dried too fast twice: a calmer place, an empty pot that lasts longer', async () => {
  const ways = await waysOf('P17')
  assert.equal(ways?.kind, 'dry')
  assert.ok(ways.days && ways.place && ways.place.days >= Math.ceil(ways.days * 1.25))
  const empty = (await listContainers(garden.db)).filter(({ lotId }) => lotId === null)
  assert.ok(ways.pot, 'one of the empty pots is named')
  assert.ok(empty.some(({ code }) => code === ways.pot?.code))
  assert.ok(ways.pot.value > ways.days)
  assert.equal(ways.size, null)
})

test('a place made calmer is named; where no empty pot is left, a size is', async () => {
  const { db } = garden
  await newPlace(db, { name: 'Inner yard', exposure: 'shade' })
  const row = (await placesPage(db)).rows.find(({ name }) => name === 'South wall')
  assert.ok(row)
  const before = await waysOf('P17')
  await correctPlace(db, row.id, { ...row, exposure: 'open' })
  const calmer = await waysOf('P17')
  assert.ok((calmer?.days ?? 0) > (before?.days ?? 0), 'what it loses follows its place')
  const empty = (await listContainers(db)).filter(({ lotId }) => lotId === null)
  const shape = { kind: 'round', topDiameterCm: 9, baseDiameterCm: 7, heightCm: 8 } as const
  for (const { id } of empty) {
    await db.execute(
      `update containers set shape = '${JSON.stringify(shape)}', headspace_cm = 1 where id = ${id}`,
    )
  }
  await changeContainers(db, [await idOf('P57')], { name: 'Small pot' })
  const ways = await waysOf('P17')
  assert.equal(ways?.pot, null)
  assert.ok(ways?.size && ways.size.value > (ways.days ?? 0))
  assert.ok(ways.size.litres > 3.7)
})

test('once is the weather, both say nothing, and what is taken back does not count', async () => {
  const { db } = garden
  const id = await idOf('P20')
  const log = (kind: 'stays wet' | 'dries fast', daysLater = 0) =>
    newLogEntry(
      db,
      id,
      { kind, value: null, problemId: null, note: '' },
      new Date(NOW.getTime() + 86_400_000 * daysLater),
    )
  await log('stays wet')
  assert.equal(await waysOf('P20'), null)
  assert.equal((await potPage(db, id)).seenOnce, 'wet')
  await log('stays wet', 2)
  assert.equal(await waysOf('P20'), null, 'two days on it is the same rain')
  const second = await log('stays wet', 4)
  assert.equal((await waysOf('P20'))?.kind, 'wet')
  assert.equal((await potPage(db, id)).seenOnce, null)
  await setLogCounts(db, second.id, false, NOW)
  assert.equal(await waysOf('P20'), null)
  await setLogCounts(db, second.id, true, NOW)
  await log('dries fast')
  await log('dries fast', 5)
  assert.equal(await waysOf('P20'), null)
})
