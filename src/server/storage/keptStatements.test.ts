import assert from 'node:assert/strict'
import { after, before, test } from 'node:test'
import type { PGlite } from '@electric-sql/pglite'
import { demoDatabase } from '../../../testing/database'

const QUESTION = 'select code, litres from kept_of where id = $1'

let garden: Awaited<ReturnType<typeof demoDatabase>>
let engine: PGlite
before(async () => {
  garden = await demoDatabase()
  engine = garden.client
  await engine.exec(`
    create table kept_of (id serial primary key, code text unique, litres integer);
    insert into kept_of (code, litres) values ('P01', 12), ('P02', 30);
  `)
})
after(async () => {
  await engine.exec('drop table kept_of')
  await garden.close()
})

/** Of the questions the engine keeps, those about this table. */
async function kept(): Promise<{ name: string; statement: string }[]> {
  const { rows } = await engine.query<{ name: string; statement: string }>(
    `select name, statement from pg_prepared_statements where statement like '%kept_of where%'`,
  )
  return rows.filter(({ statement }) => !statement.includes('pg_prepared'))
}

const ask = async (id: number | string) => (await engine.query(QUESTION, [id])).rows

test('a question asked again is kept, and worked out anew after a hundred uses', async () => {
  assert.deepEqual(await ask(1), [{ code: 'P01', litres: 12 }])
  assert.deepEqual(await kept(), [], 'asked once')
  const names = new Set<string>()
  for (let i = 0; i < 250; i++) {
    assert.deepEqual(await ask(2), [{ code: 'P02', litres: 30 }])
    if (i % 50 !== 0) continue
    const [only, ...others] = await kept()
    assert.deepEqual([only?.statement, others], [QUESTION, []])
    names.add(only?.name ?? '')
  }
  assert.equal(names.size, 3)
})

test('a kept question that was refused once is answered, also the next time', async () => {
  await ask(1)
  await assert.rejects(ask('one'), /invalid input syntax/)
  for (let i = 0; i < 3; i++) assert.deepEqual(await ask(1), [{ code: 'P01', litres: 12 }])
  await assert.rejects(
    engine.transaction(async (tx) => {
      for (let i = 0; i < 3; i++) await tx.query(`${QUESTION} limit 1`, [1])
      await tx.query(`${QUESTION} limit 1`, ['one'])
    }),
    /invalid input syntax/,
  )
  const { rows } = await engine.query(`${QUESTION} limit 1`, [2])
  assert.deepEqual(rows, [{ code: 'P02', litres: 30 }])
  assert.equal((await kept()).length, 1, 'only what was asked twice since')
})

test('a table that was changed meanwhile is read as it is now', async () => {
  await ask(1)
  await ask(1)
  await engine.query('alter table kept_of alter column litres type text')
  assert.deepEqual(await ask(1), [{ code: 'P01', litres: '12' }])
  await ask(1)
  await engine.exec('alter table kept_of alter column litres type integer using litres::integer')
  assert.deepEqual(await ask(1), [{ code: 'P01', litres: 12 }])
  await ask(1)
  await engine.transaction((tx) => tx.exec(`alter table kept_of add column place text`))
  assert.deepEqual(await ask(1), [{ code: 'P01', litres: 12 }])
})

test('of very many questions those of late are kept', async () => {
  const other = (i: number) => engine.query(`${QUESTION} offset ${i}`, [1])
  for (let i = 0; i < 400; i++) {
    await other(i)
    await other(i)
  }
  const statements = (await kept()).map(({ statement }) => statement)
  assert.ok(statements.length <= 300, `${statements.length} are kept`)
  assert.ok(statements.includes(`${QUESTION} offset 399`))
  assert.ok(!statements.includes(`${QUESTION} offset 0`))
})
