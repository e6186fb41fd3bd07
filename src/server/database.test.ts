import assert from 'node:assert/strict'
import {
  cpSync,
  mkdirSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  rmSync,
  statSync,
  writeFileSync,
} from 'node:fs'
import { tmpdir } from 'node:os'
import path from 'node:path'
import { test } from 'node:test'
import { PGlite } from '@electric-sql/pglite'
import { drizzle } from 'drizzle-orm/pglite'
import { emptyEngine } from '../../testing/keptEngines'
import * as schema from '../data/schema'
import { applyMigrations, closeDatabase, database } from './database'
import { openEngine } from './storage/engine'
import { unpackDatabase } from './storage/packFolder'
import { restoreCopy } from './storage/restoreCopy'

test('a new folder is prepared and freed again; data of a newer version is refused', async () => {
  const folder = mkdtempSync(path.join(tmpdir(), 'innings-backup-'))
  process.env.INNINGS_DATA = folder
  await database()
  await closeDatabase()
  assert.deepEqual(
    readdirSync(folder),
    ['database', 'garden-id', 'reserve'],
    'nothing to copy in a new folder; the lock is gone',
  )

  // As if written by a later version: one migration more than this program knows.
  const later = await PGlite.create(path.join(folder, 'database'))
  await later.query(
    "insert into drizzle.__drizzle_migrations (hash, created_at) values ('later', 9999999999999)",
  )
  await later.close()
  await assert.rejects(
    database(),
    /The garden in .* was written by a newer Innings: update the program first/,
  )
  await closeDatabase().catch(() => {})
  assert.ok(!readdirSync(folder).includes('innings.lock'), 'a refused start frees the folder')
  rmSync(folder, { recursive: true, force: true })
})

test('a copy of the data is taken before a migration that is new to it, once', async () => {
  const folder = mkdtempSync(path.join(tmpdir(), 'innings-copy-'))
  const migrations = path.join(folder, 'migrations')
  cpSync('src/data/migrations', migrations, { recursive: true })
  const client = await emptyOnDisk(folder)
  const db = drizzle(client, { schema })
  await applyMigrations(client, db, folder, migrations)
  assert.ok(!readdirSync(folder).includes('backups'), 'nothing to copy before the first tables')

  const journalFile = path.join(migrations, 'meta', '_journal.json')
  const journal = JSON.parse(readFileSync(journalFile, 'utf8'))
  const last = journal.entries.at(-1)
  journal.entries.push({ ...last, idx: last.idx + 1, when: last.when + 1, tag: '9999_later' })
  writeFileSync(journalFile, JSON.stringify(journal))
  writeFileSync(path.join(migrations, '9999_later.sql'), 'create table later (id integer);')
  await applyMigrations(client, db, folder, migrations)
  assert.deepEqual(readdirSync(path.join(folder, 'backups')), ['before-9999_later.tar.gz'])
  assert.ok(statSync(path.join(folder, 'backups', 'before-9999_later.tar.gz')).size > 10_000)
  await client.query('insert into later values (1)')

  // Where no copy can be made the tables are left as they are.
  journal.entries.push({ ...last, idx: last.idx + 2, when: last.when + 2, tag: '9999_last' })
  writeFileSync(journalFile, JSON.stringify(journal))
  writeFileSync(path.join(migrations, '9999_last.sql'), 'create table last (id integer);')
  const full = path.join(folder, 'a-file')
  writeFileSync(full, '')
  await assert.rejects(
    applyMigrations(client, db, full, migrations),
    /a copy of the garden in .* could not be made \(ENOTDIR\): .* Nothing was changed/,
  )
  await assert.rejects(client.query('select * from last'), /does not exist/)

  await client.close()
  await restoreCopy(folder, 'before-9999_later', new Date())
  const restored = await PGlite.create(path.join(folder, 'database'))
  await assert.rejects(restored.query('select * from later'), /does not exist/)
  assert.equal((await restored.query('select * from lots')).rows.length, 0)
  await restored.close()
  rmSync(folder, { recursive: true, force: true })
})

/** A database without any tables in the place where a garden has it. */
async function emptyOnDisk(folder: string): Promise<PGlite> {
  const empty = await emptyEngine()
  const packed = path.join(folder, 'empty.tar.gz')
  writeFileSync(packed, Buffer.from(await (await empty.dumpDataDir('gzip')).arrayBuffer()))
  await empty.close()
  const place = path.join(folder, 'database')
  mkdirSync(place)
  await unpackDatabase(packed, place)
  return openEngine(place)
}
