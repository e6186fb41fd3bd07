import assert from 'node:assert/strict'
import { cpSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import path from 'node:path'
import { test } from 'node:test'
import { drizzle } from 'drizzle-orm/pglite'
import { migrate } from 'drizzle-orm/pglite/migrator'
import { emptyEngine } from '../../../testing/keptEngines'
import { declareTopics } from '../kept'
import * as schema from '../schema'
import { listContainers } from './containers'
import { listPlaces } from './places'

const MIGRATIONS = 'src/data/migrations'
const BEFORE = 12

test('an old garden: where its pots stand becomes places, with the sun and wind most of them have', async (t) => {
  const folder = mkdtempSync(path.join(tmpdir(), 'innings-migrations-'))
  t.after(() => rmSync(folder, { recursive: true }))
  cpSync(MIGRATIONS, folder, { recursive: true })
  const file = path.join(folder, 'meta', '_journal.json')
  const journal = JSON.parse(readFileSync(file, 'utf8')) as { entries: unknown[] }
  writeFileSync(file, JSON.stringify({ ...journal, entries: journal.entries.slice(0, BEFORE) }))
  const client = await emptyEngine()
  t.after(() => client.close())
  const db = drizzle(client, { schema })
  await migrate(db, { migrationsFolder: folder })
  const shape = JSON.stringify({ kind: 'bowl', rimDiameterCm: 40, heightCm: 18 })
  const rows = [
    ['A1', 'Yard', 'windy'],
    ['A2', 'Yard', 'windy'],
    ['A3', 'yard', 'shade'],
    ['B1', 'Hall', 'indoors'],
  ]
  for (const [code, place, exposure] of rows) {
    await client.query(
      'insert into containers (code, name, place, shape, headspace_cm, exposure) values ($1, $1, $2, $3, 2, $4)',
      [code, place, shape, exposure],
    )
  }
  await migrate(db, { migrationsFolder: MIGRATIONS })
  await declareTopics(db)
  const places = await listPlaces(db)
  assert.deepEqual(
    places.map(({ name, exposure }) => [name.toLowerCase(), exposure]),
    [
      ['hall', 'indoors'],
      ['yard', 'windy'],
    ],
  )
  assert.deepEqual(
    (await listContainers(db)).map(({ code, exposure }) => [code, exposure]),
    [
      ['A1', 'windy'],
      ['A2', 'windy'],
      ['A3', 'shade'],
      ['B1', 'indoors'],
    ],
  )
})
