import assert from 'node:assert/strict'
import { readdirSync, readFileSync } from 'node:fs'
import { test } from 'node:test'
import { eq } from 'drizzle-orm'
import { drizzle } from 'drizzle-orm/pglite'
import { migrate } from 'drizzle-orm/pglite/migrator'
import { demoDatabase } from '../../../testing/database'
import { emptyEngine } from '../../../testing/keptEngines'
import { amendment, crop, material } from '../../../testing/tables'
import { declareTopics } from '../kept'
import { materials } from '../media/materialTables'
import * as schema from '../schema'
import { readCorrections } from './corrections'

const FOLDER = 'src/data/migrations'
const CORRECTING = '0007_shipped_values'

/** Brings a garden as far as the version before the values were corrected. */
async function beforeIt() {
  const client = await emptyEngine()
  const files = readdirSync(FOLDER)
    .filter((name) => name.endsWith('.sql') && name < CORRECTING)
    .sort()
  for (const file of files) await client.exec(readFileSync(`${FOLDER}/${file}`, 'utf8'))
  const old = (id: string, grainMm: number, ks: number, origin = 'typical published range') =>
    client.query(
      `insert into materials (id, name, material_group, bulk_density, total_porosity, inter_porosity, grain_mm, theta_r, alpha, n, ks_cm_per_s, decay_per_year, ph, lime_buffer, free_lime_g_per_l, ec_1_to_2, c_to_n, n_percent_dry, n_release_season, dust_hazard, note, origin)
       values ($1, $1, $2, 0.1, 0.8, 0.5, $3, 0.1, 0.2, 1.5, $4, 0.1, 6, 1, 0, 0.5, 40, 1, 0.05, 'low', $5, $6)`,
      [
        id,
        id === 'own-bag' ? 'bagged mix' : 'aggregate',
        grainMm,
        ks,
        id === 'own-bag' ? 'peat-free, says the bag' : null,
        origin,
      ],
    )
  await old('rice-hulls', 3, 3)
  await old('grit', 4.5, 2.2)
  await old('pumice', 5, 1.5, 'own test')
  await old('lava', 7, 4)
  await old('own-bag', 2, 0.05)
  return client
}

test('an old garden gets the corrected values, keeps what was changed in it, and is told which', async () => {
  const client = await beforeIt()
  const files = readdirSync(FOLDER)
    .filter((name) => name.endsWith('.sql') && name >= CORRECTING)
    .sort()
  // One update, as the program makes it.
  await client.exec('begin')
  for (const file of files) await client.exec(readFileSync(`${FOLDER}/${file}`, 'utf8'))
  await client.exec('commit')
  const db = drizzle(client, { schema })
  await declareTopics(db)
  const row = async (id: string) =>
    (await db.select().from(materials).where(eq(materials.id, id)))[0]
  const hulls = await row('rice-hulls')
  assert.equal(hulls?.grainMm, material('rice-hulls').grainMm)
  assert.equal(hulls?.ksCmPerS, material('rice-hulls').ksCmPerS)
  assert.equal(hulls?.version, 2, 'a page that shows the old row is told')
  assert.equal((await row('grit'))?.ksCmPerS, 2.2, 'changed by its grower')
  assert.equal((await row('pumice'))?.ksCmPerS, 1.5, 'tested by its grower')
  assert.equal((await row('own-bag'))?.peat, false)
  const told = await readCorrections(db)
  assert.equal(told?.taken, 1)
  // Lava's curve was corrected by a later update, and holds nothing of what was shipped.
  assert.deepEqual(told?.left, ['grit', 'lava', 'pumice'])
  assert.equal(hulls?.nDrawdown, 0.15, 'columns that came later are filled in')
  assert.equal((await row('pumice'))?.settlePercent, 1)
  await client.close()
})

test('a new garden begins with the corrected values and is told nothing', async () => {
  const garden = await demoDatabase()
  assert.equal(await readCorrections(garden.db), null)
  assert.equal(material('all-purpose-mix').peat, true)
  assert.equal(material('sphagnum-moss').peat, false)
  assert.equal(amendment('crf-5-month').mineral, true)
  assert.equal(amendment('blood-meal').mineral, false)
  assert.equal(crop('bromeliad').freshOnly, true)
  assert.equal(crop('seedlings').canopyCm2, null)
  await garden.close()
})

test('the migrations in the folder are those of the journal', async () => {
  const client = await emptyEngine()
  await migrate(drizzle(client), { migrationsFolder: FOLDER })
  const journal = JSON.parse(readFileSync(`${FOLDER}/meta/_journal.json`, 'utf8')) as {
    entries: { tag: string }[]
  }
  assert.deepEqual(
    readdirSync(FOLDER)
      .filter((name) => name.endsWith('.sql'))
      .sort(),
    journal.entries.map(({ tag }) => `${tag}.sql`),
  )
  await client.close()
})
