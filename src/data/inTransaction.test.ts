import assert from 'node:assert/strict'
import { after, before, test } from 'node:test'
import { demoDatabase } from '../../testing/database'
import type { Database } from './database'
import { inTransaction } from './inTransaction'
import { listMaterials, takeFromStock } from './media/materials'

let garden: Awaited<ReturnType<typeof demoDatabase>>
before(async () => {
  garden = await demoDatabase()
})
after(() => garden.close())

const litres = async (db: Database) =>
  (await listMaterials(db)).find(({ material }) => material.id === 'grit')?.litres ?? 0
const takeTwice = (db: Database, fails: boolean) =>
  inTransaction(db, async (tx) => {
    await takeFromStock(tx, 'grit', 1)
    await inTransaction(tx, (inner) => takeFromStock(inner, 'grit', 1))
    if (fails) throw new Error('in the middle')
  })

test('all of it is written, or nothing: by itself, and as a part of more', async () => {
  const first = await litres(garden.db)
  await takeTwice(garden.db, false)
  assert.equal(await litres(garden.db), first - 2)
  await assert.rejects(takeTwice(garden.db, true), /in the middle/)
  assert.equal(await litres(garden.db), first - 2)
  await assert.rejects(
    garden.db.transaction((tx) => takeTwice(tx, true)),
    /in the middle/,
  )
  assert.equal(await litres(garden.db), first - 2)
})
