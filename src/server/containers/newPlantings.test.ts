import assert from 'node:assert/strict'
import { after, before, test } from 'node:test'
import { sql } from 'drizzle-orm'
import { callEndpoint } from '../../../testing/callEndpoint'
import { endpointDatabase } from '../../../testing/database'
import { endpointTable } from '../routes'

const plant = endpointTable['POST /api/containers/plantings']

let garden: Awaited<ReturnType<typeof endpointDatabase>>
before(async () => {
  garden = await endpointDatabase()
})
after(() => garden.close())

const growing = async () => {
  const { rows } = await garden.db.execute<{ count: number }>(
    sql`select count(*)::int as count from plantings where ended_on is null`,
  )
  return rows[0]?.count ?? 0
}
const body = { cropId: 'chard', how: 'sown', on: '2026-11-01', pots: [1, 5] }
const ask = (more: object = {}) =>
  callEndpoint<{ ids: readonly number[] }>(plant, { ...body, ...more })

test('the same planting sent three times without an id of its request is one', async () => {
  const before = await growing()
  const told = await Promise.all([ask(), ask(), ask()])
  for (const { status } of told) assert.equal(status, 201)
  assert.equal(await growing(), before + 2)
  const [first] = told
  for (const { answer } of told) {
    assert.deepEqual([...answer.ids].sort(), [...(first?.answer.ids ?? [])].sort())
  }
})

test('what differs in anything is another planting, and a pot that had it already keeps it', async () => {
  const before = await growing()
  await ask({ on: '2026-11-02' })
  await ask({ cultivar: 'Red stalk' })
  assert.equal(await growing(), before + 4)
  await ask({ pots: [1, 6] })
  assert.equal(await growing(), before + 5)
})
