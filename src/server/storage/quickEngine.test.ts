import assert from 'node:assert/strict'
import { after, before, test } from 'node:test'
import { PGlite, type QueryOptions, types } from '@electric-sql/pglite'
import { demoDatabase } from '../../../testing/database'

const TABLE = `create table asked (
  id serial primary key, code text not null unique, litres double precision, ended boolean default false,
  found jsonb, on_day date, at timestamptz, marks integer[]
)`

/** What a garden asks: text, what it takes, and how the rows are wanted. */
const QUESTIONS: readonly [string, unknown[], QueryOptions?][] = [
  [
    'insert into asked (code, litres, ended, found, on_day, at) values ($1, $2, $3, $4, $5, $6), ($7, $8, $9, $10, $11, $12) returning id, ended',
    [
      ...[
        'P01',
        12.5,
        true,
        '{"kind":"weeds","litres":[1,2]}',
        '2026-11-02',
        '2026-11-02T10:00:00Z',
      ],
      ...["P'2 \u00fc\u6f22\u{1f331}", null, false, null, undefined, null],
    ],
  ],
  ['select * from asked order by id', []],
  ['select * from asked order by id', [], { rowMode: 'array' }],
  [
    'select at, on_day from asked where id = $1',
    [1],
    { parsers: { [types.TIMESTAMPTZ]: (text) => text, [types.DATE]: (text) => text } },
  ],
  ['select code from asked where id = any($1::integer[]) and litres > $2', ['{1,2,3}', 12]],
  [
    'select $1::text as text, $2::bigint as big, $3::boolean as yes',
    ['', 9007199254740993n, false],
  ],
  ['update asked set litres = $1, marks = $2 where id = $3', [0.1 + 0.2, '{4,5}', 2]],
  ['select litres, marks from asked where id = 2', []],
  ['select id from asked where code = $1', ['none of them']],
  ['select at from asked where at = $1', [new Date('2026-11-02T10:00:00Z')]],
  ['delete from asked where ended', []],
]

/** What is refused, by the text, by what it takes, and by a rule of the table. */
const REFUSED: readonly [string, unknown[]][] = [
  ['select nothing from asked', []],
  ['select id from asked where id = $1', ['one']],
  ['insert into asked (code) values ($1), ($1)', ['P09']],
  ['select id from asked where id = $1', []],
]

const said = (error: unknown) => {
  const { message, code, detail, constraint, query, params } = error as Record<string, unknown>
  // Under which name the engine keeps a question is its own affair.
  const told = String(message).replace(/"kept\d+"/, '""')
  return { message: told, code, detail, constraint, query, params }
}

let garden: Awaited<ReturnType<typeof demoDatabase>>
let quick: PGlite
let plain: PGlite
before(async () => {
  garden = await demoDatabase()
  quick = garden.client
  plain = await PGlite.create({ loadDataDir: await quick.dumpDataDir('none') })
  for (const engine of [quick, plain]) await engine.exec(TABLE)
})
after(async () => {
  await plain.close()
  await quick.exec('drop table asked')
  await garden.close()
})

test('the engine asked once for a query answers as the engine itself', async () => {
  for (const [text, params, options] of QUESTIONS) {
    const own = await plain.query(text, params, options)
    assert.deepEqual(await quick.query(text, params, options), own, text)
  }
})

test('it makes one trip for a question', async (context) => {
  const trips = context.mock.method(quick, 'execProtocolRaw')
  await quick.query('select code from asked where id = $1', [1])
  assert.equal(trips.mock.callCount(), 1)
  await quick.transaction((tx) => tx.query('select code from asked where id = $1', [1]))
  // Two each to begin and to end it, by the engine's own way.
  assert.equal(trips.mock.callCount(), 1 + 4 + 1)
})

test('it refuses as the engine itself, and answers the next question', async () => {
  for (const [text, params] of REFUSED) {
    const refusal = (engine: PGlite) =>
      engine.query(text, params).then(() => assert.fail(`${text} is taken`), said)
    const own = await refusal(plain)
    assert.deepEqual(await refusal(quick), own, text)
    assert.deepEqual((await quick.query('select 1 as one')).rows, [{ one: 1 }])
  }
})

test('it keeps a transaction together, and gives it back whole when it fails', async () => {
  const codes = async () =>
    (await quick.query<{ code: string }>('select code from asked order by code')).rows.map(
      ({ code }) => code,
    )
  await quick.query('delete from asked')
  let outside: Promise<string[]> | undefined
  await assert.rejects(
    quick.transaction(async (tx) => {
      await tx.query('insert into asked (code) values ($1)', ['P20'])
      // Asked from outside meanwhile: answered after the transaction, not in the middle of it.
      outside = codes()
      await tx.query('insert into asked (code) values ($1)', ['P20'])
    }),
    /duplicate key/,
  )
  assert.deepEqual(await outside, [])
  let kept: Parameters<Parameters<typeof quick.transaction>[0]>[0] | undefined
  await quick.transaction(async (tx) => {
    kept = tx
    await tx.query('insert into asked (code) values ($1)', ['P21'])
  })
  assert.deepEqual(await codes(), ['P21'])
  await assert.rejects(async () => kept?.query('select 1'), /closed/)
})
