import assert from 'node:assert/strict'
import { mkdtempSync, readdirSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import path from 'node:path'
import { test } from 'node:test'
import { PGlite } from '@electric-sql/pglite'
import { closeDatabase, database } from './database'

test('a new folder is prepared and freed again; data of a newer version is refused', async () => {
  const folder = mkdtempSync(path.join(tmpdir(), 'innings-backup-'))
  process.env.INNINGS_DATA = folder
  await database()
  await closeDatabase()
  assert.deepEqual(
    readdirSync(folder),
    ['database'],
    'nothing to copy in a new folder; the lock is gone',
  )

  // As if written by a later version: one migration more than this program knows.
  const later = await PGlite.create(path.join(folder, 'database'))
  await later.query(
    "insert into drizzle.__drizzle_migrations (hash, created_at) values ('later', 9999999999999)",
  )
  await later.close()
  await assert.rejects(database(), /written by a newer Innings/)
  await closeDatabase().catch(() => {})
  assert.ok(!readdirSync(folder).includes('innings.lock'), 'a refused start frees the folder')
  rmSync(folder, { recursive: true, force: true })
})
