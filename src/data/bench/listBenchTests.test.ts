import assert from 'node:assert/strict'
import { after, before, test } from 'node:test'
import { demoDatabase } from '../../../testing/database'
import { listBenchTests, type TestsAsked } from './readBenchTests'
import { readSampleNames, sampleKey } from './samples'

let garden: Awaited<ReturnType<typeof demoDatabase>>
before(async () => {
  garden = await demoDatabase()
})
after(() => garden.close())

const finished = async (asked: Partial<TestsAsked> = {}) => {
  const { rows, total } = await listBenchTests(garden.db, 'finished', {
    offset: 0,
    limit: 100,
    ...asked,
  })
  const names = await readSampleNames(
    garden.db,
    rows.map(({ sample }) => sample),
  )
  return {
    total,
    rows: rows.map(({ kind, startedAt, sample }) => ({
      kind,
      at: startedAt.getTime(),
      name: names.get(sampleKey(sample)),
    })),
  }
}

test('finished tests come newest first, or turned round', async () => {
  const { rows, total } = await finished()
  assert.equal(total, rows.length)
  assert.ok(total > 10)
  const turned = (await finished({ order: 'oldest' })).rows
  assert.deepEqual(
    turned.map(({ at }) => at),
    rows.map(({ at }) => at).sort((a, b) => a - b),
  )
})

test('tests of one kind, or of what is named so, are found; none is told as none', async () => {
  const { rows } = await finished()
  const readings = await finished({ kind: 'phEc' })
  assert.equal(readings.total, rows.filter(({ kind }) => kind === 'phEc').length)
  const camellia = await finished({ find: 'TUB camellia' })
  assert.ok(camellia.total > 2)
  assert.ok(camellia.rows.every(({ name }) => name === 'Camellia tub'))
  assert.equal((await finished({ find: 'camellia', kind: 'sieve' })).total, 0)
})

test('sorted by what was tested, the newest of each stands first', async () => {
  const { rows } = await finished({ order: 'sample' })
  for (const [i, row] of rows.slice(1).entries()) {
    const before = rows[i]
    assert.ok(before)
    const turn = String(before.name).localeCompare(String(row.name), 'en', { numeric: true })
    assert.ok(turn < 0 || (turn === 0 && before.at >= row.at), `${before.name}, ${row.name}`)
  }
})
