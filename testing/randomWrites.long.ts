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

test('a thousand writes of every kind over the endpoints, taken back and done again, keep every litre', async () => {
  const taken = await writeAtRandom(garden.db, drawFrom(1), 1000)
  for (const act of ['finish', 'undo-finish', 'reverse', 'transfers', 'plant', 'move', 'heaps']) {
    const times = [...taken].filter(([name]) => name.endsWith(act))
    assert.ok(times.length > 0, `${act} was never taken`)
  }
})
