import assert from 'node:assert/strict'
import { after, before, test } from 'node:test'
import { endpointDatabase } from './database'
import { compareKeptPages } from './keptPages'

let garden: Awaited<ReturnType<typeof endpointDatabase>>
before(async () => {
  garden = await endpointDatabase()
})
after(() => garden.close())

test('120 writes of every kind: no page ever differs from the one that reads everything anew', async () => {
  const taken = await compareKeptPages(garden.db, 2041, 120)
  assert.ok(taken.size > 12, `only ${[...taken.keys()].join(', ')}`)
})
