import assert from 'node:assert/strict'
import { after, before, test } from 'node:test'
import { demoDatabase } from '../../../testing/database'
import { allLots } from '../../../testing/lots'
import { listContainers, listPlaces } from '../containers'
import { readLot } from '../media'
import { CONTAINERS } from './scenario'

let garden: Awaited<ReturnType<typeof demoDatabase>>
before(async () => {
  garden = await demoDatabase()
})
after(() => garden.close())

test('the made-up garden: sixty containers at five places, twenty lots, some in their fourth innings', async () => {
  const pots = await listContainers(garden.db)
  assert.equal(pots.length, 60)
  assert.deepEqual(
    (await listPlaces(garden.db)).map(({ name }) => name),
    ['By the door', 'Crane deck', 'North landing', 'South wall', 'Upper flight'],
  )
  const lots = await allLots(garden.db)
  assert.equal(lots.length, 20)
  const seasons = lots.map(({ innings }) => innings.length)
  assert.equal(Math.max(...seasons), 4)
  assert.ok(seasons.filter((count) => count === 4).length >= 3)
})

test('codes are given once, and every lot fits the pots it stands in', async () => {
  assert.equal(new Set(CONTAINERS.map(({ code }) => code)).size, CONTAINERS.length)
  const pots = await listContainers(garden.db)
  for (const { id } of await allLots(garden.db)) {
    const { name, containerIds, contents } = await readLot(garden.db, id)
    if (containerIds.length === 0) continue
    const room = pots
      .filter((pot) => containerIds.includes(pot.id))
      .reduce((sum, { litres }) => sum + litres, 0)
    const share = contents.litres / room
    assert.ok(share > 0.6 && share < 1.1, `${name} fills its pots to ${share.toFixed(2)}`)
  }
})
