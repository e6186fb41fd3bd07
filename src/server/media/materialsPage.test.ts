import assert from 'node:assert/strict'
import { after, before, test } from 'node:test'
import { demoDatabase } from '../../../testing/database'
import { materialsQuerySchema } from '../../messages/media/materials'
import { validate } from '../validate'
import { materialsPage } from './materialsPage'

let garden: Awaited<ReturnType<typeof demoDatabase>>
before(async () => {
  garden = await demoDatabase()
})
after(() => garden.close())

const ask = (query: Record<string, string>) =>
  materialsPage(garden.db, validate(materialsQuerySchema, query, true))

test('pages put together are the whole list, each material once', async () => {
  const whole = await ask({})
  const first = await ask({ limit: '10' })
  const second = await ask({ limit: '10', offset: '10' })
  assert.equal(first.total, whole.total)
  assert.deepEqual([...first.rows, ...second.rows], whole.rows.slice(0, 20))
})

test('the order goes by any column; what has no price comes last either way', async () => {
  const heavy = await ask({ order: 'bulkDensity', descending: 'true' })
  const densities = heavy.rows.map(({ bulkDensity }) => bulkDensity)
  assert.deepEqual(
    densities,
    [...densities].sort((a, b) => b - a),
  )
  for (const descending of ['true', 'false']) {
    const { rows } = await ask({ order: 'pricePerLitre', descending })
    const prices = rows.map(({ pricePerLitre }) => pricePerLitre)
    const firstNone = prices.indexOf(null)
    assert.ok(firstNone > 0 && prices.slice(firstNone).every((price) => price === null))
  }
})

test('every word of the filter must fit; an unknown column is refused', async () => {
  const { rows } = await ask({ filter: 'PERLITE aggregate' })
  assert.ok(rows.length > 0 && rows.every(({ name }) => /perlite/i.test(name)))
  assert.equal((await ask({ filter: 'no such thing' })).total, 0)
  assert.throws(() => validate(materialsQuerySchema, { order: 'password' }, true))
})
