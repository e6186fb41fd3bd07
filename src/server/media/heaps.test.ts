import assert from 'node:assert/strict'
import { after, before, test } from 'node:test'
import { demoDatabase, NOW } from '../../../testing/database'
import { NO_LOOK } from '../../core/recondition'
import { listContainers } from '../../data/containers'
import { createLot, readLot, reverseEntry } from '../../data/media'
import { newFound } from '../lots'
import { Refused } from '../problem'
import { batchesPage } from '../recondition'
import { auditPage, lotPage, manyFound, newHeap, newTreatment } from '.'

let garden: Awaited<ReturnType<typeof demoDatabase>>
before(async () => {
  process.env.INNINGS_NOW = NOW.toISOString()
  garden = await demoDatabase()
})
after(async () => {
  delete process.env.INNINGS_NOW
  await garden.close()
})

/** Lots in pots that may be tipped out now. */
async function freeLots() {
  return (await lotsToMix()).filter(({ triage }) => !triage)
}

/** The same, with those in which nothing was found that would spread. */
async function lotsToMix() {
  const { lots } = await batchesPage(garden.db, {})
  return lots.filter(
    ({ stands, triage, potIds }) =>
      stands === null &&
      potIds.length > 0 &&
      (!triage || triage.mixWith === 'any') &&
      !triage?.hold,
  )
}
const later = (ms: number) => new Date(NOW.getTime() + ms)

test('two lots become one heap: litres balance, pots are empty, what dries out stays known', async () => {
  const { db } = garden
  const [one, other] = await freeLots()
  assert.ok(one && other)
  await newFound(db, one.id, { problemId: 'water-repellent' }, NOW)
  await newFound(db, other.id, { problemId: 'water-repellent' }, NOW)
  const before = [await readLot(db, one.id), await readLot(db, other.id)]
  const litres = before.reduce((sum, { contents }) => sum + contents.litres, 0)
  const heap = await newHeap(
    db,
    { lots: [one.id, other.id], name: 'Dry heap', despite: '' },
    later(1),
  )
  assert.ok(Math.abs(heap.litres - litres) < 1e-9)
  const lot = await readLot(db, heap.lotId)
  assert.ok(Math.abs(lot.contents.litres - litres) < 1e-9)
  assert.deepEqual([lot.name, lot.storeBin], ['Dry heap', 'Heap'])
  const pots = await listContainers(db)
  assert.ok(heap.potIds.length > 0)
  for (const id of heap.potIds) assert.equal(pots.find((pot) => pot.id === id)?.lotId, null)
  assert.ok((await lotPage(db, heap.lotId, NOW)).triage?.actions.includes('rewet'))
})

test('a doubtful lot joins a clean one only with a reason, and nothing moves before', async () => {
  const { db } = garden
  const [clean, doubtful] = await freeLots()
  assert.ok(clean && doubtful)
  await newFound(db, doubtful.id, { problemId: 'vine-weevil' }, NOW)
  const before = await readLot(db, clean.id)
  const body = { lots: [clean.id, doubtful.id], name: 'Heap', despite: '' }
  await assert.rejects(
    newHeap(db, body, later(2)),
    (error: unknown) => error instanceof Refused && error.code === 'doubtful',
  )
  assert.deepEqual((await readLot(db, clean.id)).contents, before.contents)
  const heap = await newHeap(db, { ...body, despite: 'all of it is heated' }, later(3))
  assert.equal((await lotPage(db, heap.lotId, NOW)).triage?.verdict, 'treat')
})

test('a lot that is kept apart joins no heap, whatever the reason', async () => {
  const { db } = garden
  const [one, other] = await freeLots()
  assert.ok(one && other)
  const apart = { kind: 'quarantine', skimCm: null, topTo: 'bin', until: '2026-12-24' } as const
  await newTreatment(db, one.id, { ...apart, note: 'asked a laboratory' }, NOW)
  await assert.rejects(
    newHeap(db, { lots: [one.id, other.id], name: 'Heap', despite: 'hurry' }, later(4)),
    (error: unknown) => error instanceof Refused && error.fields[0]?.field === 'lots',
  )
})

test('a heap holds what was found in its pots, not what the ledger thought', async () => {
  const { db } = garden
  const [one, other] = await lotsToMix()
  assert.ok(one && other)
  const before = await readLot(db, one.id)
  await manyFound(
    db,
    {
      pots: one.potIds.map((potId) => ({
        potId,
        drop: 8,
        roots: 'fine',
        side: 'no',
        problems: [],
        note: '',
        look: NO_LOOK,
        part: false,
      })),
    },
    later(5),
  )
  await newHeap(db, { lots: [one.id, other.id], name: 'Heap', despite: '' }, later(6))
  const line = (await readLot(db, one.id)).ledger.find(
    ({ kind, at }) =>
      (kind === 'settled' || kind === 'recounted') && at.getTime() === later(6).getTime(),
  )
  assert.ok(line, 'the difference is booked')
  assert.ok(Math.abs(line.litres) < before.contents.litres)
})

test('of sixty lots tipped together each is taken back by itself, the last first, and every litre is where it was', async () => {
  const { db } = garden
  const ids: number[] = []
  for (let count = 0; count < 60; count++) {
    const litres = 5 + count / 10
    ids.push(
      await createLot(db, {
        name: `Old ${count}`,
        origin: 'unknown',
        storeBin: `Bin ${count}`,
        containerIds: [],
        lines: [
          {
            kind: 'filled',
            litres,
            components: [{ materialId: count % 2 ? 'coir-pith' : 'all-purpose-mix', litres }],
            doses: [],
            note: null,
          },
        ],
        at: NOW,
      }),
    )
  }
  const before = await auditPage(db)
  const heap = await newHeap(db, { lots: ids, name: 'Sixty', despite: 'tried here' }, later(20))
  const lot = await readLot(db, heap.lotId)
  assert.ok(Math.abs(lot.contents.litres - heap.litres) < 1e-9)
  assert.ok(Math.abs((await auditPage(db)).unaccountedLitres) < 1e-6)
  for (const [index, entry] of lot.ledger.toReversed().entries()) {
    await reverseEntry(db, heap.lotId, entry.id, later(21 + index), null)
  }
  const after = await auditPage(db)
  assert.ok(Math.abs(after.unaccountedLitres) < 1e-6)
  assert.ok(Math.abs(after.inUseLitres - before.inUseLitres) < 1e-6)
  for (const [count, id] of ids.entries()) {
    const one = await readLot(db, id)
    assert.ok(Math.abs(one.contents.litres - 5 - count / 10) < 1e-9, one.name)
    assert.equal(one.storeBin, `Bin ${count}`)
  }
})
