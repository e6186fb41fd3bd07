import assert from 'node:assert/strict'
import { after, before, test } from 'node:test'
import { eq, getTableColumns, getTableName, sql } from 'drizzle-orm'
import { demoDatabase } from '../../../testing/database'
import { pens } from '../bench/benchTables'
import type { Database } from '../database'
import { listMaterials, materialsById, takeFromStock } from '../media/materials'
import { materials } from '../media/materialTables'
import { crops } from '../season/tables'
import { readSite, writePlace } from '../site'
import { asOneReading, keep, keepEach, raiseAllTopics } from '.'
import { type RestsOn, TOPICS } from './topics'

let garden: Awaited<ReturnType<typeof demoDatabase>>
before(async () => {
  garden = await demoDatabase()
})
after(() => garden.close())

const writeCrop = (db: Database) =>
  db
    .update(crops)
    .set({ name: sql`${crops.name}` })
    .where(eq(crops.id, 'chard'))
const writePen = (db: Database) => db.update(pens).set({ name: sql`${pens.name}` })
const counted = () => {
  let readings = 0
  return keep('crops', async () => ++readings)
}

test('rows are read once, and again after a row they rest on was written', async () => {
  const read = counted()
  assert.equal(await read(garden.db), 1)
  assert.equal(await read(garden.db), 1)
  await writeCrop(garden.db)
  assert.equal(await read(garden.db), 2)
  await writePen(garden.db)
  assert.equal(await read(garden.db), 2, 'others may be written meanwhile')
  await raiseAllTopics(garden.db)
  assert.equal(await read(garden.db), 3)
})

test('another process that writes is heard: only the database is asked', async () => {
  const read = counted()
  assert.equal(await read(garden.db), 1)
  await garden.client.exec('insert into crops select * from crops where false')
  assert.equal(await read(garden.db), 2)
})

test('within one reading the stamps are asked for once, and the next one asks anew', async () => {
  const read = counted()
  await asOneReading(async () => {
    assert.equal(await read(garden.db), 1)
    await writeCrop(garden.db)
    assert.equal(await read(garden.db), 1, 'a page is as the garden was when it was begun')
  })
  assert.equal(await asOneReading(() => read(garden.db)), 2)
})

test('a question that is asked each time it is waited for is asked once', async () => {
  let asked = 0
  const question: PromiseLike<number> = {
    // biome-ignore lint/suspicious/noThenProperty: a query is asked by waiting for it
    then: (answered, refused) => Promise.resolve(++asked).then(answered, refused),
  }
  const read = keep('crops', () => question)
  assert.deepEqual(await Promise.all([read(garden.db), read(garden.db)]), [1, 1])
  assert.equal(await garden.db.transaction((tx) => read(tx)), 1)
  assert.equal(asked, 1)
})

test('a reading that failed is tried again', async () => {
  let fails = true
  const read = keep('crops', async () => {
    if (fails) throw new Error('no answer')
    return 'rows'
  })
  await assert.rejects(read(garden.db), /no answer/)
  fails = false
  assert.equal(await read(garden.db), 'rows')
})

test('what a transaction wrote and took back is seen by nobody else', async () => {
  const litres = async (db: Database) =>
    (await listMaterials(db)).find(({ material }) => material.id === 'grit')?.litres
  const before = (await litres(garden.db)) ?? 0
  await garden.db.transaction(async (tx) => {
    await assert.rejects(
      tx.transaction(async (nested) => {
        await takeFromStock(nested, 'grit', 1)
        assert.equal(await litres(nested), before - 1)
        throw new Error('undone')
      }),
      /undone/,
    )
    assert.equal(await litres(tx), before)
  })
  assert.equal(await litres(garden.db), before)
  await garden.db.transaction((tx) => takeFromStock(tx, 'grit', 3))
  assert.equal(await litres(garden.db), before - 3)
})

test('a transaction reads what is kept until it writes of it, and what it read serves those after it', async () => {
  const read = counted()
  assert.equal(await read(garden.db), 1)
  await garden.db.transaction(async (tx) => {
    assert.equal(await read(tx), 1)
    await writePen(tx)
    assert.equal(await read(tx), 1)
    await writeCrop(tx)
    assert.equal(await read(tx), 2)
    assert.equal(await read(tx), 2)
  })
  assert.equal(await read(garden.db), 2)
})

test('a transaction does not wait for a reading that waits for its end', async () => {
  let begun = 0
  let begin = () => {}
  const isBegun = new Promise<void>((resolve) => {
    begin = resolve
  })
  let end = () => {}
  const ended = new Promise<void>((resolve) => {
    end = resolve
  })
  const read = keep('crops', async (db) => {
    begun++
    if (db === garden.db) {
      begin()
      await ended
    }
    return 'rows'
  })
  const outside = read(garden.db)
  await isBegun
  await garden.db.transaction(async (tx) => {
    assert.equal(await read(tx), 'rows')
  })
  end()
  assert.equal(await outside, 'rows')
  assert.equal(begun, 2)
})

test('no repository has to say what it wrote: the site, and a material that was put away', async () => {
  const site = await readSite(garden.db)
  await writePlace(garden.db, { timeZone: 'Europe/Paris', southern: false, version: site.version })
  assert.equal((await readSite(garden.db)).timeZone, 'Europe/Paris')
  await garden.db.update(materials).set({ putAwayAt: new Date() }).where(eq(materials.id, 'lava'))
  assert.ok(!(await listMaterials(garden.db)).some(({ material }) => material.id === 'lava'))
  assert.ok((await materialsById(garden.db)).has('lava'), 'old lots still hold it')
})

test('what is worked out of a row holds for its version and the topics, and for nobody inside a transaction', async () => {
  const open = keepEach<number, string>(['crops'], 2)
  const kept = async () => (await open(garden.db)).read(1, 'v1')
  ;(await open(garden.db)).write(1, 'v1', 'worked out')
  assert.equal(await kept(), 'worked out')
  assert.equal((await open(garden.db)).read(1, 'v2'), undefined)
  await garden.db.transaction(async (tx) => {
    const inside = await open(tx)
    inside.write(1, 'v2', 'may be undone')
    assert.equal(inside.read(1, 'v2'), undefined)
  })
  await writeCrop(garden.db)
  assert.equal(await kept(), undefined)
  for (const key of [1, 2, 3]) (await open(garden.db)).write(key, 'v1', 'worked out')
  assert.equal(await kept(), undefined, 'only so many are kept')
})

test('every topic is raised by each table it rests on, and what is only stock leaves the material as it was', async () => {
  const stamps = async () => {
    const { rows } = await garden.db.execute<{ topic: string; stamp: string }>(
      sql`select topic, stamp from kept.stamps`,
    )
    return new Map(rows.map(({ topic, stamp }) => [topic, stamp]))
  }
  for (const [topic, rests] of Object.entries(TOPICS) as [string, readonly RestsOn[]][]) {
    for (const { table, only, besides = [], having } of rests) {
      const all = Object.values(getTableColumns(table))
      const counting = only ?? all.filter((column) => !besides.includes(column))
      const before = await stamps()
      const name = sql.identifier(getTableName(table))
      const column = sql.identifier(counting.at(-1)?.name ?? '')
      const where = having ? sql` where ${sql.identifier(having.name)} is not null` : sql``
      const { rows } = await garden.db.execute(
        sql`update ${name} set ${column} = ${column}${where} returning 1`,
      )
      const isRaised = (await stamps()).get(topic) !== before.get(topic)
      assert.equal(
        isRaised,
        having === undefined || rows.length > 0,
        `${topic} by ${getTableName(table)}`,
      )
    }
  }
  const before = await stamps()
  await takeFromStock(garden.db, 'grit', 1)
  const after = await stamps()
  assert.notEqual(after.get('stock'), before.get('stock'))
  assert.equal(after.get('materials'), before.get('materials'))
})
