import assert from 'node:assert/strict'
import { readdirSync, readFileSync } from 'node:fs'
import { test } from 'node:test'
import { emptyEngine } from '../../../testing/keptEngines'

const FOLDER = 'src/data/migrations'
const MOVING = '0032_jars_at_the_bench'

test('an old garden: jar tests among its trials are tests of the bench, with what was typed and asked', async (t) => {
  const client = await emptyEngine()
  t.after(() => client.close())
  const files = readdirSync(FOLDER).filter((name) => name.endsWith('.sql'))
  for (const file of files.filter((name) => name < MOVING).sort()) {
    await client.exec(readFileSync(`${FOLDER}/${file}`, 'utf8'))
  }
  const { rows: lots } = await client.query<{ id: number }>(
    `insert into lots (name, origin, created_at) values ('Camellia tub', 'own recipe', now()) returning id`,
  )
  const trial = async (kind: string, more: Readonly<Record<string, unknown>> = {}) => {
    const row: Record<string, unknown> = {
      name: 'Lime for the tub',
      kind,
      question: 'How much?',
      wish: 'more',
      must: 'repeat',
      must_value: 0.2,
      measures: '[]',
      check_days: '[7]',
      how: 'planted',
      per_pot: 0,
      pots: 1,
      blocks: true,
      columns: 2,
      seed: 1,
      is_blind: false,
      place: 'Bench',
      pot_size: '{}',
      protocol: '{}',
      cv: 20,
      jars: JSON.stringify({ amendmentId: 'calcitic-lime', targetPh: 6.2 }),
      created_at: '2026-10-01T10:00:00Z',
      ...more,
    }
    const names = Object.keys(row)
    const { rows } = await client.query<{ id: number }>(
      `insert into trials (${names.join()}) values (${names.map((_, at) => `$${at + 1}`).join()}) returning id`,
      Object.values(row),
    )
    for (const [number, dose] of [0, 2.5].entries()) {
      await client.query(
        `insert into trial_treatments (trial_id, number, name, medium, dose, risks) values ($1, $2, $3, $4, $5, '[]')`,
        [
          rows[0]?.id,
          number,
          `${dose} g/L`,
          JSON.stringify({ kind: 'lot', lotId: lots[0]?.id }),
          dose,
        ],
      )
    }
  }
  await trial('jar')
  const { rows: begun } = await client.query<{ id: number }>(
    `insert into bench_tests (kind, lot_id, started_at, kit) values ('jar', $1, now(), '{}') returning id`,
    [lots[0]?.id],
  )
  await trial('jar', { planted_on: '2026-10-02', bench_test_id: begun[0]?.id, name: 'Begun' })
  await trial('comparison', { must: 'survival', jars: null, name: 'Two mixes' })

  await client.exec(readFileSync(`${FOLDER}/${MOVING}.sql`, 'utf8'))
  const { rows: tests } = await client.query(
    'select kind, lot_id, note, draft from bench_tests order by note desc',
  )
  assert.deepEqual(tests, [
    {
      kind: 'jar',
      lot_id: lots[0]?.id,
      note: 'Lime for the tub: How much?',
      draft: { amendmentId: 'calcitic-lime', target: '6.2', dose0: '0', dose1: '2.5' },
    },
    { kind: 'jar', lot_id: lots[0]?.id, note: 'Begun: How much?', draft: null },
  ])
  const { rows: trials } = await client.query('select name from trials')
  assert.deepEqual(trials, [{ name: 'Two mixes' }])
})
