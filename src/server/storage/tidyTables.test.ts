import assert from 'node:assert/strict'
import { after, before, test } from 'node:test'
import { demoDatabase, NOW } from '../../../testing/database'
import { appendLines } from '../../data/media'
import { tidyTables } from './tidyTables'

let garden: Awaited<ReturnType<typeof demoDatabase>>
before(async () => {
  garden = await demoDatabase()
  // What was written for others before is told with a delay.
  await garden.client.query('select pg_stat_force_next_flush()')
  await tidyTables(garden.client)
})
after(() => garden.close())

test('a table that has changed much is counted anew, one that has not is left alone', async () => {
  assert.deepEqual(await tidyTables(garden.client), [], 'nothing was written since')
  const line = {
    kind: 'topped-up',
    litres: 0.1,
    components: [{ materialId: 'grit', litres: 0.1 }],
    doses: [],
    note: null,
  } as const
  for (let i = 0; i < 120; i++) await appendLines(garden.db, 2, [line], NOW)
  await garden.client.query('select pg_stat_force_next_flush()')
  const tidied = await tidyTables(garden.client)
  assert.ok(tidied.includes('ledger_entries'), tidied.join())
  assert.ok(!tidied.includes('crops'), 'nobody changed a crop')
  const { rows } = await garden.client.query<{ reltuples: number }>(
    `select reltuples from pg_class where relname = 'ledger_entries'`,
  )
  assert.ok((rows[0]?.reltuples ?? 0) > 120)
})
