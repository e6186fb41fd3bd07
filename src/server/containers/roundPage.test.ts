import assert from 'node:assert/strict'
import { after, before, test } from 'node:test'
import { demoDatabase } from '../../../testing/database'
import { listContainers } from '../../data/containers'
import { roundPage } from './roundPage'

let garden: Awaited<ReturnType<typeof demoDatabase>>
before(async () => {
  garden = await demoDatabase()
})
after(() => garden.close())

test('a round has every pot with a mix in it, place by place and by code, with what grows there', async () => {
  const { pots, problems } = await roundPage(garden.db)
  const filled = (await listContainers(garden.db)).filter(({ lotId }) => lotId !== null)
  assert.equal(pots.length, filled.length)
  const places = pots.map(({ place }) => place)
  const changes = places.filter((place, at) => place !== places[at - 1])
  assert.equal(changes.length, new Set(places).size, 'each place comes once')
  for (const place of changes) {
    const codes = pots.filter((pot) => pot.place === place).map(({ code }) => code)
    assert.deepEqual(codes, [...codes].sort(), place)
  }
  assert.deepEqual(pots.find(({ code }) => code === 'P03')?.crops, ['Lavender'])
  assert.ok(problems.length > 20 && problems.every(({ signs }) => signs !== ''))
})
