import assert from 'node:assert/strict'
import { test } from 'node:test'
import { callEndpoint } from '../../testing/callEndpoint'
import { endpointDatabase } from '../../testing/database'
import { potPage } from './containers'
import { enteredAt } from './enteredAt'
import { endpointTable } from './routes'

const log = endpointTable['POST /api/containers/[id]/log']

const NOW = new Date('2026-11-02T10:00:00Z')
const at = (ago?: string) =>
  enteredAt(
    new Request('http://localhost/', {
      headers: ago === undefined ? {} : { 'entered-ago-ms': ago },
    }),
    NOW,
  ).toISOString()

test('what was entered without a connection counts from when it was entered', () => {
  assert.equal(at(), '2026-11-02T10:00:00.000Z')
  assert.equal(at('0'), '2026-11-02T10:00:00.000Z')
  assert.equal(at('5400000'), '2026-11-02T08:30:00.000Z')
})

test('a time that is none, or from before two months, is refused', () => {
  for (const odd of ['-5', '1e3', 'soon', '99999999999999', String(61 * 86_400_000), '1.5']) {
    assert.throws(() => at(odd), /enter it anew/, odd)
  }
})

test('what is logged two days late stands at its own day, and twice sent it stands there once', async (t) => {
  const garden = await endpointDatabase()
  t.after(() => garden.close())
  const send = (ago: number) =>
    callEndpoint(
      log,
      { kind: 'stays wet' },
      {
        params: { id: 3 },
        headers: { 'idempotency-key': 'entered-in-a-dead-spot', 'entered-ago-ms': String(ago) },
      },
    )
  const days = async () => {
    const page = await potPage(garden.db, 3)
    return page.log.filter(({ kind }) => kind === 'stays wet').map(({ on }) => on)
  }
  const before = (await days()).length
  const first = await send(2 * 86_400_000)
  const again = await send(2 * 86_400_000 + 5000)
  assert.deepEqual([first.status, again.status], [201, 201])
  assert.deepEqual(again.answer, first.answer)
  assert.equal((await days()).length, before + 1)
  assert.ok((await days()).includes('2026-10-31'))
})
