import assert from 'node:assert/strict'
import { after, before, test } from 'node:test'
import { demoDatabase, NOW } from '../../../testing/database'
import { readLot } from '../../data/media'
import type { PotFound } from '../../messages/recondition/manyFound'
import { lotPage } from '../media'
import { Refused } from '../problem'
import { intakePage, manyFound, manyFoundPage, turnoverPage } from '.'

let garden: Awaited<ReturnType<typeof demoDatabase>>
before(async () => {
  process.env.INNINGS_NOW = NOW.toISOString()
  garden = await demoDatabase()
})
after(async () => {
  delete process.env.INNINGS_NOW
  await garden.close()
})

const found = (potId: number, more: Partial<PotFound> = {}): PotFound => ({
  potId,
  drop: null,
  roots: 'fine',
  side: 'no',
  problems: [],
  note: '',
  ...more,
})

test('pots in which nothing grows are offered, by themselves or as asked for', async () => {
  const { db } = garden
  const { pots, chosen } = await manyFoundPage(db, {})
  assert.ok(pots.length > 10)
  assert.deepEqual(chosen, [])
  assert.ok(pots.every(({ expectedDropCm }) => expectedDropCm >= 0))
  const asked = await manyFoundPage(db, { pots: '1,2,99999' })
  assert.deepEqual(asked.chosen, [1, 2])
})

test('what is found in many pots is kept at once, judged, and stands filled in where it is asked next', async () => {
  const { db } = garden
  const { pots } = await manyFoundPage(db, {})
  const lots = new Map(pots.map((pot) => [pot.lotId, pot]))
  const [ill, salty, dry] = [...lots.values()]
  assert.ok(ill && salty && dry)
  const answer = await manyFound(
    db,
    {
      pots: [
        found(ill.id, { problems: ['fusarium-wilt'], drop: 7, roots: 'bound' }),
        found(salty.id, { problems: ['salt-crust'] }),
        found(dry.id, { side: 'yes' }),
      ],
    },
    NOW,
  )
  assert.deepEqual(
    answer.lots.map(({ id }) => id),
    [ill.lotId, salty.lotId, dry.lotId],
  )
  assert.notEqual(answer.lots[0]?.verdict, 'reuse')
  const page = await lotPage(db, ill.lotId, NOW)
  assert.ok(page.triage?.reasons.some(({ problemName }) => problemName === 'Fusarium wilt'))
  const repellent = await lotPage(db, dry.lotId, NOW)
  assert.ok(repellent.triage?.actions.includes('rewet'), 'water ran down the side')
  const { told } = await intakePage(db, ill.lotId)
  assert.deepEqual(
    [told.looked?.dropCm, told.looked?.roots, told.looked?.on],
    [7, 'bound', '2026-11-02'],
  )
  const again = await manyFoundPage(db, {})
  assert.equal(again.pots.find(({ id }) => id === ill.id)?.told?.drop, 7)
  const { waiting } = await turnoverPage(db, {})
  const row = waiting.find(({ lotId }) => lotId === ill.lotId)
  if (row) assert.notEqual(row.triage, null)
})

test('the same thing in two pots of one lot is one finding', async () => {
  const { db } = garden
  const { pots } = await manyFoundPage(db, {})
  const shared = pots.find(({ sharedWith }) => sharedWith.length > 0)
  assert.ok(shared)
  const both = pots.filter(({ lotId }) => lotId === shared.lotId).slice(0, 2)
  assert.equal(both.length, 2)
  const before = (await readLot(db, shared.lotId)).seen.length
  await manyFound(
    db,
    { pots: both.map(({ id }) => found(id, { problems: ['slugs-snails'] })) },
    NOW,
  )
  assert.equal((await readLot(db, shared.lotId)).seen.length, before + 1)
})

test('one wrong pot keeps nothing of all of them', async () => {
  const { db } = garden
  const [first] = (await manyFoundPage(db, {})).pots
  assert.ok(first)
  const before = await readLot(db, first.lotId)
  const wrong = [
    found(first.id, { problems: ['liverwort'] }),
    found(first.id + 1, { problems: ['nothing-of-the-sort'] }),
  ]
  await assert.rejects(
    manyFound(db, { pots: wrong }, NOW),
    (error: unknown) => error instanceof Refused && error.fields[0]?.field === 'pots.1.problems',
  )
  assert.deepEqual((await readLot(db, first.lotId)).seen, before.seen)
})
