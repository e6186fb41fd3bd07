import assert from 'node:assert/strict'
import { afterEach, beforeEach, test } from 'node:test'
import { catchRequests, renderHook, settle } from '../../../testing/renderHook'
import { usePlanned } from './usePlanned'

let requests: ReturnType<typeof catchRequests>
beforeEach(() => {
  requests = catchRequests()
  pot += 1
  localStorage.clear()
})
afterEach(() => requests.restore())

// Each test of another pot: the same asked twice within a moment is asked once.
let pot = 0
const open = () =>
  renderHook(
    () =>
      usePlanned('POST /api/containers/[id]/dress', {
        draft: 'dress/3',
        begin: { materialId: 'compost', depth: '3', despite: '' },
        restsOn: ['materialId', 'depth'],
        asked: ({ materialId, depth, despite }, check) =>
          depth === ''
            ? null
            : { params: { id: pot }, body: { materialId, depthCm: Number(depth), despite, check } },
        planOf: ({ litres }) => litres,
        taken: ({ litres }) => ({ text: `${litres} L` }),
      }),
    undefined,
  )
type Opened = Awaited<ReturnType<typeof open>>

const answer = (form: Opened, status: number, body: unknown) =>
  form.act(async () => {
    requests.made.at(-1)?.answer(status, body)
    await settle()
  })
async function look(form: Opened, more?: { depth: string }) {
  await form.act(async () => {
    form.now().look(undefined, more)
    await settle()
  })
  await answer(form, 200, { litres: 2.5 })
}
const checks = () => requests.made.map(({ body }) => (body as { check: boolean }).check)

test('it is worked out first, and written down only by its own key', async () => {
  const form = await open()
  assert.equal(form.now().plan, null)
  await look(form)
  assert.equal(form.now().plan, 2.5)
  assert.deepEqual(checks(), [true])
  await form.act(async () => {
    form.now().finish()
    await settle()
  })
  assert.deepEqual(checks(), [true, false])
})

test('what it was worked out of is changed: the plan goes; what it does not rest on leaves it', async () => {
  const form = await open()
  await look(form)
  await form.act(() => form.now().change({ despite: 'I know' }))
  assert.equal(form.now().plan, 2.5)
  await form.act(() => form.now().change({ depth: '4' }))
  assert.equal(form.now().plan, null)
  assert.deepEqual(checks(), [true], 'nothing is asked by typing')
})

test('after a reload it stands where it stood, ticks and all', async () => {
  const first = await open()
  await look(first)
  await first.act(() => first.now().onTick(['aside']))
  await first.unmount()
  // Another page knows nothing of what this one just asked.
  pot += 1
  const again = await open()
  await again.act(settle)
  assert.deepEqual(checks(), [true, true])
  await answer(again, 200, { litres: 2.5 })
  assert.equal(again.now().plan, 2.5)
  assert.deepEqual(again.now().values.ticks, ['aside'])
})

test('one key may put an amount in and look at once; what cannot be read is not sent', async () => {
  const form = await open()
  await look(form, { depth: '2' })
  const [asked] = requests.made.map(({ body }) => body as { depthCm: number })
  assert.equal(asked?.depthCm, 2)
  assert.equal(form.now().plan, 2.5)
  await form.act(() => form.now().change({ depth: '' }))
  await form.act(() => form.now().look())
  assert.equal(requests.made.length, 1)
})
