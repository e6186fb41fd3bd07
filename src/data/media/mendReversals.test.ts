import assert from 'node:assert/strict'
import { after, before, test } from 'node:test'
import { eq, sql } from 'drizzle-orm'
import { TROUGH_TO_STRAWBERRY } from '../../../testing/answers'
import { callEndpoint } from '../../../testing/callEndpoint'
import { endpointDatabase, NOW } from '../../../testing/database'
import { close as near } from '../../../testing/tables'
import { reversingLine } from '../../core/media'
import { auditPage } from '../../server/media'
import { endpointTable } from '../../server/routes'
import { appendLines } from './lots'
import { ledgerEntries } from './lotTables'
import { mendReversals, unseenMends } from './mendReversals'
import { readLot } from './readLots'
import { writeContents } from './writeContents'

const seen = endpointTable['POST /api/media/mends/seen']
const finish = endpointTable['POST /api/recondition/work-orders/[id]/finish']
const undo = endpointTable['POST /api/recondition/work-orders/[id]/undo-finish']
const newOrder = endpointTable['POST /api/recondition/work-orders']

let garden: Awaited<ReturnType<typeof endpointDatabase>>
before(async () => {
  garden = await endpointDatabase()
})
after(() => garden.close())

const LOT = 1
const ROUNDS = 4
const litresThere = async () => (await readLot(garden.db, LOT)).contents.litres
const unaccounted = async () => (await auditPage(garden.db)).unaccountedLitres

async function orderToFinish(): Promise<number> {
  const { answer } = await callEndpoint<{ id: number }>(newOrder, TROUGH_TO_STRAWBERRY)
  return answer.id
}

/** What earlier versions wrote when an order was taken back a second time: its reversals, reversed. */
async function bookReversalsAgain(orderId: number): Promise<number> {
  const ledger = await garden.db.select().from(ledgerEntries).where(eq(ledgerEntries.lotId, LOT))
  const reversed = new Set(ledger.map(({ reversesId }) => reversesId))
  const reversals = ledger
    .filter(
      (one) => one.workOrderId === orderId && one.reversesId !== null && !reversed.has(one.id),
    )
    .sort((one, other) => one.id - other.id)
  const lines = reversals
    .slice(-reversals.length / ROUNDS)
    .map((one) => ({ ...reversingLine(one, null), reversesId: one.id }))
  await garden.db.execute(sql`alter table ledger_entries disable trigger reversal_stands`)
  await garden.db
    .insert(ledgerEntries)
    .values(lines.map((line) => ({ ...line, lotId: LOT, at: NOW, workOrderId: orderId })))
  await garden.db.execute(sql`alter table ledger_entries enable trigger reversal_stands`)
  await writeContents(garden.db, LOT, [...ledger, ...lines])
  return lines.reduce((sum, { litres }) => sum + litres, 0)
}

test('finished, taken back, finished and taken back again, a lot holds what it held', async () => {
  const before = await litresThere()
  const id = await orderToFinish()
  for (let round = 0; round < ROUNDS; round++) {
    assert.equal((await callEndpoint(finish, {}, { params: { id } })).status, 200)
    assert.equal((await callEndpoint(undo, {}, { params: { id } })).status, 200)
    near(await litresThere(), before, 1e-9, `round ${round}`)
    near(await unaccounted(), 0, 1e-6)
  }
})

test('litres that were booked so are taken out by an update, once, and told until seen', async () => {
  const before = await litresThere()
  const [order] = (
    await garden.db.execute<{ id: number }>(sql`select max(id) as id from work_orders`)
  ).rows
  const wrong = await bookReversalsAgain(order?.id ?? 0)
  assert.ok(Math.abs(wrong) > 1)
  near(await unaccounted(), -wrong, 1e-6)
  await mendReversals(garden.db, NOW)
  near(await litresThere(), before, 1e-9)
  near(await unaccounted(), 0, 1e-6)
  await mendReversals(garden.db, NOW)
  const told = await unseenMends(garden.db)
  assert.equal(told.length, 1)
  near(told[0]?.litres ?? 0, wrong, 1e-9)
  assert.equal(told[0]?.isTakenOut, true)
  await callEndpoint(seen, { ids: told.map(({ id }) => id) })
  assert.deepEqual(await unseenMends(garden.db), [])
})

test('a lot that was counted since keeps its litres, and every litre adds up again', async () => {
  const [order] = (
    await garden.db.execute<{ id: number }>(sql`select max(id) as id from work_orders`)
  ).rows
  await bookReversalsAgain(order?.id ?? 0)
  const line = {
    kind: 'recounted' as const,
    litres: 1,
    components: [{ materialId: 'grit', litres: 1 }],
    doses: [],
    note: null,
  }
  await appendLines(garden.db, LOT, [line], NOW)
  const counted = await litresThere()
  await mendReversals(garden.db, NOW)
  near(await litresThere(), counted, 1e-9)
  near(await unaccounted(), 0, 1e-6)
  assert.equal((await unseenMends(garden.db))[0]?.isTakenOut, false)
})

test('the database itself takes no reversal of a reversal, and none in another lot', async () => {
  const [entry] = await garden.db
    .select()
    .from(ledgerEntries)
    .where(sql`${ledgerEntries.reversesId} is not null`)
    .limit(1)
  assert.ok(entry)
  const write = (row: Partial<typeof entry>) =>
    garden.db
      .insert(ledgerEntries)
      .values({ ...reversingLine(entry, null), lotId: LOT, at: NOW, ...row })
  await assert.rejects(write({ reversesId: entry.id }), /cannot be reversed|Failed query/)
  const [other] = await garden.db
    .select()
    .from(ledgerEntries)
    .where(sql`${ledgerEntries.lotId} <> ${LOT} and ${ledgerEntries.reversesId} is null`)
    .limit(1)
  await assert.rejects(write({ reversesId: other?.id ?? null }))
})
