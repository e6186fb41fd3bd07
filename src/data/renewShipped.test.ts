import assert from 'node:assert/strict'
import { after, before, test } from 'node:test'
import { and, eq, sql } from 'drizzle-orm'
import { demoDatabase, NOW } from '../../testing/database'
import { material } from '../../testing/tables'
import { shippedLists } from './defaults'
import { materials } from './media/materialTables'
import { renewShipped } from './renewShipped'
import { crops } from './season/tables'
import { readCorrections } from './site'
import { shippedRows } from './site/correctionTables'

const LATER = new Date('2027-02-01T10:00:00Z')

let garden: Awaited<ReturnType<typeof demoDatabase>>
before(async () => {
  garden = await demoDatabase()
})
after(() => garden.close())

const row = async (id: string) =>
  (await garden.db.select().from(materials).where(eq(materials.id, id)))[0]

/** As if the program had shipped something else when the garden got this material. */
async function shippedBefore(id: string, said: Readonly<Record<string, unknown>>): Promise<void> {
  await garden.db
    .update(shippedRows)
    .set({ shipped: sql`${shippedRows.shipped} || ${JSON.stringify(said)}::jsonb` })
    .where(and(eq(shippedRows.list, 'materials'), eq(shippedRows.rowId, id)))
}

test('a new garden has every shipped row, and the next start changes and tells nothing', async () => {
  for (const { table, rows } of shippedLists()) {
    assert.ok((await garden.db.$count(table)) >= rows.length)
  }
  const before = await row('grit')
  await renewShipped(garden.db, LATER)
  assert.deepEqual(await row('grit'), before)
  assert.equal(await readCorrections(garden.db), null)
})

test('an update corrects what nobody edited, leaves what its grower changed or tested, and says so', async () => {
  const set = (id: string, values: Partial<typeof materials.$inferInsert>) =>
    garden.db.update(materials).set(values).where(eq(materials.id, id))
  for (const id of ['grit', 'pumice', 'lava']) {
    await shippedBefore(id, { ksCmPerS: 77 })
    await set(id, { ksCmPerS: 77 })
  }
  await set('pumice', { ksCmPerS: 3.3 })
  await set('lava', { origin: 'own test' })
  await renewShipped(garden.db, LATER)
  const grit = await row('grit')
  assert.equal(grit?.ksCmPerS, material('grit').ksCmPerS)
  assert.equal(grit?.version, 2, 'a page that shows the old row is told')
  assert.equal((await row('pumice'))?.ksCmPerS, 3.3)
  assert.equal((await row('lava'))?.ksCmPerS, 77)
  const told = await readCorrections(garden.db)
  assert.equal(told?.taken, 1)
  assert.deepEqual(
    told?.left,
    [material('lava').name, material('pumice').name].sort((a, b) => a.localeCompare(b)),
  )
  await renewShipped(garden.db, new Date('2027-03-01T10:00:00Z'))
  assert.deepEqual(await readCorrections(garden.db), told, 'told once, not at every start')
})

test('a row that is new comes in, and a column that came later is filled in', async () => {
  await garden.db.delete(crops).where(eq(crops.id, 'tulip'))
  await garden.db.delete(shippedRows).where(eq(shippedRows.rowId, 'tulip'))
  await garden.db.execute(
    sql`update shipped_rows set shipped = shipped - 'settlePercent' where row_id = 'perlite-coarse'`,
  )
  await garden.db
    .update(materials)
    .set({ settlePercent: 8 })
    .where(eq(materials.id, 'perlite-coarse'))
  await renewShipped(garden.db, NOW)
  assert.equal(await garden.db.$count(crops, eq(crops.id, 'tulip')), 1)
  assert.equal(
    (await row('perlite-coarse'))?.settlePercent,
    material('perlite-coarse').settlePercent,
  )
})
