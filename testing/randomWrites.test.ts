import assert from 'node:assert/strict'
import { after, before, test } from 'node:test'
import { endpointDatabase } from './database'
import { drawFrom } from './random'
import { writeAtRandom } from './randomWrites'

let garden: Awaited<ReturnType<typeof endpointDatabase>>
before(async () => {
  garden = await endpointDatabase()
})
after(() => garden.close())

test('whatever is written, taken back and done again, two at once, no litre comes from nowhere', async () => {
  const taken = await writeAtRandom(garden.db, drawFrom(38), 80)
  assert.ok(taken.size > 12, `only ${[...taken.keys()].join(', ')}`)
})
