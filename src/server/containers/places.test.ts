import assert from 'node:assert/strict'
import { after, before, test } from 'node:test'
import { demoDatabase, NOW } from '../../../testing/database'
import {
  changeContainers,
  changeExposure,
  listContainers,
  listPlaces,
  putContainersAway,
  putPlaceAway,
} from '../../data/containers'
import { Conflict, StaleWrite } from '../../data/errors'
import { readLot } from '../../data/media'
import { Refused } from '../problem'
import { correctPlace, newPlace, placesPage } from './places'
import { potPage } from './potPage'
import { potsPage } from './potsPage'

let garden: Awaited<ReturnType<typeof demoDatabase>>
before(async () => {
  garden = await demoDatabase()
})
after(() => garden.close())

const pot = async (code: string) => {
  const found = (await listContainers(garden.db)).find((one) => one.code === code)
  assert.ok(found, code)
  return found
}
const place = async (name: string) => {
  const found = (await placesPage(garden.db)).rows.find((one) => one.name === name)
  assert.ok(found, name)
  return found
}

test('places stand as rows of their own, with what stands at each', async () => {
  const { rows } = await placesPage(garden.db)
  const all = await listContainers(garden.db)
  assert.equal(
    rows.reduce((sum, { pots }) => sum + pots, 0),
    all.length,
  )
  const wall = await place('South wall')
  const there = all.filter((one) => one.place === 'South wall')
  assert.equal(wall.pots, there.length)
  assert.ok(Math.abs(wall.litres - there.reduce((sum, { litres }) => sum + litres, 0)) < 1e-9)
})

test('a place given another name: its pots, its filter and the search of lots know it', async () => {
  const wall = await place('South wall')
  await correctPlace(garden.db, wall.id, { ...wall, name: 'Wall of the south' })
  assert.equal((await pot('P07')).place, 'Wall of the south')
  const { part, places } = await potsPage(garden.db, { place: 'Wall of the south' })
  assert.equal(part.total, wall.pots)
  assert.ok(!places.includes('South wall'))
  await correctPlace(garden.db, wall.id, {
    ...(await place('Wall of the south')),
    name: 'South wall',
  })
})

test('sun and wind of a place count for its pots, but not for one that has its own', async () => {
  const deck = await place('Crane deck')
  const before = await potPage(garden.db, (await pot('P05')).id)
  const lot = await readLot(garden.db, (await pot('P05')).lotId ?? 0)
  await changeExposure(garden.db, [(await pot('P06')).id], 'indoors')
  assert.equal((await place('Crane deck')).otherwise, 1)
  await correctPlace(garden.db, deck.id, { ...deck, exposure: 'shade' })
  assert.equal((await pot('P05')).exposure, 'shade')
  assert.equal((await pot('P06')).exposure, 'indoors')
  const { version } = await readLot(garden.db, lot.id)
  assert.ok(version > lot.version, 'what was worked out of the lot is worked out anew')
  const after = await potPage(garden.db, (await pot('P05')).id)
  assert.equal(before.exposure, 'windy')
  assert.equal(after.exposure, 'shade')
  await correctPlace(garden.db, deck.id, { ...(await place('Crane deck')), exposure: 'windy' })
})

test('a pot said to have the sun and wind of its place goes on with the place', async () => {
  const { id } = await pot('P06')
  await changeExposure(garden.db, [id], 'windy')
  assert.equal((await place('Crane deck')).otherwise, 0)
})

test('a pot moved to a place in other capitals stands at that place', async () => {
  const { id } = await pot('P12')
  const count = (await listPlaces(garden.db)).length
  const { before } = await changeContainers(garden.db, [id], { place: 'CRANE deck' })
  assert.equal((await pot('P12')).place, 'Crane deck')
  assert.equal((await listPlaces(garden.db)).length, count)
  assert.equal(before[0]?.place, 'South wall')
  await changeContainers(garden.db, [id], { place: 'South wall' })
})

test('a new place with the sun and wind of the first pot put there', async () => {
  const { id } = await pot('P10')
  await changeContainers(garden.db, [id], { place: 'Back stairs' })
  assert.equal((await place('Back stairs')).exposure, 'shade')
  await changeContainers(garden.db, [id], { place: 'North landing' })
  assert.equal((await place('Back stairs')).pots, 0, 'it stays, for the next pot')
})

test('a name that is taken, a page that is old, a place with pots: refused', async () => {
  const wall = await place('South wall')
  await assert.rejects(newPlace(garden.db, { name: 'south WALL', exposure: 'open' }), Refused)
  await assert.rejects(
    correctPlace(garden.db, wall.id, { ...wall, name: 'Crane deck' }),
    (error: unknown) => error instanceof Refused && error.fields[0]?.field === 'name',
  )
  await assert.rejects(correctPlace(garden.db, wall.id, { ...wall, version: 99 }), StaleWrite)
  await assert.rejects(putPlaceAway(garden.db, wall.id, NOW), Conflict)
})

test('a place removed is there again when it is named again, and its name can be given to another', async () => {
  const { id } = await newPlace(garden.db, { name: 'Old shed', exposure: 'indoors' })
  await putPlaceAway(garden.db, id, NOW)
  assert.ok(!(await listPlaces(garden.db)).some(({ name }) => name === 'Old shed'))
  await newPlace(garden.db, { name: 'old shed', exposure: 'shade' })
  const again = await place('old shed')
  assert.equal(again.id, id)
  assert.equal(again.exposure, 'shade')
  await putPlaceAway(garden.db, id, NOW)
  const deck = await place('Crane deck')
  await correctPlace(garden.db, deck.id, { ...deck, name: 'Old shed' })
  assert.equal((await pot('P05')).place, 'Old shed')
  await correctPlace(garden.db, deck.id, { ...(await place('Old shed')), name: 'Crane deck' })
})

test('only pots that are there count: a place whose pots were put away can be removed', async () => {
  const { id } = await newPlace(garden.db, { name: 'Loft', exposure: 'indoors' })
  const { id: tall } = await pot('P12')
  await changeContainers(garden.db, [tall], { place: 'Loft' })
  await assert.rejects(putPlaceAway(garden.db, id, NOW), /P12/)
  await putContainersAway(garden.db, [tall], NOW)
  await putPlaceAway(garden.db, id, NOW)
  assert.ok(!(await listPlaces(garden.db)).some(({ name }) => name === 'Loft'))
})
