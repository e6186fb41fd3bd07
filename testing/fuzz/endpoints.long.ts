import assert from 'node:assert/strict'
import { after, before, test } from 'node:test'
import { endpointDatabase } from '../database'
import { fuzzEndpoints } from './endpoints'

/** Many fields that have to fit each other: drawn at random they hardly ever do. */
const RARELY_SENSE = [
  'PUT /api/bench/kit',
  'POST /api/bench/tests/[id]/finish',
  // Only right after a move, before anything else happens at either pot: the table of endpoints does both in order.
  'POST /api/containers/plantings/[id]/move-back',
]

let garden: Awaited<ReturnType<typeof endpointDatabase>>
before(async () => {
  garden = await endpointDatabase()
})
after(() => garden.close())

test('20,000 requests, most with one thing wrong: no failure, no write after a refusal', async () => {
  const { faults, accepted, all } = await fuzzEndpoints(garden.db, 20_000, 2026, 400)
  assert.deepEqual(faults, [])
  const never = all.filter((name) => !accepted.has(name) && !RARELY_SENSE.includes(name))
  assert.deepEqual(never, [], 'endpoints that took none of them were not really tried')
})
