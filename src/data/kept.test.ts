import assert from 'node:assert/strict'
import { after, before, test } from 'node:test'
import { eq } from 'drizzle-orm'
import { demoDatabase } from '../../testing/database'
import type { Database } from './database'
import { forget, forgetAll, keep, shareKept } from './kept'
import { listMaterials, materialsById, takeFromStock } from './media/materials'
import { materials } from './media/materialTables'
import { readSite, writePlace } from './site/site'

let garden: Awaited<ReturnType<typeof demoDatabase>>
before(async () => {
  garden = await demoDatabase()
})
after(() => garden.close())

test('rows are read once, and again after they were written', async () => {
  let readings = 0
  const read = keep('crops', async () => ++readings)
  assert.equal(await read(garden.db), 1)
  assert.equal(await read(garden.db), 1)
  forget('crops')
  assert.equal(await read(garden.db), 2)
  forget('pens')
  assert.equal(await read(garden.db), 2, 'others may be written meanwhile')
  forgetAll()
  assert.equal(await read(garden.db), 3)
})

test('a question that is asked each time it is waited for is asked once', async () => {
  let asked = 0
  const question: PromiseLike<number> = {
    // biome-ignore lint/suspicious/noThenProperty: a query is asked by waiting for it
    then: (answered, refused) => Promise.resolve(++asked).then(answered, refused),
  }
  const read = keep('crops', () => question)
  assert.deepEqual(await Promise.all([read(garden.db), read(garden.db)]), [1, 1])
  await garden.db.transaction(async (tx) => {
    shareKept(garden.db, tx)
    assert.equal(await read(tx), 1)
  })
  assert.equal(asked, 1)
})

test('gardens are kept apart', async () => {
  const read = keep('crops', async (db) => db)
  const other = { ...garden.db } as unknown as Database
  assert.equal(await read(garden.db), garden.db)
  assert.equal(await read(other), other)
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
  const before = await litres(garden.db)
  await assert.rejects(
    garden.db.transaction(async (tx) => {
      await takeFromStock(tx, 'grit', 3)
      assert.equal(await litres(tx), (before ?? 0) - 3)
      throw new Error('undone')
    }),
    /undone/,
  )
  assert.equal(await litres(garden.db), before)
  await garden.db.transaction((tx) => takeFromStock(tx, 'grit', 3))
  assert.equal(await litres(garden.db), (before ?? 0) - 3)
})

test('a repository forgets what it writes: the site, and a material that was put away', async () => {
  const site = await readSite(garden.db)
  await writePlace(garden.db, { timeZone: 'Europe/Paris', southern: false, version: site.version })
  assert.equal((await readSite(garden.db)).timeZone, 'Europe/Paris')
  await garden.db.update(materials).set({ putAwayAt: new Date() }).where(eq(materials.id, 'lava'))
  forget('materials')
  assert.ok(!(await listMaterials(garden.db)).some(({ material }) => material.id === 'lava'))
  assert.ok((await materialsById(garden.db)).has('lava'), 'old lots still hold it')
})

test('a transaction that shares reads what is kept until it writes of it, and then reads anew', async () => {
  let readings = 0
  const read = keep('crops', async () => ++readings)
  assert.equal(await read(garden.db), 1)
  await garden.db.transaction(async (tx) => {
    shareKept(garden.db, tx)
    assert.equal(await read(tx), 1)
    await tx.transaction(async (nested) => {
      assert.equal(await read(nested), 1)
    })
    forget('pens')
    assert.equal(await read(tx), 1)
    forget('crops')
    assert.equal(await read(tx), 2)
    assert.equal(await read(tx), 3, 'nothing is kept of what may still be undone')
  })
  assert.equal(await read(garden.db), 4)
})

test('what a sharing transaction read first serves those after it', async () => {
  let readings = 0
  const read = keep('crops', async () => ++readings)
  await garden.db.transaction(async (tx) => {
    shareKept(garden.db, tx)
    assert.equal(await read(tx), 1)
  })
  assert.equal(await read(garden.db), 1)
})

test('a sharing transaction does not wait for a reading that waits for its end', async () => {
  let begun = 0
  let end = () => {}
  const ended = new Promise<void>((resolve) => {
    end = resolve
  })
  const read = keep('crops', async (db) => {
    begun++
    if (db === garden.db) await ended
    return 'rows'
  })
  const outside = read(garden.db)
  await garden.db.transaction(async (tx) => {
    shareKept(garden.db, tx)
    assert.equal(await read(tx), 'rows')
  })
  end()
  assert.equal(await outside, 'rows')
  assert.equal(begun, 2)
})

test('what a sharing transaction wrote and took back is not kept', async () => {
  const litres = async (db: Database) =>
    (await listMaterials(db)).find(({ material }) => material.id === 'grit')?.litres
  const before = await litres(garden.db)
  await garden.db.transaction(async (tx) => {
    shareKept(garden.db, tx)
    assert.equal(await litres(tx), before)
    await assert.rejects(
      tx.transaction(async (nested) => {
        await takeFromStock(nested, 'grit', 1)
        assert.equal(await litres(nested), (before ?? 0) - 1)
        throw new Error('undone')
      }),
      /undone/,
    )
    assert.equal(await litres(tx), before)
  })
  assert.equal(await litres(garden.db), before)
})
