import assert from 'node:assert/strict'
import { after, before, test } from 'node:test'
import { sql } from 'drizzle-orm'
import { demoDatabase, NOW } from '../../../testing/database'
import { drawFrom } from '../../../testing/random'
import { inLedger, workLedgers } from '../../../testing/randomLedgers'
import { type Transfer, transferLines } from '../../core/media'
import { containersOfLot } from '../containers/containers'
import { Conflict, NotFound } from '../errors'
import { addFindings } from './lotFindings'
import { appendLines, createLot } from './lots'
import { readLot } from './readLots'
import { reverseEntry } from './reverseEntry'
import { bookTransfer, transfersOf } from './transfers'

let garden: Awaited<ReturnType<typeof demoDatabase>>
before(async () => {
  garden = await demoDatabase()
})
after(() => garden.close())

const minutes = (count: number) => new Date(NOW.getTime() + count * 60_000)

async function heap(litres: number, name = 'Heap', at = NOW): Promise<number> {
  return createLot(garden.db, {
    name,
    origin: 'unknown',
    storeBin: 'Bin 2',
    containerIds: [],
    lines: [
      {
        kind: 'filled',
        litres,
        components: [{ materialId: 'peat-medium', litres }],
        doses: [],
        note: null,
      },
    ],
    at,
  })
}

async function part(from: number, litres: number | null, isNew = false): Promise<Transfer> {
  const { contents } = await readLot(garden.db, from)
  return transferLines({ contents, litres, doses: [], isNew, note: null })
}

const PLAIN = { carried: null, heritage: null, found: [], despite: null, isAll: false }

test('an entry with two ends is reversed at both, from whichever end', async () => {
  const { db } = garden
  for (const end of ['from', 'to'] as const) {
    const [from, to] = [await heap(30), await heap(20)]
    const lines = await part(from, 12)
    await bookTransfer(db, { ...PLAIN, fromLotId: from, to: { lotId: to }, lines, at: minutes(1) })
    assert.deepEqual([await inLedger(db, from), await inLedger(db, to)], [18, 32])
    const lot = await readLot(db, end === 'from' ? from : to)
    const entry = lot.ledger.find(({ transferId }) => transferId !== null)
    assert.ok(entry)
    await reverseEntry(db, lot.id, entry.id, minutes(2), null)
    assert.deepEqual([await inLedger(db, from), await inLedger(db, to)], [30, 20])
    assert.deepEqual(await transfersOf(db, from), [])
    await assert.rejects(reverseEntry(db, lot.id, entry.id, minutes(3), null), Conflict)
  }
})

test('where the other end has not enough left, neither end is reversed', async () => {
  const { db } = garden
  const [from, to] = [await heap(30), await heap(1)]
  const lines = await part(from, 12)
  await bookTransfer(db, { ...PLAIN, fromLotId: from, to: { lotId: to }, lines, at: minutes(1) })
  const { contents, ledger } = await readLot(db, to)
  const lost = { litres: -8, components: [{ materialId: 'peat-medium', litres: -8 }] }
  await appendLines(db, to, [{ kind: 'lost', ...lost, doses: [], note: null }], minutes(2))
  assert.equal(contents.litres, 13)
  const came = ledger.find(({ kind }) => kind === 'merged')
  assert.ok(came)
  await assert.rejects(reverseEntry(db, to, came.id, minutes(3), null), /Only 5.0 L are there/)
  assert.deepEqual([await inLedger(db, from), await inLedger(db, to)], [18, 5])
  assert.equal((await transfersOf(db, from)).length, 1, 'it still stands')
})

test('a lot made of a part goes when that is reversed; what was used up comes back to its place', async () => {
  const { db } = garden
  const from = await heap(10)
  const lines = await part(from, null, true)
  const { toLotId } = await bookTransfer(db, {
    ...PLAIN,
    isAll: true,
    fromLotId: from,
    to: { name: 'Its own', origin: 'unknown', storeBin: 'Bin 9', containerIds: [] },
    lines,
    at: minutes(1),
  })
  assert.equal((await readLot(db, from)).storeBin, null)
  const [entry] = (await readLot(db, toLotId)).ledger
  assert.ok(entry)
  await reverseEntry(db, toLotId, entry.id, minutes(2), null)
  await assert.rejects(readLot(db, toLotId), NotFound)
  const back = await readLot(db, from)
  assert.equal(back.storeBin, 'Bin 2')
  assert.equal(back.contents.litres, 10)
})

test('what was found, and what the mix went through before, is as it was once it is reversed', async () => {
  const { db } = garden
  const [from, to] = [await heap(10), await heap(10)]
  const finding = {
    at: NOW,
    kind: 'problem',
    state: 'trouble',
    problemId: 'vine-weevil',
    numbers: {},
    word: null,
    families: [],
    season: 2026,
    rotationGroup: null,
    source: 'seen',
    testId: null,
    note: null,
  } as const
  await addFindings(db, from, [finding])
  const heritage = {
    on: '2026-11-02',
    families: [{ rotationGroup: 'beet', season: 2026, share: 0.5 }],
    problems: [],
  }
  await bookTransfer(db, {
    ...PLAIN,
    fromLotId: from,
    to: { lotId: to },
    lines: await part(from, 5),
    at: minutes(1),
    heritage,
    found: [finding],
  })
  const united = await readLot(db, to)
  assert.deepEqual(united.heritage, heritage)
  assert.equal(united.seen.length, 1)
  const entry = united.ledger.find(({ kind }) => kind === 'merged')
  await reverseEntry(db, to, entry?.id ?? 0, minutes(2), null)
  const back = await readLot(db, to)
  assert.equal(back.heritage, null)
  assert.deepEqual(back.seen, [])
  assert.equal(back.mixedAt?.getTime(), NOW.getTime())
})

test('the database itself takes no line whose materials do not add up', async () => {
  const lot = await heap(5)
  await assert.rejects(
    garden.db.execute(
      sql`insert into ledger_entries (lot_id, at, kind, litres, components, doses) values (${lot}, now(), 'filled', 4, '[{"materialId":"coir","litres":3}]', '[]')`,
    ),
  )
  assert.equal(await inLedger(garden.db, lot), 5)
})

test('nothing is written where a place is taken', async () => {
  const { db } = garden
  const from = await heap(3)
  const [taken] = await containersOfLot(db, 1)
  assert.ok(taken)
  await assert.rejects(
    bookTransfer(db, {
      ...PLAIN,
      fromLotId: from,
      to: { name: 'New', origin: 'unknown', storeBin: null, containerIds: [taken] },
      lines: await part(from, 1, true),
      at: minutes(1),
    }),
    Conflict,
  )
  assert.equal(await inLedger(db, from), 3)
})

test('a season of work at random loses no litre of any material', async () => {
  await workLedgers(garden.db, drawFrom(20), 100)
})
