import assert from 'node:assert/strict'
import { after, before, test } from 'node:test'
import { demoDatabase, NOW } from '../../../testing/database'
import { SMALL_JPEG } from '../../../testing/smallJpeg'
import { addPhoto, logOf, setLogCounts, writeLog } from '../../data/season'
import { logOfTrial, readTrial } from '../../data/trials'
import type { LookBody } from '../../messages/trials/looks'
import { type NewTrialBody, newTrialSchema } from '../../messages/trials/trials'
import { endOfPlanting, letEntryCount, newLogEntry, potPage } from '../containers'
import { validate } from '../validate'
import {
  closeTrial,
  keepLook,
  keepPotEvent,
  leaveOut,
  lookPage,
  newTrial,
  plantTrial,
  resultsPage,
  trialPage,
} from '.'

const PLANTED = '2026-08-01'
const FIRST = '2026-08-15'
const SECOND = '2026-08-29'
let garden: Awaited<ReturnType<typeof demoDatabase>>
before(async () => {
  garden = await demoDatabase()
})
after(() => garden.close())

const bag = (materialId: string) => ({ kind: 'bag' as const, materialId })
const body = (more: object = {}): NewTrialBody =>
  validate(
    newTrialSchema,
    {
      kind: 'comparison',
      name: 'Chard, looked at',
      question: 'Which mix carries chard further?',
      wish: 'more',
      must: 'survival',
      mustValue: 75,
      measures: ['height', 'vigour', 'picked'],
      checkDays: [14, 28],
      cropId: 'chard',
      how: 'planted',
      perPot: 1,
      pots: 4,
      blocks: true,
      isBlind: false,
      place: 'Trial bench',
      potSize: {
        name: 'Pot of 17 cm',
        shape: { kind: 'round', topDiameterCm: 17, baseDiameterCm: 13, heightCm: 15 },
        headspaceCm: 1.5,
      },
      protocol: { presoakHours: 0, depthCm: 1, bottomWater: false, light: 'outdoors' },
      cv: 20,
      treatments: [
        { name: 'Bag', medium: bag('all-purpose-mix'), dose: 0 },
        { name: 'Seed mix', medium: bag('seed-mix'), dose: 0 },
      ],
      ...more,
    },
    false,
  )

async function running(more: object = {}): Promise<number> {
  const id = await newTrial(garden.db, body(more), NOW)
  await plantTrial(garden.db, id, { version: 1, on: PLANTED, despite: '' }, NOW)
  return id
}
const potsOf = async (id: number, number: number) => {
  const page = await trialPage(garden.db, id)
  return page.potList.filter((pot) => pot.treatment === number)
}
const look = (id: number, potId: number, values: LookBody['values'], on = FIRST, note = '') =>
  keepLook(garden.db, id, { potId, on, values, note }, NOW)
const close = async (id: number, isClosed = true) => {
  const { version } = await readTrial(garden.db, id)
  await closeTrial(garden.db, id, { version, isClosed }, NOW)
}
const happened = (id: number, potId: number, more: object = {}) =>
  keepPotEvent(
    garden.db,
    id,
    { potId, on: FIRST, kind: 'animal', problemId: null, note: '', isLeftOut: false, ...more },
    NOW,
  )
const refusedAt = (field: string) => (error: unknown) => {
  const { fields = [] } = error as { fields?: { field: string }[] }
  assert.deepEqual(
    fields.map((one) => one.field),
    [field],
  )
  return true
}

test('what is read at a pot stands in its own log, and beside the next look', async () => {
  const id = await running()
  const [pot] = await potsOf(id, 0)
  assert.ok(pot?.containerId)
  await look(id, pot.id, { height: 12.5, vigour: 4, picked: 30 }, FIRST, 'a leaf is torn')
  const there = (await lookPage(garden.db, id, { on: SECOND })).pots.find(
    (one) => one.id === pot.id,
  )
  assert.deepEqual(there?.before.height, { value: 12.5, on: FIRST })
  assert.deepEqual(there?.values, {})
  // Said again, that day is replaced, not added to.
  await look(id, pot.id, { height: 13, vigour: 4, picked: 40 })
  await look(id, pot.id, { picked: 25 }, SECOND)
  const third = (await lookPage(garden.db, id, {})).pots.find((one) => one.id === pot.id)
  assert.deepEqual(third?.before.picked, { value: 65, on: SECOND })
  const log = await logOf(garden.db, pot.containerId)
  assert.deepEqual(
    log.map(({ kind, value }) => [kind, value]).sort(),
    [
      ['growth', 4],
      ['harvest', 25],
      ['harvest', 40],
      ['height', 13],
    ].sort(),
  )
  assert.equal((await potPage(garden.db, pot.containerId)).log.length, 4)
})

test('notes of looks and photos of the pots stand with the result, oldest first', async () => {
  const id = await running()
  const [first, second] = await potsOf(id, 1)
  assert.ok(first?.containerId && second)
  await look(id, second.id, {}, SECOND, 'the lower leaves are pale')
  await look(id, first.id, { height: 9 }, FIRST, 'a slug got at it')
  const photoId = await addPhoto(garden.db, {
    bytes: Buffer.from(SMALL_JPEG, 'base64'),
    widthPx: 1,
    heightPx: 1,
  })
  const at = new Date(`${FIRST}T12:00:00Z`)
  await writeLog(garden.db, {
    containerId: first.containerId,
    lotId: null,
    plantingId: null,
    findingId: null,
    kind: 'photo',
    trialId: id,
    value: null,
    note: null,
    problemId: null,
    photoId,
    at,
  })
  const { noted } = await resultsPage(garden.db, id)
  assert.deepEqual(
    noted.map(({ code, on, note, photoId: photo }) => [code, on, note, photo]),
    [
      [first.code, FIRST, 'a slug got at it', null],
      [first.code, FIRST, null, photoId],
      [second.code, SECOND, 'the lower leaves are pale', null],
    ],
  )
})

test('a score tapped at the pot counts in its trial, and one taken back does not', async () => {
  const id = await running()
  const [pot] = await potsOf(id, 0)
  const entry = await newLogEntry(
    garden.db,
    pot?.containerId as number,
    { kind: 'growth', value: 5, problemId: null, note: '' },
    new Date('2026-08-16T09:00:00Z'),
  )
  const before = async () =>
    (await lookPage(garden.db, id, {})).pots.find((one) => one.id === pot?.id)?.before.vigour?.value
  assert.equal(await before(), 5)
  await setLogCounts(garden.db, entry.id, false, NOW)
  assert.equal(await before(), undefined)
  // It was no look: the check is not begun by it.
  assert.deepEqual(
    (await trialPage(garden.db, id)).checks.map(({ looked }) => looked),
    [0, 0],
  )
})

test('numbers that cannot be are refused at their field, and nothing of that pot is written', async () => {
  const id = await running({ measures: ['height', 'vigour', 'emerged'], how: 'sown', perPot: 3 })
  const [pot] = await potsOf(id, 0)
  const potId = pot?.id as number
  await assert.rejects(look(id, potId, { vigour: 6 }), refusedAt('values.vigour'))
  await assert.rejects(look(id, potId, { vigour: 2.5 }), refusedAt('values.vigour'))
  await assert.rejects(look(id, potId, { height: 9000 }), refusedAt('values.height'))
  await assert.rejects(look(id, potId, { emerged: 4 }), refusedAt('values.emerged'))
  await assert.rejects(look(id, potId, { leaves: 4 }), refusedAt('values.leaves'))
  await assert.rejects(look(id, potId, { height: 4 }, '2026-07-31'), refusedAt('on'))
  await assert.rejects(look(id, potId, { height: 4 }, '2026-12-31'), refusedAt('on'))
  await assert.rejects(look(id, 999_999, { height: 4 }), /no pot/)
  await assert.rejects(
    happened(id, potId, { kind: 'problem', problemId: 'no-such' }),
    refusedAt('problemId'),
  )
  assert.equal((await logOf(garden.db, pot?.containerId as number)).length, 0)
})

test('a pot that is left out stays listed with its reason, and n used of n planted is told', async () => {
  const id = await running()
  const all = (await trialPage(garden.db, id)).potList
  for (const [at, pot] of all.entries()) await look(id, pot.id, { height: 20 + (at % 5) }, SECOND)
  const [first] = await potsOf(id, 1)
  await happened(id, first?.id as number, { note: 'a cat slept in it', isLeftOut: true })
  await close(id)
  const page = await resultsPage(garden.db, id, { measure: 'height' })
  assert.deepEqual(
    page.treatments.map(({ planted, used }) => [planted, used]),
    [
      [4, 4],
      [4, 3],
    ],
  )
  assert.equal(page.leftOut[0]?.why, 'a cat slept in it')
  assert.equal(page.leftOut[0]?.happened, 'animal')
  const [told] = page.results
  assert.equal(told?.by === 'means' && told.groups.groups[1]?.description?.n, 3)
  assert.equal(page.pots.find(({ potId }) => potId === first?.id)?.value, null)
  // Closed, nothing more is written or taken back; opened again, it counts again.
  const [entry] = await logOf(garden.db, first?.containerId as number)
  await assert.rejects(letEntryCount(garden.db, entry?.id ?? 0, false, NOW), /closed trial/)
  await assert.rejects(
    leaveOut(garden.db, id, { potId: first?.id as number, leftOut: null }, NOW),
    /closed/,
  )
  await assert.rejects(look(id, first?.id as number, { height: 3 }), /closed/)
  await close(id, false)
  await leaveOut(garden.db, id, { potId: first?.id as number, leftOut: null }, NOW)
  assert.equal((await resultsPage(garden.db, id)).treatments[1]?.used, 4)
})

test('what struck every pot of a treatment is told as a possible effect of it', async () => {
  const id = await running()
  for (const pot of await potsOf(id, 1)) await happened(id, pot.id, { kind: 'bolted' })
  const [pot] = await potsOf(id, 0)
  await happened(id, pot?.id as number, { kind: 'missed' })
  const { effects } = await resultsPage(garden.db, id)
  assert.deepEqual(
    effects.map(({ treatment, what }) => [treatment, what.kind]),
    [['Seed mix', 'bolted']],
  )
})

test('a control that failed makes the run void, and nothing is told by it', async () => {
  const id = await running()
  const all = (await trialPage(garden.db, id)).potList
  for (const pot of all) await look(id, pot.id, { height: pot.treatment === 1 ? 40 : 10 }, SECOND)
  for (const pot of (await potsOf(id, 0)).slice(0, 2)) await happened(id, pot.id, { kind: 'died' })
  assert.deepEqual((await trialPage(garden.db, id)).control, { value: 50, isReached: false })
  await close(id)
  const page = await resultsPage(garden.db, id, { measure: 'height' })
  assert.equal(page.isVoid, true)
  const [told] = page.results
  assert.equal(told?.by === 'means' && told.groups.treatments[0]?.reason, 'void')
  assert.equal(page.survival?.treatments[0]?.verdict, 'cannot-tell')
})

test('scored blind, neither the look nor how it stands tells what is in a pot, until it is closed', async () => {
  const id = await running({ isBlind: true, pots: 6 })
  const hidden = await trialPage(garden.db, id)
  assert.ok(hidden.isHidden)
  assert.ok(hidden.potList.every(({ treatment }) => treatment === null))
  assert.ok(hidden.treatments.every(({ lotId }) => lotId === null))
  const trial = await readTrial(garden.db, id)
  const numberOf = new Map(trial.treatments.map((one) => [one.id, one.number]))
  const all = trial.potList.map((pot) => ({
    ...pot,
    treatment: numberOf.get(pot.treatmentId) ?? 0,
  }))
  await assert.rejects(close(id), /Nothing was read/)
  for (const pot of all)
    await look(id, pot.id, { height: 10 + pot.treatment * 8 + (pot.block ?? 0) }, SECOND)
  assert.ok((await lookPage(garden.db, id)).pots.every((pot) => pot.treatmentName === null))
  const open = await resultsPage(garden.db, id)
  assert.equal(open.isHidden, true)
  assert.deepEqual([open.treatments, open.results, open.effects], [[], [], []])
  assert.ok(open.pots.every(({ treatment }) => treatment === null))
  await close(id)
  const page = await resultsPage(garden.db, id, { measure: 'height' })
  assert.equal(page.isHidden, false)
  const [told] = page.results
  assert.equal(told?.by === 'means' && told.groups.treatments[0]?.verdict, 'better')
})

test('plants that died or were taken out at their pot are so in the trial as well', async () => {
  const id = await running()
  const [first, second] = await potsOf(id, 0)
  const trial = await readTrial(garden.db, id)
  const plantingOf = (potId: number | undefined) =>
    trial.potList.find((pot) => pot.id === potId)?.plantingId as number
  const end = { on: SECOND, growth: null, harvestG: null, problems: [], note: '' }
  await endOfPlanting(garden.db, plantingOf(first?.id), { ...end, why: 'died' }, NOW)
  await endOfPlanting(
    garden.db,
    plantingOf(second?.id),
    { ...end, why: 'harvested', growth: 5, harvestG: 210 },
    NOW,
  )
  const page = await lookPage(garden.db, id)
  assert.equal(page.pots.find((pot) => pot.id === first?.id)?.diedOn, SECOND)
  assert.equal(page.pots.find((pot) => pot.id === second?.id)?.before.picked?.value, 210)
  assert.equal(page.pots.find((pot) => pot.id === second?.id)?.before.vigour?.value, 5)
})

test('the checks tell what was done, what is late, and how many pots', async () => {
  const id = await running()
  const all = (await trialPage(garden.db, id)).potList
  for (const pot of all) await look(id, pot.id, { height: 10 })
  await look(id, all[0]?.id as number, { height: 20 }, SECOND)
  assert.deepEqual(
    (await trialPage(garden.db, id)).checks.map(({ state, looked }) => [state, looked]),
    [
      ['done', 8],
      ['late', 1],
    ],
  )
})

test('what happened is written down for a block, or for all pots at once; a mix that is shared is told once', async () => {
  const id = await running({ checkDays: [14, 28] })
  const page = await trialPage(garden.db, id)
  const [first] = page.potList
  const block = page.potList.filter((pot) => pot.block === first?.block)
  const struck = async (more: object) =>
    (await happened(id, first?.id as number, { kind: 'weather', note: 'hail', ...more })) as {
      readonly pots: number
    }
  assert.equal((await struck({ scope: 'block', isLeftOut: true })).pots, block.length)
  const out = (await lookPage(garden.db, id)).pots.filter(({ leftOut }) => leftOut !== null)
  assert.deepEqual(
    out.map((pot) => pot.id).sort((a, b) => a - b),
    block.map((pot) => pot.id).sort((a, b) => a - b),
  )
  // Those that are left out already are not struck again, but the one it was written at.
  const rest = page.potList.length - block.length
  assert.equal((await struck({ scope: 'all' })).pots, rest + 1)
  await assert.rejects(struck({ scope: 'all', isLeftOut: true }), refusedAt('isLeftOut'))
  const { happened: told, effects } = await resultsPage(garden.db, id)
  assert.equal(told.filter(({ kind }) => kind === 'weather').length, block.length + rest + 1)
  assert.deepEqual(effects, [], 'what strikes all is no effect of one')
  // Seen at all pots: a finding for each mix, not for each pot.
  await struck({ kind: 'problem', problemId: 'fungus-gnat', scope: 'all' })
  const entries = await logOfTrial(garden.db, await readTrial(garden.db, id), new Date(0))
  const seen = entries.filter(({ kind }) => kind === 'problem')
  assert.equal(seen.length, rest + 1)
  assert.equal(new Set(seen.map(({ findingId }) => findingId)).size, 2)
  const loose = await running({ blocks: false })
  const [alone] = await potsOf(loose, 0)
  await assert.rejects(happened(loose, alone?.id as number, { scope: 'block' }), refusedAt('scope'))
})
