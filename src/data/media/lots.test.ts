import assert from 'node:assert/strict'
import { after, before, test } from 'node:test'
import { demoDatabase, NOW } from '../../../testing/database'
import { allLots } from '../../../testing/lots'
import { close as near } from '../../../testing/tables'
import type { LedgerLine } from '../../core/media'
import { openNextInnings } from './innings'
import { appendLines, createLot } from './lots'
import { readLot } from './readLots'
import { reverseEntry } from './reverseEntry'

let garden: Awaited<ReturnType<typeof demoDatabase>>
before(async () => {
  garden = await demoDatabase()
})
after(() => garden.close())

const line = (kind: LedgerLine['kind'], litres: number): LedgerLine => ({
  kind,
  litres,
  components: [{ materialId: 'perlite', litres }],
  doses: [],
  note: null,
})

async function newLot() {
  return createLot(garden.db, {
    name: 'Test bin',
    origin: 'own recipe',
    storeBin: 'Bin 9',
    containerIds: [],
    lines: [line('filled', 10)],
    at: NOW,
  })
}

test('what is in a lot is what its ledger adds up to', async () => {
  const id = await newLot()
  await appendLines(garden.db, id, [line('topped-up', 4), line('lost', -1.5)], NOW)
  const lot = await readLot(garden.db, id)
  near(lot.contents.litres, 12.5, 1e-9)
  near(
    lot.contents.components.reduce((sum, { litres }) => sum + litres, 0),
    12.5,
    1e-9,
  )
  assert.equal(lot.ledger.length, 3)
})

test('more than is there cannot leave, and a refused entry leaves nothing behind', async () => {
  const id = await newLot()
  await assert.rejects(
    appendLines(garden.db, id, [line('topped-up', 2), line('lost', -13)], NOW),
    /more cannot be taken out/,
  )
  const lot = await readLot(garden.db, id)
  near(lot.contents.litres, 10, 1e-9)
  assert.equal(lot.ledger.length, 1, 'the first of the two lines was not kept either')
})

test('an entry is undone by its opposite, once', async () => {
  const id = await newLot()
  await appendLines(garden.db, id, [line('topped-up', 5)], NOW)
  const entry = (await readLot(garden.db, id)).ledger[1]
  assert.ok(entry)
  await reverseEntry(garden.db, id, entry.id, NOW, 'typed twice')
  const lot = await readLot(garden.db, id)
  near(lot.contents.litres, 10, 1e-9)
  assert.equal(lot.ledger.length, 3, 'nothing was deleted')
  await assert.rejects(reverseEntry(garden.db, id, entry.id, NOW, null), /reversed before/)
  const reversal = lot.ledger[2]
  assert.ok(reversal)
  await assert.rejects(
    reverseEntry(garden.db, id, reversal.id, NOW, null),
    /reversal cannot be reversed/,
  )
  await assert.rejects(reverseEntry(garden.db, id, 999_999, NOW, null), /no such entry/)
})

test('the first filling cannot be reversed when some of it has been used', async () => {
  const id = await newLot()
  await appendLines(garden.db, id, [line('lost', -3)], NOW)
  const filled = (await readLot(garden.db, id)).ledger[0]
  assert.ok(filled)
  await assert.rejects(reverseEntry(garden.db, id, filled.id, NOW, null), /taken out/)
})

test('the next innings closes the one before', async () => {
  const before = await readLot(garden.db, 3)
  const open = before.innings.find(({ endedOn }) => endedOn === null)
  assert.ok(open, 'the camellia is growing')
  await openNextInnings(garden.db, 3, {
    cropId: 'lavender',
    startedOn: '2026-11-02',
    predicted: null,
    workOrderId: null,
    readyOn: null,
    plantedOn: null,
    litres: null,
  })
  const { innings } = await readLot(garden.db, 3)
  assert.equal(innings.length, before.innings.length + 1)
  assert.equal(innings.find(({ id }) => id === open.id)?.endedOn, '2026-11-02')
  assert.equal(innings.filter(({ endedOn }) => endedOn === null).length, 1)
  assert.equal(innings.at(-1)?.number, before.innings.length + 1)
})

test('the demo garden: every ledger balances and every lot has its place', async () => {
  for (const lot of await allLots(garden.db)) {
    const parts = lot.contents.components.reduce((sum, { litres }) => sum + litres, 0)
    near(parts, lot.contents.litres, 0.01, lot.name)
    assert.ok(
      lot.contents.components.every(({ litres }) => litres >= -1e-9),
      lot.name,
    )
    assert.ok(lot.containerIds.length > 0 || lot.storeBin, lot.name)
  }
  await assert.rejects(readLot(garden.db, 4711), /There is no lot 4711/)
})
