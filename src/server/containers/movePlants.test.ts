import assert from 'node:assert/strict'
import { after, before, test } from 'node:test'
import { demoDatabase, NOW } from '../../../testing/database'
import { Conflict } from '../../data/errors'
import { presentInnings, readLot } from '../../data/media'
import { movePlantingBack, openPlantings, plantLot, takeEndBack } from '../../data/season'
import { Refused } from '../problem'
import { fillPot } from './fillPot'
import { morePots } from './morePots'
import { movePlants } from './movePlants'
import { potPage } from './potPage'

let garden: Awaited<ReturnType<typeof demoDatabase>>
before(async () => {
  garden = await demoDatabase()
})
after(() => garden.close())

async function filledPot(): Promise<{ readonly id: number; readonly code: string }> {
  const { db } = garden
  const { ids } = await morePots(db, 11, 1)
  const id = ids[0] ?? 0
  await fillPot(
    db,
    id,
    {
      source: { kind: 'bag', materialId: 'acid-mix' },
      litres: null,
      fillerCm: null,
      name: '',
      check: false,
    },
    NOW,
  )
  const { code } = await potPage(db, id)
  return { id, code }
}

async function camellia() {
  const found = (await openPlantings(garden.db)).find(({ cropId }) => cropId === 'camellia')
  assert.ok(found)
  return found
}

const move = (code: string, on = '2026-11-01') => ({ code, on, despite: '' })

test('a mix whose plants were moved on cannot be said not to have been planted', async () => {
  const { db } = garden
  const growing = (await openPlantings(db)).filter(({ cropId }) => cropId === 'strawberry')
  // One of several pots of a lot, so that its innings goes on.
  const one = growing.find(({ id, lotId }) =>
    growing.some((other) => other.lotId === lotId && other.id !== id),
  )
  assert.ok(one)
  const pot = await filledPot()
  const { id } = await movePlants(db, one.id, move(pot.code), NOW)
  await assert.rejects(
    plantLot(db, one.lotId, null),
    (error) => error instanceof Conflict && /moved to another pot/.test(error.message),
  )
  const still = (await openPlantings(db)).filter(({ lotId }) => lotId === one.lotId)
  assert.ok(still.length > 0, 'nothing is lost')
  await movePlantingBack(db, id)
  await plantLot(db, one.lotId, null)
  assert.ok(!(await openPlantings(db)).some(({ lotId }) => lotId === one.lotId))
})

test('plants that are potted on stay the same plants: first day, crop and number go along, both pots tell', async () => {
  const { db } = garden
  const old = await camellia()
  const pot = await filledPot()
  const { id, containerId, seasonOver, lotId } = await movePlants(db, old.id, move(pot.code), NOW)
  assert.equal(containerId, pot.id)
  assert.equal(lotId, old.lotId)
  assert.equal(seasonOver, true, 'nothing grows in the old mix any more')
  assert.equal(presentInnings(await readLot(db, old.lotId)), null)
  const there = await potPage(db, pot.id)
  const [now] = there.growing
  assert.equal(now?.cropName, 'Camellia')
  assert.equal(now?.movedFrom?.id, old.containerId)
  assert.equal(now?.movedFrom?.firstOn, old.startedOn)
  const here = await potPage(db, old.containerId)
  assert.deepEqual(here.growing, [])
  const past = here.past.find((one) => one.id === old.id)
  assert.equal(past?.movedTo?.code, pot.code)
  assert.equal(past?.canReopen, false)
  await assert.rejects(takeEndBack(db, old.id), /go on in another pot/)

  const next = await filledPot()
  const again = await movePlants(db, id, move(next.code), NOW)
  const last = await potPage(db, next.id)
  assert.equal(last.growing[0]?.movedFrom?.firstOn, old.startedOn, 'over two moves')
  await movePlantingBack(db, again.id)
  await movePlantingBack(db, id)
  const back = await potPage(db, old.containerId)
  assert.equal(back.growing[0]?.id, old.id)
  assert.ok(presentInnings(await readLot(db, old.lotId)))
  assert.deepEqual((await potPage(db, pot.id)).growing, [])
})

test('no such pot, an empty one, the same one, a day to come and before they came are refused', async () => {
  const { db } = garden
  const old = await camellia()
  const { code } = await potPage(db, old.containerId)
  const pot = await filledPot()
  const refused = (field: string) => (error: unknown) =>
    error instanceof Refused && error.fields[0]?.field === field
  await assert.rejects(movePlants(db, old.id, move('P99'), NOW), refused('code'))
  await assert.rejects(movePlants(db, old.id, move('P12'), NOW), refused('code'))
  await assert.rejects(movePlants(db, old.id, move(code), NOW), Conflict)
  await assert.rejects(movePlants(db, old.id, move(pot.code, '2027-01-01'), NOW), refused('on'))
  await assert.rejects(movePlants(db, old.id, move(pot.code, '1999-01-01'), NOW), Conflict)
  assert.deepEqual((await potPage(db, pot.id)).growing, [], 'nothing half moved')
  await assert.rejects(movePlantingBack(db, old.id), /were not moved here/)
})

test('moving twice is refused: the plants have left', async () => {
  const { db } = garden
  const old = await camellia()
  const [pot, other] = [await filledPot(), await filledPot()]
  const { id } = await movePlants(db, old.id, move(pot.code), NOW)
  await assert.rejects(movePlants(db, old.id, move(other.code), NOW), /ended before/)
  assert.deepEqual((await potPage(db, other.id)).growing, [])
  await movePlantingBack(db, id)
})
