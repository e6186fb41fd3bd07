import assert from 'node:assert/strict'
import { after, before, test } from 'node:test'
import { demoDatabase, NOW } from '../../../testing/database'
import { NO_LOOK } from '../../core/recondition'
import { readLot, reverseEntry } from '../../data/media'
import { plant, takePlantingsOut } from '../../data/season'
import type { PotFound } from '../../messages/recondition/manyFound'
import { Refused } from '../problem'
import { buildRecipe, intakePage, manyFoundPage, scheduleOf, turnoverPage } from '../recondition'
import { lotPage, manyFound, newTransfer } from '.'

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
  look: NO_LOOK,
  part: false,
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

test('a pot is told by what was planted in it last, also where that was just written down', async () => {
  const { db } = garden
  const waiting = async (id: number) =>
    (await manyFoundPage(db, { pots: String(id) })).pots.find((pot) => pot.id === id)?.lastCropName
  const [pot] = (await manyFoundPage(db, {})).pots
  assert.ok(pot)
  const before = await waiting(pot.id)
  const chard = {
    cropId: 'chard',
    cultivar: null,
    despite: null,
    how: 'planted' as const,
    count: 1,
  }
  const [planted] = await plant(db, [pot.id], { ...chard, startedOn: '2026-10-30' })
  assert.ok(planted)
  assert.equal(await waiting(pot.id), 'Chard')
  await takePlantingsOut(db, [planted])
  assert.equal(await waiting(pot.id), before)
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
  const { answers } = await intakePage(db, ill.lotId)
  assert.deepEqual(
    [answers.looked?.dropCm, answers.looked?.roots, answers.looked?.on],
    [7, 'bound', '2026-11-02'],
  )
  const again = await manyFoundPage(db, {})
  assert.equal(again.pots.find(({ id }) => id === ill.id)?.answers?.drop, 7)
  const { waiting } = await turnoverPage(db, {})
  const row = waiting.find((lot) => lot.id === ill.lotId)
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

test('what is smelled, lives and lies on top counts: findings, the level of the mix, debris, holes', async () => {
  const { db } = garden
  const { pots } = await manyFoundPage(db, {})
  const alone = pots.filter(
    ({ sharedWith, answers }) => sharedWith.length === 0 && answers === null,
  )
  const [sour, lively] = alone
  assert.ok(sour && lively)
  await manyFound(
    db,
    {
      pots: [
        found(sour.id, {
          drop: 2,
          look: { smell: 'sour', life: null, mulchCm: 2, years: 4, drains: false, debris: 'bin' },
        }),
        found(lively.id, { look: { ...NO_LOOK, smell: 'earth', life: 'much' } }),
      ],
    },
    NOW,
  )
  const page = await lotPage(db, sour.lotId, NOW)
  assert.ok(page.triage?.actions.includes('aerate'), 'sour mix is aired')
  assert.ok((await readLot(db, sour.lotId)).treatments.some(({ kind }) => kind === 'debris'))
  const { looked } = (await intakePage(db, sour.lotId)).answers
  // Two centimetres sunk below the rim of the mulch, and two of mulch: the mix begins four down.
  assert.equal(looked?.dropCm, 4)
  assert.equal(looked?.years, 4)
  assert.notEqual((await lotPage(db, lively.lotId, NOW)).triage?.verdict, 'treat')
  const built = await buildRecipe(
    db,
    {
      lot: sour.lotId,
      drop: 4,
      roots: 'fine',
      side: 'no',
      crop: 'strawberry',
      pots: [sour.id],
      litres: null,
      share: 0.3,
      feed: 'organic',
      every: null,
    },
    NOW,
  )
  const washing = scheduleOf(built, NOW).steps.find(({ kind }) => kind === 'containers')
  assert.ok(washing?.notes?.some((note) => note.id === 'blocked' && note.codes.includes(sour.code)))
  const again = (await manyFoundPage(db, {})).pots.find(({ id }) => id === sour.id)
  assert.deepEqual([again?.answers?.look.smell, again?.answers?.look.drains], ['sour', false])
})

test('one pot’s mix parted from the others: what is found in it is not in theirs, and it can be taken back', async () => {
  const { db } = garden
  const { pots } = await manyFoundPage(db, {})
  const shared = pots.find(({ sharedWith }) => sharedWith.length > 1)
  assert.ok(shared)
  const before = await readLot(db, shared.lotId)
  const { lots } = await manyFound(
    db,
    { pots: [found(shared.id, { part: true, problems: ['clubroot'] })] },
    NOW,
  )
  const [own] = lots
  assert.ok(own && own.id !== shared.lotId)
  const [parted, rest] = [await readLot(db, own.id), await readLot(db, shared.lotId)]
  assert.deepEqual(parted.containerIds, [shared.id])
  assert.deepEqual(
    rest.containerIds,
    before.containerIds.filter((id) => id !== shared.id),
  )
  assert.ok(
    Math.abs(parted.contents.litres + rest.contents.litres - before.contents.litres) < 1e-9,
    'every litre is kept',
  )
  assert.ok(parted.seen.some(({ problemId }) => problemId === 'clubroot'))
  assert.ok(!rest.seen.some(({ problemId }) => problemId === 'clubroot'))
  assert.equal(parted.innings.length, before.innings.length)

  const came = parted.ledger.at(-1)
  assert.ok(came)
  await reverseEntry(db, parted.id, came.id, NOW, null)
  const back = await readLot(db, shared.lotId)
  assert.deepEqual([...back.containerIds].sort(), [...before.containerIds].sort())
  assert.ok(Math.abs(back.contents.litres - before.contents.litres) < 1e-9)
})

test('all pots of a lot are no part of it', async () => {
  const { db } = garden
  const { pots } = await manyFoundPage(db, {})
  const alone = pots.find(({ sharedWith }) => sharedWith.length === 0)
  assert.ok(alone)
  const to = { kind: 'new', name: 'Whole', containerIds: [alone.id], storeBin: '' } as const
  await assert.rejects(
    newTransfer(db, alone.lotId, { litres: null, to, note: '', despite: '' }, NOW),
    (error: unknown) => error instanceof Refused && error.fields[0]?.field === 'to.containerIds',
  )
})
