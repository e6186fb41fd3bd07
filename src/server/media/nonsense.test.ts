import assert from 'node:assert/strict'
import { after, before, test } from 'node:test'
import { TROUGH_TO_STRAWBERRY } from '../../../testing/answers'
import { callEndpoint } from '../../../testing/callEndpoint'
import { endpointDatabase } from '../../../testing/database'
import { readLot } from '../../data/media'
import { orderPage } from '../recondition'
import { endpointTable } from '../routes'

const finishTest = endpointTable['POST /api/bench/tests/[id]/finish']
const startTest = endpointTable['POST /api/bench/tests']
const addEntry = endpointTable['POST /api/media/lots/[id]/entries']
const addLot = endpointTable['POST /api/media/lots']
const addMix = endpointTable['POST /api/mixes']
const finishOrder = endpointTable['POST /api/recondition/work-orders/[id]/finish']
const changeStep = endpointTable['PATCH /api/recondition/work-orders/[id]/steps/[stepId]']
const makeOrder = endpointTable['POST /api/recondition/work-orders']

let garden: Awaited<ReturnType<typeof endpointDatabase>>
before(async () => {
  garden = await endpointDatabase()
})
after(() => garden.close())

const cube = (cm: number) => ({
  kind: 'rectangular',
  topLengthCm: cm,
  topWidthCm: cm,
  baseLengthCm: cm,
  baseWidthCm: cm,
  heightCm: cm,
})

const lot = (shape: unknown, litres: number, more: object = {}) => ({
  name: 'Cube',
  origin: 'bag',
  place: 'Yard',
  components: [{ materialId: 'all-purpose-mix', litres }],
  container: { shape, headspaceCm: 0, count: 1 },
  ...more,
})

test('50,000 L in a pot of one cubic centimetre, or in a pot without width, are refused in words', async () => {
  const flood = await callEndpoint(addLot, lot(cube(1), 50_000))
  assert.equal(flood.status, 422)
  assert.match(flood.problem.detail, /You asked for 50000 L; 0\.001 L go in to the rim/)
  const thin = await callEndpoint(addLot, lot(cube(1e-320), 1))
  assert.match(thin.fields['container.shape.heightCm'] ?? '', /less than 1 cm: nothing grows/)
})

test('more than the containers hold is refused with what fits, and the rest can go to the store', async () => {
  const body = lot(cube(24), 60)
  const refused = await callEndpoint(addLot, body)
  assert.equal(refused.problem.code, 'too-much')
  const { fits, rest } = refused.problem.current as { fits: number; rest: number }
  assert.ok(fits > 13.8 && fits < 16, `${fits} L in a cube of 13.8 L that settles`)
  const made = await callEndpoint<{ id: number; restId: number }>(addLot, {
    ...body,
    rest: 'store',
  })
  assert.equal(made.status, 201)
  const inPot = await readLot(garden.db, made.answer.id)
  const inStore = await readLot(garden.db, made.answer.restId)
  assert.ok(Math.abs(inPot.contents.litres - fits) < 1e-6)
  assert.ok(Math.abs(inStore.contents.litres - rest) < 1e-6)
  assert.deepEqual([inStore.name, inStore.storeBin], ['Cube, left over', 'Store'])
})

test('a top-up or a recount has to go into the pot; what settles or is lost never is refused for it', async () => {
  const made = await callEndpoint<{ id: number }>(addLot, lot(cube(24), 12))
  const params = { id: made.answer.id }
  const enter = (kind: string, litres: number) =>
    callEndpoint(addEntry, { kind, litres, materialId: 'all-purpose-mix' }, { params })
  assert.match((await enter('topped-up', 60)).fields.litres ?? '', /You asked for 60\.0 L; /)
  assert.equal((await enter('recounted', 60)).problem.code, 'too-much')
  assert.equal((await enter('topped-up', 2)).status, 201)
  assert.equal((await enter('settled', 1)).status, 201)
  assert.equal((await enter('lost', 0)).status, 422)
})

test('a heap noted at a step by a slip of the finger is not booked into the pot', async () => {
  const made = await callEndpoint<{ id: number }>(makeOrder, TROUGH_TO_STRAWBERRY)
  const { id } = made.answer
  const { steps } = await orderPage(garden.db, id)
  const step = steps.find(({ amounts }) => amounts.some(({ role }) => role === 'compost'))
  const compost = step?.amounts.find(({ role }) => role === 'compost')
  assert.ok(step && compost)
  await callEndpoint(
    changeStep,
    { version: step.version, actuals: { [compost.id]: 9000 } },
    { params: { id, stepId: step.id }, method: 'PATCH' },
  )
  const refused = await callEndpoint(finishOrder, {}, { params: { id } })
  assert.equal(refused.problem.code, 'too-much')
  assert.match(refused.problem.detail, /the containers hold \d+ L to the rim\. Correct the amounts/)
})

test('an unknown crop, plant group, pen or material is refused at its field', async () => {
  const mix = (cropId: string | null, groupId: string | null) => ({
    name: 'Mix',
    parts: [{ materialId: 'peat-medium', litres: 4 }],
    note: '',
    madeFor: {
      container: { shape: cube(20), headspaceCm: 2 },
      containerName: '',
      cropId,
      groupId,
      exposure: 'open',
      everyDays: 2,
    },
  })
  const crop = await callEndpoint(addMix, mix('moon-flower', null))
  assert.deepEqual(crop.fields, { 'madeFor.cropId': 'There is no such crop in the list.' })
  const group = await callEndpoint(addMix, mix(null, 'ferns-of-mars'))
  assert.deepEqual(group.fields, { 'madeFor.groupId': 'There is no such group of plants.' })

  const begun = await callEndpoint<{ id: number }>(startTest, {
    kind: 'phEc',
    sample: { kind: 'lot', id: 2 },
  })
  const finished = await callEndpoint(
    finishTest,
    {
      observation: {
        kind: 'phEc',
        method: '1:2',
        ph: 6,
        ecDsPerM: null,
        tempC: 20,
        compensated: true,
        penId: 4711,
        waterEcDsPerM: 0,
      },
      place: '',
      judge: '',
      note: '',
      water: null,
    },
    { params: { id: begun.answer.id } },
  )
  assert.match(finished.fields.penId ?? '', /There is no such pen/)
})

test('texts are kept trimmed and in one form; what cannot be kept is refused at its field', async () => {
  const named = (name: string) => callEndpoint<{ id: number }>(addLot, lot(cube(24), 12, { name }))
  const made = await named('  Cafe\u0301\ttub ')
  assert.equal((await readLot(garden.db, made.answer.id)).name, 'Café tub')
  for (const name of ['a\0b', 'bell\u0007', 'half \ud83c']) {
    const refused = await named(name)
    assert.match(refused.fields.name ?? '', /holds a character that cannot be written down/)
  }
  assert.equal((await named('   ')).fields.name, 'Give the lot a name.')
  assert.match((await named('x'.repeat(81))).fields.name ?? '', /keep it to 80 letters/)
})
