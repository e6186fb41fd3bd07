import assert from 'node:assert/strict'
import { after, before, test } from 'node:test'
import { demoDatabase, NOW } from '../../../testing/database'
import { changeTreatment, readLot } from '../../data/media'
import type { NewTreatment } from '../../messages/media/treatments'
import { fillPot, newPlantings, potPage, potsPage } from '../containers'
import { newFound } from '../lots'
import { lotPage, lotsPage, newTransfer, newTreatment } from '../media'
import { Refused } from '../problem'
import { buildRecipe, ladderPage } from '../recondition'

let garden: Awaited<ReturnType<typeof demoDatabase>>
before(async () => {
  process.env.INNINGS_NOW = NOW.toISOString()
  garden = await demoDatabase()
})
after(async () => {
  delete process.env.INNINGS_NOW
  await garden.close()
})

const DAY_MS = 86_400_000
const later = (days: number) => new Date(NOW.getTime() + days * DAY_MS)
const doing = (kind: NewTreatment['kind'], more: Partial<NewTreatment> = {}): NewTreatment => ({
  kind,
  skimCm: null,
  topTo: 'bin',
  until: null,
  note: '',
  ...more,
})
const CHARD = {
  cropId: 'chard',
  cultivar: '',
  how: 'sown',
  count: 4,
  on: '2026-11-02',
  despite: '',
} as const
const answers = (lot: number, pots: readonly number[]) => ({
  lot,
  drop: 0,
  roots: 'fine' as const,
  side: 'no' as const,
  crop: 'chard',
  pots,
  litres: null,
  share: 0.3,
  feed: 'organic' as const,
  every: null,
})
const refusedAt = (field: string, sentence?: RegExp) => (error: unknown) => {
  assert.ok(error instanceof Refused, String(error))
  assert.equal(error.fields[0]?.field, field)
  if (sentence) assert.match(error.fields[0]?.message ?? '', sentence)
  return true
}

test('a quarantine is told in every room, refused with its day, and ends by itself', async () => {
  const { db } = garden
  const lot = await readLot(db, 1)
  const until = '2026-11-20'
  const { id } = await newTreatment(
    db,
    1,
    doing('quarantine', { until, note: 'a neighbour’s pots are ill' }),
    NOW,
  )
  const page = await lotPage(db, 1, NOW)
  assert.equal(page.finding.kind, 'held')
  assert.deepEqual(
    [page.triage?.hold?.until, page.triage?.hold?.note],
    [until, 'a neighbour’s pots are ill'],
  )
  const [potId] = lot.containerIds
  assert.ok(potId)
  assert.equal((await potPage(db, potId)).triage?.hold?.until, until)
  await assert.rejects(
    newPlantings(db, { ...CHARD, pots: [potId] }, NOW),
    refusedAt('despite', /kept apart until 2026-11-20/),
  )
  const other = await readLot(db, 2)
  await assert.rejects(
    newTransfer(db, 2, { litres: 1, to: { kind: 'lot', lotId: 1 }, note: '', despite: '' }, NOW),
    refusedAt('despite'),
  )
  assert.equal((await readLot(db, 2)).contents.litres, other.contents.litres)
  // It may be planned: nothing is planted before its day.
  const { rungs } = await ladderPage(db, answers(1, lot.containerIds), NOW)
  assert.ok(rungs.slice(0, 4).every((rung) => (rung.earliestPlanting ?? '') >= until))

  await withNow(later(18), async () => {
    assert.equal((await lotPage(db, 1, later(18))).triage?.hold ?? null, null)
  })
  await changeTreatment(db, 1, id, { takenBackAt: NOW })
  assert.notEqual((await lotPage(db, 1, NOW)).finding.kind, 'held')
})

test('a rest holds the lot until what was found has died, and is told when it is over', async () => {
  const { db } = garden
  await newFound(db, 3, { problemId: 'root-mealybug' }, NOW)
  await assert.rejects(newTreatment(db, 2, doing('rest'), NOW), refusedAt('kind'))
  // Heat comes first in the table; without it there is the rest.
  const before = await lotPage(db, 3, NOW)
  assert.equal(before.triage?.verdict, 'treat')
  const found = await newFound(db, 5, { problemId: 'root-aphid' }, NOW)
  assert.ok(found.id)
  await newTreatment(db, 5, doing('rest'), new Date(NOW.getTime() + 1000))
  const page = await lotPage(db, 5, NOW)
  assert.deepEqual([page.triage?.hold?.kind, page.triage?.hold?.until], ['rest', '2027-11-02'])
  await assert.rejects(
    newTreatment(db, 5, doing('rest'), new Date(NOW.getTime() + 2000)),
    refusedAt('kind', /rests already/),
  )
  await withNow(new Date('2027-11-03T10:00:00Z'), async () => {
    const over = await lotPage(db, 5, new Date('2027-11-03T10:00:00Z'))
    assert.equal(over.triage?.hold ?? null, null)
    assert.deepEqual(
      [over.story.changes[0]?.on, over.story.changes[0]?.because.kind],
      ['2027-11-02', 'time'],
    )
  })
})

test('used all the same: with a reason that stays, until something else is found', async () => {
  const { db } = garden
  const lot = await readLot(db, 7)
  await newFound(db, 7, { problemId: 'unknown-death' }, NOW)
  await assert.rejects(newTreatment(db, 7, doing('override'), NOW), refusedAt('note'))
  await newTreatment(db, 7, doing('override', { note: 'it drowned: the saucer was full' }), NOW)
  const page = await lotPage(db, 7, NOW)
  assert.equal(page.triage?.overridden?.reason, 'it drowned: the saucer was full')
  assert.ok(page.faults.some(({ kind }) => kind === 'overridden'))
  const built = await buildRecipe(db, answers(7, lot.containerIds), NOW)
  assert.equal(built.triage?.verdict, 'reuse')
  await newFound(db, 7, { problemId: 'clubroot' }, new Date(NOW.getTime() + 5000))
  const again = await lotPage(db, 7, NOW)
  assert.deepEqual([again.triage?.overridden, again.triage?.verdict], [null, 'discard'])
})

test('a top taken off is a small lot of its own that knows what was found; the rest is clean', async () => {
  const { db } = garden
  const lot = await readLot(db, 2)
  await newFound(db, 2, { problemId: 'annual-weeds' }, NOW)
  assert.equal((await lotPage(db, 2, NOW)).triage?.verdict, 'clean')
  const litresBefore = lot.contents.litres
  const at = new Date(NOW.getTime() + 1000)
  const { topLotId } = await newTreatment(db, 2, doing('skim', { skimCm: 4, topTo: 'store' }), at)
  assert.ok(topLotId)
  const top = await readLot(db, topLotId)
  const rest = await readLot(db, 2)
  assert.ok(top.contents.litres > 0.3)
  assert.ok(Math.abs(top.contents.litres + rest.contents.litres - litresBefore) < 1e-9)
  assert.match(top.name, /^Top of /)
  assert.equal(rest.treatments[0]?.skimCm, 4)
  const triages = await Promise.all([lotPage(db, 2, NOW), lotPage(db, topLotId, NOW)])
  assert.deepEqual(
    triages.map(({ triage }) => triage?.verdict ?? 'reuse'),
    ['reuse', 'clean'],
  )
  // Away: its litres are gone, and no lot is made.
  const gone = await newTreatment(
    db,
    2,
    doing('skim', { skimCm: 1 }),
    new Date(NOW.getTime() + 2000),
  )
  assert.equal(gone.topLotId, null)
  assert.ok((await readLot(db, 2)).contents.litres < rest.contents.litres)
  await assert.rejects(
    newTreatment(db, topLotId, doing('skim', { skimCm: 2 }), NOW),
    refusedAt('kind', /no top/),
  )
})

test('a lot that is kept apart fills no pot', async () => {
  const { db } = garden
  const { lots } = await lotsPage(db, { state: 'store' })
  const store = lots.find(({ litres }) => litres > 2)
  assert.ok(store)
  await newTreatment(
    db,
    store.id,
    doing('quarantine', { until: '2026-12-01', note: 'smells of fuel' }),
    NOW,
  )
  const empty = (await potsPage(db, { state: 'empty' })).rows[0]
  assert.ok(empty)
  await assert.rejects(
    fillPot(
      db,
      empty.id,
      {
        source: { kind: 'lot', lotId: store.id },
        litres: 1,
        fillerCm: 0,
        name: '',
        check: true,
      },
      NOW,
    ),
    refusedAt('source', /kept apart until 2026-12-01/),
  )
})

/** As another day finds the garden. */
async function withNow(at: Date, look: () => Promise<void>): Promise<void> {
  const before = process.env.INNINGS_NOW
  process.env.INNINGS_NOW = at.toISOString()
  try {
    await look()
  } finally {
    process.env.INNINGS_NOW = before
  }
}
