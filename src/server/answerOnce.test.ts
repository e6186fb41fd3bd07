import assert from 'node:assert/strict'
import { after, before, test } from 'node:test'
import { TROUGH_TO_STRAWBERRY } from '../../testing/answers'
import { callEndpoint } from '../../testing/callEndpoint'
import { endpointDatabase } from '../../testing/database'
import { listPens } from '../data/bench'
import { forgetOldAnswers } from '../data/requests'
import { endpointTable } from './routes'

const addPen = endpointTable['POST /api/bench/pens']
const makeOrder = endpointTable['POST /api/recondition/work-orders']

let garden: Awaited<ReturnType<typeof endpointDatabase>>
before(async () => {
  garden = await endpointDatabase()
})
after(() => garden.close())

const post = (endpoint: typeof addPen | typeof makeOrder, body: unknown, id?: string) =>
  callEndpoint(endpoint, body, id === undefined ? {} : { headers: { 'idempotency-key': id } })

const pensNamed = async (name: string) =>
  (await listPens(garden.db)).filter((pen) => pen.name === name).length

test('the same request twice does its work once and is answered the same', async () => {
  const first = await post(addPen, { name: 'Twice' }, 'form-0001')
  const second = await post(addPen, { name: 'Twice' }, 'form-0001')
  assert.equal(first.status, 201)
  assert.deepEqual(second, first)
  assert.equal(await pensNamed('Twice'), 1)
})

test('at the same instant too', async () => {
  const answers = await Promise.all(
    Array.from({ length: 5 }, () => post(addPen, { name: 'At once' }, 'form-0002')),
  )
  assert.deepEqual(new Set(answers.map(({ answer }) => answer.id)).size, 1)
  assert.equal(await pensNamed('At once'), 1)
})

test('another body under the same id is refused with what to do; a refused try does not use the id up', async () => {
  await post(addPen, { name: 'Blue' }, 'form-0003')
  const other = await post(addPen, { name: 'Green' }, 'form-0003')
  assert.equal(other.status, 409)
  assert.match(String(other.answer.detail), /had arrived and is saved/)
  assert.equal(await pensNamed('Green'), 0)
  assert.equal((await post(addPen, { name: '' }, 'form-0004')).status, 422)
  assert.equal((await post(addPen, { name: 'Corrected' }, 'form-0004')).status, 201)
})

test('an id that is none is refused, one that is old is forgotten', async () => {
  assert.equal((await post(addPen, { name: 'x' }, 'short')).status, 400)
  await post(addPen, { name: 'Old' }, 'form-0005')
  await forgetOldAnswers(garden.db, new Date('2027-03-01T00:00:00Z'))
  await post(addPen, { name: 'Old' }, 'form-0005')
  assert.equal(await pensNamed('Old'), 2)
})

test('two orders on one lot at the same instant: one is made, the other is told which', async () => {
  const [first, second] = await Promise.all([
    post(makeOrder, TROUGH_TO_STRAWBERRY),
    post(makeOrder, TROUGH_TO_STRAWBERRY),
  ])
  const [made, refused] = first.status === 201 ? [first, second] : [second, first]
  assert.deepEqual([made.status, refused.status], [201, 409])
  assert.deepEqual(refused.answer.current, { workOrderId: made.answer.id })
})
