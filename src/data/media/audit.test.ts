import assert from 'node:assert/strict'
import { after, before, test } from 'node:test'
import { demoDatabase, NOW } from '../../../testing/database'
import { close as near } from '../../../testing/tables'
import { auditPage } from '../../server/media'
import { among } from '../among'
import { litresThere, sumsByKind, unbalancedLots } from './audit'
import { readLotStocks } from './findLots'
import { appendLines, putAwayLot } from './lots'
import { ledgerEntries, lots } from './lotTables'
import { readLot } from './readLots'
import { reverseEntry } from './reverseEntry'

let garden: Awaited<ReturnType<typeof demoDatabase>>
before(async () => {
  garden = await demoDatabase()
})
after(() => garden.close())

const ZONE = 'Europe/Berlin'
const yearIn = (timeZone: string, at: Date) =>
  Number(new Intl.DateTimeFormat('en', { year: 'numeric', timeZone }).format(at))

/** The same sums, added up entry by entry. */
async function byHand(timeZone: string) {
  const sums = new Map<string, { litres: number; came: number }>()
  const all = await garden.db.select().from(ledgerEntries)
  const reversed = new Set(all.map(({ reversesId }) => reversesId))
  for (const { id, kind, at, litres, reversesId } of all) {
    if (reversesId !== null || reversed.has(id)) continue
    const key = `${kind} ${yearIn(timeZone, at)}`
    const sum = sums.get(key) ?? { litres: 0, came: 0 }
    sums.set(key, { litres: sum.litres + litres, came: sum.came + Math.max(0, litres) })
  }
  return sums
}

async function agree(timeZone: string): Promise<void> {
  const hand = await byHand(timeZone)
  const told = await sumsByKind(garden.db, timeZone)
  assert.deepEqual(told.map(({ kind, year }) => `${kind} ${year}`).sort(), [...hand.keys()].sort())
  for (const { kind, year, litres, came } of told) {
    near(litres, hand.get(`${kind} ${year}`)?.litres ?? Number.NaN, 1e-6, `${kind} ${year}`)
    near(came, hand.get(`${kind} ${year}`)?.came ?? Number.NaN, 1e-6, `${kind} ${year}`)
  }
}

const LINE = { litres: 2, components: [{ materialId: 'peat-medium', litres: 2 }], doses: [] }

test('litres by kind and year are those of every entry, whatever was taken back', async () => {
  await agree(ZONE)
  const line = { ...LINE, kind: 'topped-up' as const, note: 'once too often' }
  await appendLines(garden.db, 3, [line], NOW)
  await agree(ZONE)
  const { ledger } = await readLot(garden.db, 3)
  const wrong = ledger.find(({ note }) => note === 'once too often')
  assert.ok(wrong)
  await reverseEntry(garden.db, 3, wrong.id, NOW, null)
  await agree(ZONE)
})

test('an entry of the last night of a year belongs to the year it was in the garden', async () => {
  const midnight = new Date('2025-12-31T23:30:00Z')
  await appendLines(garden.db, 3, [{ ...LINE, kind: 'topped-up', note: null }], midnight)
  for (const zone of [ZONE, 'UTC', 'Pacific/Auckland', 'America/Los_Angeles']) await agree(zone)
  const toppedUp = async (zone: string, year: number) =>
    (await sumsByKind(garden.db, zone)).find((one) => one.kind === 'topped-up' && one.year === year)
      ?.litres ?? 0
  near((await toppedUp(ZONE, 2026)) - (await toppedUp('UTC', 2026)), 2, 1e-9)
})

test('the page of every litre sees the next entry, and what it adds up to is what is there', async () => {
  const before = await auditPage(garden.db)
  near(before.unaccountedLitres, 0, 1e-6)
  assert.deepEqual(before.unbalanced, [])
  assert.deepEqual(await auditPage(garden.db), before)
  await appendLines(garden.db, 3, [{ ...LINE, kind: 'topped-up', note: null }], NOW)
  const after = await auditPage(garden.db)
  near(after.inUseLitres - before.inUseLitres, 2, 1e-9)
  near(after.unaccountedLitres, 0, 1e-6)
  const topped = (page: typeof after) =>
    page.rows.find(({ kind }) => kind === 'topped-up')?.litres ?? 0
  near(topped(after) - topped(before), 2, 1e-9)
  assert.deepEqual(await unbalancedLots(garden.db), [])
})

test('litres of lots that were put away are told apart', async () => {
  const { contents } = await readLot(garden.db, 5)
  const before = await litresThere(garden.db)
  await putAwayLot(garden.db, 5, NOW)
  const after = await litresThere(garden.db)
  near(after.putAway - before.putAway, contents.litres, 1e-9)
  near(before.inUse - after.inUse, contents.litres, 1e-9)
})

test('stocks of lots come in the order asked for, with what is left of each', async () => {
  const stocks = await readLotStocks(garden.db, [4, 1, 5, 4711, 2])
  assert.deepEqual(
    stocks.map(({ id }) => id),
    [4, 1, 2],
    'one was put away, one never was',
  )
  for (const { id, name, litres } of stocks) {
    const lot = await readLot(garden.db, id)
    assert.equal(name, lot.name)
    near(litres, lot.contents.litres, 1e-9)
  }
  assert.deepEqual(await readLotStocks(garden.db, []), [])
})

test('ids are told as one list: none, one, or more than a question has parameters', async () => {
  const idsOf = async (ids: Iterable<number>) =>
    (await garden.db.select({ id: lots.id }).from(lots).where(among(lots.id, ids)))
      .map(({ id }) => id)
      .sort((a, b) => a - b)
  assert.deepEqual(await idsOf([]), [])
  assert.deepEqual(await idsOf(new Set([2, 2, 3])), [2, 3])
  const many = Array.from({ length: 70_000 }, (_, at) => at)
  const all = await garden.db.select({ id: lots.id }).from(lots)
  assert.equal((await idsOf(many)).length, all.length)
})
