import assert from 'node:assert/strict'
import {
  closeSync,
  existsSync,
  openSync,
  statSync,
  truncateSync,
  writeFileSync,
  writeSync,
} from 'node:fs'
import path from 'node:path'
import { test } from 'node:test'
import { PGlite } from '@electric-sql/pglite'
import { demoFolder, refusedStart, start, until } from './application'

/** A garden with a copy of the day, closed, and where the rows of its ledger stand. */
async function copiedGarden(t: { after(work: () => Promise<void>): void }) {
  const folder = await demoFolder(t)
  const server = await start(t, folder, { INNINGS_COPIES: '1' })
  // Its rows are written down when it is proved.
  await until(() => existsSync(path.join(folder, 'backups', 'rows.json')), 240_000)
  await server.stop()
  const client = await PGlite.create(path.join(folder, 'database'))
  const { rows } = await client.query<{ file: string }>(
    `select pg_relation_filepath('ledger_entries') as file`,
  )
  await client.close()
  const table = path.join(folder, 'database', rows[0]?.file ?? '')
  return { folder, table, size: statSync(table).size }
}

test('a table whose file was wiped or cut is told on every page with the copy that holds it, or refused', async (t) => {
  const { folder, table, size } = await copiedGarden(t)
  const told = /Part of this garden is gone.*copy of 2026-11-02.*ledger entries \d+ of \d+/s
  const pages = async () => {
    const server = await start(t, folder)
    const text = await (await fetch(`${server.address}/pots`)).text()
    await server.stop()
    return text
  }
  assert.doesNotMatch(await pages(), told)
  writeFileSync(table, Buffer.alloc(size))
  assert.match(await pages(), told)
  truncateSync(table, 0)
  assert.match(await pages(), told)
  writeFileSync(table, Buffer.alloc(size - 100))
  const cut = await refusedStart({ INNINGS_DATA: folder })
  assert.match(cut, /was cut in the middle of a page.*npm run restore -- 2026-11-02/)
  writeFileSync(table, Buffer.alloc(size))
  const open = openSync(table, 'r+')
  writeSync(open, 'not a page of rows but a letter of somebody else', 0)
  closeSync(open)
  assert.match(
    await refusedStart({ INNINGS_DATA: folder }),
    /has a page that was overwritten \(0\)/,
  )
})
