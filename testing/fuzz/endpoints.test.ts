import assert from 'node:assert/strict'
import { after, before, test } from 'node:test'
import { endpointDatabase } from '../database'
import { fuzzEndpoints } from './endpoints'

let garden: Awaited<ReturnType<typeof endpointDatabase>>
before(async () => {
  garden = await endpointDatabase()
})
after(() => garden.close())

test('500 requests, most with one thing wrong: no failure, no write after a refusal', async () => {
  const { faults, accepted, all } = await fuzzEndpoints(garden.db, 500, 1)
  assert.deepEqual(faults, [])
  assert.ok(accepted.size > all.length / 3, `only ${[...accepted].join(', ')} took a request`)
})
