import assert from 'node:assert/strict'
import { after, before, test } from 'node:test'
import { demoDatabase, NOW } from '../../../testing/database'
import { drawFrom, pick } from '../../../testing/random'
import { containersOfLot, listContainers } from '../containers/containers'
import { Conflict, NotFound } from '../errors'
import { presentInnings, readLot } from '../media'
import {
  endAllIn,
  endPlanting,
  growAgain,
  lastCropsIn,
  openPlantings,
  plant,
  plantingsIn,
  takeEndBack,
  takePlantingsOut,
} from './plantings'
import { plantLot } from './plantLot'

let garden: Awaited<ReturnType<typeof demoDatabase>>
before(async () => {
  garden = await demoDatabase()
})
after(() => garden.close())

const CHARD = {
  cropId: 'chard',
  how: 'sown' as const,
  count: 6,
  cultivar: null,
  despite: null,
  startedOn: '2026-10-20',
}
const END = { endedOn: '2026-11-01', harvestG: 800, endedWhy: 'harvested' as const, note: null }

test('the demo garden has its plantings: those that stand, and the seasons before', async () => {
  const open = await openPlantings(garden.db)
  assert.deepEqual(
    [...new Set(open.map(({ cropId }) => cropId))].sort(),
    ['apple-dwarf', 'bay', 'camellia', 'hydrangea', 'lavender', 'strawberry', 'thyme'],
    'perennials stand',
  )
  const past = (await plantingsIn(garden.db, [1])).filter(({ endedOn }) => endedOn !== null)
  assert.equal(past.length, 3)
})

test('what grows now follows everything that is planted, ended, taken back and turned over', async () => {
  const { db } = garden
  const inPot = async (id: number) =>
    (await openPlantings(db)).filter(({ containerId }) => containerId === id).length
  const [empty] = (await listContainers(db)).filter(({ lotId }) => lotId === 7)
  assert.ok(empty)
  const before = await inPot(empty.id)
  const [made = 0] = await plant(db, [empty.id], CHARD)
  assert.equal(await inPot(empty.id), before + 1)
  const { lotId } = await endPlanting(db, made, { ...END, growth: 3 })
  assert.equal(await inPot(empty.id), before)
  await takeEndBack(db, made)
  assert.equal(await inPot(empty.id), before + 1)
  await endAllIn(db, lotId, { endedOn: '2026-11-01', endedWhy: 'turned over', workOrderId: 1 })
  assert.equal(await inPot(empty.id), 0)
  await growAgain(db, 1)
  assert.equal(await inPot(empty.id), before + 1)
  await takePlantingsOut(db, [made])
  assert.equal(await inPot(empty.id), before)
  await assert.rejects(
    db.transaction(async (tx) => {
      await plant(tx, [empty.id], CHARD)
      throw new Error('undone')
    }),
    /undone/,
  )
  assert.equal(await inPot(empty.id), before, 'what was undone does not grow')
})

test('the last crop of each pot is the first of its plantings, newest first', async () => {
  const { db } = garden
  const pots = (await listContainers(db)).map(({ id }) => id)
  const last = await lastCropsIn(db, pots)
  for (const pot of pots) {
    const [newest] = await plantingsIn(db, [pot])
    assert.equal(last.get(pot), newest?.cropId)
  }
  assert.equal((await lastCropsIn(db, [])).size, 0)
})

test('planting a tired pot opens the next innings of its lot; taking it out again leaves no trace', async () => {
  const { db } = garden
  const before = await readLot(db, 1)
  const [id = 0] = await plant(db, [1], CHARD)
  const planted = await readLot(db, 1)
  const present = presentInnings(planted)
  assert.equal(present?.cropId, 'chard')
  assert.equal(present?.plantedOn, '2026-10-20')
  assert.equal(present?.number, before.innings.length + 1)
  assert.ok(planted.version > before.version, 'readers of the lot are told')
  await takePlantingsOut(db, [id])
  const after = await readLot(db, 1)
  assert.deepEqual(after.innings, before.innings)
  await assert.rejects(takePlantingsOut(db, [id]), NotFound)
})

test('the last planting that ends makes the lot tired, with how it did; that can be taken back', async () => {
  const { db } = garden
  const ids = await plant(db, [5, 6], CHARD)
  const [first = 0, second = 0] = ids
  assert.equal(ids.length, 2)
  const one = await endPlanting(db, first, { ...END, growth: 5 })
  assert.equal(one.seasonOver, false)
  await assert.rejects(endPlanting(db, first, { ...END, growth: 5 }), Conflict)
  await assert.rejects(
    endPlanting(db, second, { ...END, endedOn: '2026-10-01', growth: 5 }),
    Conflict,
  )
  const two = await endPlanting(db, second, { ...END, endedOn: '2026-10-30', growth: 4 })
  assert.equal(two.seasonOver, true)
  const tired = await readLot(db, one.lotId)
  assert.equal(presentInnings(tired), null)
  const closed = tired.innings.at(-1)
  assert.equal(closed?.outcome, 'well')
  assert.equal(closed?.endedOn, '2026-11-01', 'when the last of them ended')

  await takeEndBack(db, second)
  assert.equal(presentInnings(await readLot(db, one.lotId))?.cropId, 'chard')
  await endPlanting(db, second, { ...END, growth: 1 })
  assert.equal((await readLot(db, one.lotId)).innings.at(-1)?.outcome, 'fair')
})

test('an end cannot be taken back once the mix has gone on', async () => {
  const { db } = garden
  const [old = 0] = await plant(db, [7], CHARD)
  await endPlanting(db, old, { ...END, growth: null })
  await plant(db, [7], { ...CHARD, cropId: 'endive', startedOn: '2026-11-02' })
  await assert.rejects(takeEndBack(db, old), Conflict)
})

test('a pot without mix, a pot that is not there: nothing is planted anywhere', async () => {
  const { db } = garden
  const before = await openPlantings(db)
  await assert.rejects(plant(db, [10, 11], CHARD), /There is no mix in P11/)
  await assert.rejects(plant(db, [10, 999], CHARD), NotFound)
  assert.deepEqual(await openPlantings(db), before)
})

test('what a turnover ended grows again when its end is taken back', async () => {
  const { db } = garden
  const [id = 0] = await plant(db, [9], CHARD)
  const lotId = (await plantingsIn(db, [9])).find((one) => one.id === id)?.lotId ?? 0
  await endAllIn(db, lotId, { endedOn: '2026-11-02', endedWhy: 'turned over', workOrderId: 77 })
  await assert.rejects(takeEndBack(db, id), Conflict)
  assert.equal(
    (await openPlantings(db)).some((one) => one.id === id),
    false,
  )
  await growAgain(db, 77)
  assert.equal(
    (await openPlantings(db)).some((one) => one.id === id),
    true,
  )
})

test('a mix that was ready is planted in all its pots at once, and not planted after all', async () => {
  const { db } = garden
  const lotId = 2
  const pots = await containersOfLot(db, lotId)
  await plantLot(db, lotId, null)
  const open = async () => (await openPlantings(db)).filter((one) => one.lotId === lotId)
  assert.equal((await open()).length, 0)
  await plantLot(db, lotId, '2026-10-30')
  assert.deepEqual((await open()).map(({ containerId }) => containerId).sort(), [...pots].sort())
  await plantLot(db, lotId, '2026-10-31')
  assert.deepEqual(
    (await open()).map(({ startedOn }) => startedOn),
    pots.map(() => '2026-10-31'),
  )
})

test('whatever is planted, ended and taken back: innings say what plantings say', async () => {
  const own = await demoDatabase()
  try {
    const { db } = own
    const random = drawFrom(5)
    const pots = [1, 5, 6, 7, 8, 9, 10]
    for (let step = 0; step < 120; step++) {
      const open = (await openPlantings(db)).filter(({ containerId }) => pots.includes(containerId))
      const all = await plantingsIn(db, pots)
      const what = pick(random, ['plant', 'end', 'take out', 'take back'] as const)
      const tried =
        what === 'plant'
          ? plant(db, [pick(random, pots)], {
              ...CHARD,
              cropId: pick(random, ['chard', 'endive', 'celery']),
              startedOn: '2026-10-20',
            })
          : what === 'end' && open.length > 0
            ? endPlanting(db, pick(random, open).id, {
                ...END,
                growth: pick(random, [null, 1, 3, 5]),
              })
            : what === 'take out' && open.length > 0
              ? takePlantingsOut(db, [pick(random, open).id])
              : all.length > 0
                ? takeEndBack(db, pick(random, all).id)
                : Promise.resolve()
      await tried.catch((error) => assert.ok(error instanceof Conflict, String(error)))
      const lotIds = [...new Set((await plantingsIn(db, pots)).map(({ lotId }) => lotId))]
      for (const lotId of lotIds) {
        const lot = await readLot(db, lotId)
        const stands = (await openPlantings(db)).filter((one) => one.lotId === lotId)
        const openInnings = lot.innings.filter(({ endedOn }) => endedOn === null)
        assert.ok(openInnings.length <= 1, 'one season at a time')
        assert.equal(stands.length > 0, openInnings.length === 1, `${step} ${what} lot ${lotId}`)
        for (const one of stands) assert.equal(one.inningsId, openInnings[0]?.id)
        assert.deepEqual(
          lot.innings.map(({ number }) => number),
          lot.innings.map((_, i) => i + 1),
          'seasons are counted without a gap',
        )
      }
    }
  } finally {
    await own.close()
  }
})

test(`a planting of ${NOW.getUTCFullYear()} that is none is told`, async () => {
  await assert.rejects(takeEndBack(garden.db, 9999), NotFound)
})
