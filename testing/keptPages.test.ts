import assert from 'node:assert/strict'
import { after, before, test } from 'node:test'
import { potsPage } from '../src/server/containers'
import { endpointDatabase } from './database'
import { compareKeptPages, settled } from './keptPages'

let garden: Awaited<ReturnType<typeof endpointDatabase>>
before(async () => {
  garden = await endpointDatabase()
})
after(() => garden.close())

test('whatever was written, no page differs from the one that reads everything anew', async () => {
  const taken = await compareKeptPages(garden.db, 41, 14)
  assert.ok(taken.size > 5, `only ${[...taken.keys()].join(', ')}`)
})

test('the same holds while a write is under way, and after it is undone', async () => {
  const pots = () => settled(() => potsPage(garden.db, {}))
  const before = await pots()
  await assert.rejects(
    garden.db.transaction(async (tx) => {
      await tx.execute("update containers set name = 'Renamed'")
      const inside = await potsPage(tx, {})
      assert.ok(inside.rows.every(({ name }) => name === 'Renamed'))
      throw new Error('undone')
    }),
    /undone/,
  )
  assert.deepEqual(await pots(), before)
})
