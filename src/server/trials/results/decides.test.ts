import assert from 'node:assert/strict'
import { after, before, test } from 'node:test'
import { TRIAL_OF_TWO_BAGS } from '../../../../testing/answers'
import { demoDatabase, NOW } from '../../../../testing/database'
import { createLot, readLotCards } from '../../../data/media'
import { readTrial, setOutcome, type TrialOutcome } from '../../../data/trials'
import type { LookBody } from '../../../messages/trials/looks'
import { newTrialSchema } from '../../../messages/trials/trials'
import { Refused } from '../../problem'
import { validate } from '../../validate'
import { closeTrial, keepLook, newTrial, plantTrial, resultsPage, trialPage } from '..'

const PLANTED = '2026-08-01'
const SMALL_POT = {
  name: 'Pot of 12 cm',
  shape: { kind: 'round', topDiameterCm: 12, baseDiameterCm: 9, heightCm: 11 },
  headspaceCm: 1.5,
}
const [FIRST, SECOND] = ['2026-08-15', '2026-08-29']
let garden: Awaited<ReturnType<typeof demoDatabase>>
before(async () => {
  garden = await demoDatabase()
})
after(() => garden.close())

const body = (more: object = {}) =>
  validate(
    newTrialSchema,
    {
      ...TRIAL_OF_TWO_BAGS,
      pots: 6,
      measures: ['height', 'vigour', 'leaves'],
      checkDays: [14, 28],
      ...more,
    },
    false,
  )
const make = (more: object = {}) => newTrial(garden.db, body(more), NOW)

/** Heights differ on the last day, leaves by chance only, vigour on the first day. */
async function grown(more: object = {}): Promise<number> {
  const id = await make(more)
  await plantTrial(garden.db, id, { version: 1, on: PLANTED, despite: '' }, NOW)
  const { potList } = await trialPage(garden.db, id)
  for (const { id: potId, treatment: number, block } of potList) {
    const treatment = number ?? 0
    const bench = 3 * (block ?? 0)
    const look = (on: string, values: LookBody['values']) =>
      keepLook(garden.db, id, { potId, on, values, note: '' }, NOW)
    const odd = ((block ?? 0) * 7 + treatment * 3) % 4
    await look(FIRST, { height: 10 + bench + odd / 10, vigour: 3 + treatment, leaves: 6 + odd })
    await look(SECOND, {
      height: 20 + bench + 4 * treatment + odd / 10,
      vigour: 3 + (odd > 1 ? 1 : 0),
      leaves: 9 + odd,
    })
  }
  return id
}

async function close(id: number): Promise<void> {
  const { version } = await readTrial(garden.db, id)
  await closeTrial(garden.db, id, { version, isClosed: true }, NOW)
}

test('what decides is one of what is measured, on one of its days; left open it is what is usual', async () => {
  const refused = (field: string, more: object) =>
    assert.rejects(
      make(more),
      (error: unknown) =>
        error instanceof Refused && error.fields.some((one) => one.field === field),
    )
  await refused('decides', { decides: 'picked' })
  await refused('decidesDay', { decides: 'height', decidesDay: 20 })
  const usual = async (more: object) => {
    const { decides, decidesDay } = await readTrial(garden.db, await make(more))
    return [decides, decidesDay]
  }
  assert.deepEqual(await usual({}), ['height', 28])
  assert.deepEqual(await usual({ decides: 'leaves', decidesDay: 14 }), ['leaves', 14])
  // Of a crop that fruits the harvest is what is picked, of any other its shoots.
  const both = { measures: ['harvest', 'picked'] }
  assert.deepEqual(await usual({ ...both, cropId: 'tomato-bush' }), ['picked', 28])
  assert.deepEqual(await usual({ ...both, cropId: 'chard' }), ['harvest', 28])
  assert.deepEqual(await usual({ ...both, cropId: 'potato' }), ['harvest', 28])
})

test('the named measure on its day gets the verdict; all else is also seen, each p among all of them', async () => {
  const id = await grown({ decides: 'height', decidesDay: 28 })
  await close(id)
  const page = await resultsPage(garden.db, id)
  assert.deepEqual([page.measure, page.day, page.deciding.isShown], ['height', 28, true])
  const height = page.results.find(({ measure }) => measure === 'height')
  assert.ok(height?.by === 'means' && height.also === null)
  assert.equal(height.groups.test, 'blocks')
  assert.equal(height.groups.treatments[0]?.verdict, 'better')
  // Three measures on two days and the pots that lived on both, less the one that decides.
  assert.equal(page.alsoCount, 7)
  const early = await resultsPage(garden.db, id, { measure: 'vigour', day: 14 })
  assert.equal(early.deciding.isShown, false)
  // What decides was read, though not on the day that is shown.
  assert.equal(early.deciding.isRead, true)
  const vigour = early.results.find(({ measure }) => measure === 'vigour')
  assert.ok(vigour?.by === 'means' && vigour.also)
  // Every block says the same: 2 of 64 alone, times 7 among the others.
  assert.equal(vigour.groups.treatments[0]?.p, 2 / 64)
  assert.equal(vigour.also[0], 14 / 64)
  const { outcome } = await readTrial(garden.db, id)
  assert.deepEqual(
    [outcome?.measure, outcome?.day, outcome?.treatments.map(({ verdict }) => verdict)],
    ['height', 28, [null, 'better']],
  )
})

test('what was not read on its day decides nothing, and the result opens at what was read', async () => {
  const id = await grown({
    measures: ['height', 'vigour', 'leaves', 'harvest'],
    decides: 'harvest',
    decidesDay: 28,
  })
  await close(id)
  const page = await resultsPage(garden.db, id)
  assert.deepEqual([page.measure, page.deciding.measure], ['height', 'harvest'])
  assert.ok(page.results.every(({ also }) => also !== null))
  assert.equal(page.deciding.isRead, false)
  const { outcome } = await readTrial(garden.db, id)
  assert.deepEqual(
    outcome?.treatments.map(({ verdict }) => verdict),
    [null, 'cannot-tell'],
  )
})

test('a trial that was judged by the earlier rule keeps what it was told, the new beside it', async () => {
  const id = await grown({ decides: 'height', decidesDay: 28 })
  await close(id)
  const { outcome } = await readTrial(garden.db, id)
  const { rule: _, day: __, ...earlier } = outcome as TrialOutcome
  await setOutcome(garden.db, id, {
    ...earlier,
    measure: 'leaves',
    treatments: earlier.treatments.map((one) =>
      one.number === 0 ? one : { ...one, verdict: 'worse' as const },
    ),
  })
  const page = await resultsPage(garden.db, id)
  assert.deepEqual(page.earlier, {
    measure: 'leaves',
    verdicts: [{ treatment: 1, verdict: 'worse' }],
  })
  const height = page.results.find(({ measure }) => measure === 'height')
  assert.ok(height?.by === 'means' && height.groups.treatments[0]?.verdict === 'better')
})

test('a dose series of a lot is judged as a seedling test, and its answer stands in that lot until it is opened again', async () => {
  const lotId = await createLot(garden.db, {
    name: 'Doubtful heap',
    origin: 'bag',
    storeBin: 'Store',
    containerIds: [],
    lines: [
      {
        kind: 'filled',
        litres: 90,
        components: [{ materialId: 'green-waste-compost', litres: 90 }],
        doses: [],
        note: null,
      },
    ],
    at: new Date('2026-05-01T10:00:00Z'),
  })
  const added = { kind: 'lot', lotId }
  const medium = { kind: 'bag', materialId: 'seed-mix' }
  const series = (more: object = {}) =>
    make({
      kind: 'dose',
      name: 'Beans in the heap',
      must: 'germination',
      measures: ['emerged', 'height'],
      checkDays: [14, 21],
      cropId: 'dwarf-bean',
      how: 'sown',
      perPot: 5,
      pots: 4,
      treatments: [
        { name: 'None', medium, dose: 0 },
        { name: 'Half', medium, added, dose: 50 },
        { name: 'Alone', medium, added, dose: 100 },
      ].map((one) => ({ potSize: SMALL_POT, ...one })),
      ...more,
    })
  const id = await series()
  // Before it is sown the plan says what it would lack, and what lacks nothing can rule harm out.
  assert.deepEqual((await trialPage(garden.db, id)).seedlingLacks, [])
  const short = await series({ name: 'Too short', pots: 2, checkDays: [10] })
  assert.deepEqual((await trialPage(garden.db, short)).seedlingLacks, [
    'control-pots',
    'control-seeds',
    'pots',
    'seeds',
    'days',
  ])
  await plantTrial(garden.db, id, { version: 1, on: PLANTED, despite: 'to be seen' }, NOW)
  for (const { id: potId, treatment } of (await trialPage(garden.db, id)).potList) {
    const values = { emerged: [5, 5, 1][treatment ?? 0] ?? 5, height: 12 - 4 * (treatment ?? 0) }
    await keepLook(garden.db, id, { potId, on: '2026-08-22', values, note: '' }, NOW)
  }
  await close(id)
  const page = await resultsPage(garden.db, id)
  assert.deepEqual(
    page.seedlings?.map(({ dose, answer }) => [dose, answer]),
    [
      [50, 'harmed'],
      [100, 'harmed'],
    ],
  )
  const foundIn = async () =>
    (await readLotCards(garden.db, [lotId]))[0]?.seen.filter(({ kind }) => kind === 'seedlings')
  const [told] = (await foundIn()) ?? []
  assert.deepEqual(
    [told?.state, told?.problemId, told?.note],
    ['trouble', 'unknown-death', 'Beans in the heap'],
  )
  const { version } = await readTrial(garden.db, id)
  await closeTrial(garden.db, id, { version, isClosed: false }, NOW)
  assert.deepEqual(await foundIn(), [])
  await close(id)
  assert.equal((await foundIn())?.length, 1)
})
