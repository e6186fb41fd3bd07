import assert from 'node:assert/strict'
import { afterEach, beforeEach, test } from 'node:test'
import { catchRequests, renderHook, settle } from '../../../../testing/renderHook'
import { begun, letGo, untilBegun } from '../../../../testing/threadByHand'
import type { LaddersView } from '../../../messages/recondition/plan'
import { common as words } from '../../../ui/texts/common'
import type { Outcome } from '../../../workers/jobs'
import { type PlanAsked, usePlan } from './usePlan'

let network: ReturnType<typeof catchRequests>
beforeEach(() => {
  network = catchRequests()
})
afterEach(async () => {
  network.restore()
  await letGo()
})

const view = (...ids: readonly number[]) =>
  ({
    stock: { materials: [], amendments: [] },
    lots: ids.map((id) => ({ id, airMin: 0.15, answers: {}, input: { lot: { id: String(id) } } })),
    left: [],
  }) as unknown as LaddersView
const ways = (...ids: readonly number[]) =>
  ({ ok: true, value: ids.map((id) => ({ id, rungs: [], refusal: null })) }) as unknown as Outcome

let nth = 0
const asked = (lots: readonly number[], crop = 'chard'): PlanAsked => ({ lots, crop, nth: nth++ })
const open = (first: PlanAsked | null) => renderHook((now: PlanAsked | null) => usePlan(now), first)
type Opened = Awaited<ReturnType<typeof open>>

async function answer(on: Opened, at: number, status: number, body: unknown): Promise<void> {
  await on.act(async () => {
    network.made[at]?.answer(status, body)
    await settle()
  })
}
async function finish(on: Opened, at: number, outcome: Outcome): Promise<void> {
  await on.act(async () => {
    begun[at]?.finish(outcome)
    await settle()
  })
}

test('nothing is asked for until somebody asks', async () => {
  const on = await open(null)
  assert.deepEqual([on.now().isFetching, on.now().view, network.made.length], [false, null, 0])
  await on.unmount()
})

test('lots come from the server, and their ways are worked out beside the page', async () => {
  const on = await open(asked([3, 8]))
  assert.equal(on.now().isFetching, true)
  assert.equal(network.made[0]?.address, '/api/recondition/ladders?lots=3%2C8&crop=chard')
  await answer(on, 0, 200, view(3, 8))
  assert.equal(on.now().isFetching, false)
  await untilBegun(1)
  const { lots } = (begun[0]?.question ?? {}) as { lots: { id: number }[] }
  assert.deepEqual(
    lots.map(({ id }) => id),
    [3, 8],
  )
  assert.equal(on.now().answers, null)
  await finish(on, 0, ways(3, 8))
  assert.deepEqual(
    on.now().answers?.map(({ id }) => id),
    [3, 8],
  )
  await on.unmount()
})

test('asked anew, what came for the question before is no answer to this one', async () => {
  const on = await open(asked([3]))
  await answer(on, 0, 200, view(3))
  await untilBegun(1)
  await finish(on, 0, ways(3))
  assert.ok(on.now().answers)
  await on.rerender(asked([8]))
  assert.deepEqual([on.now().view, on.now().answers], [null, null])
  await answer(on, 1, 200, view(8))
  assert.equal(on.now().answers, null, 'those of the other lot are not shown for it')
  await untilBegun(2)
  await finish(on, 1, ways(8))
  assert.deepEqual(
    on.now().answers?.map(({ id }) => id),
    [8],
  )
  await on.unmount()
})

test('a request that was overtaken is given up', async () => {
  const on = await open(asked([3]))
  await on.rerender(asked([3, 8]))
  assert.equal(network.made[0]?.signal?.aborted, true)
  await answer(on, 1, 200, view(3, 8))
  assert.equal(on.now().view?.lots.length, 2)
  assert.equal(on.now().problem, null, 'what was given up is no trouble')
  await on.unmount()
})

test('a refusal is told in its sentence, a broken line as what it is; both may be asked again', async () => {
  const on = await open(asked([99]))
  await answer(on, 0, 404, {
    type: 'about:blank',
    title: 'Not found',
    status: 404,
    code: 'not-found',
    detail: 'There is no lot 99.',
    fields: [],
  })
  assert.equal(on.now().problem, 'There is no lot 99.')
  assert.equal(on.now().isFetching, false)
  await on.rerender(asked([3]))
  assert.equal(on.now().problem, null)
  await answer(on, 1, 0, null)
  assert.equal(on.now().problem, words.noAnswer)
  await on.rerender(asked([3]))
  await answer(on, 2, 200, view(3))
  assert.equal(on.now().problem, null)
  await on.unmount()
})

test('lots that all have to be left out leave nothing to work out', async () => {
  const on = await open(asked([5]))
  await answer(on, 0, 200, { ...view(), left: [{ id: 5, why: 'It is empty.' }] })
  assert.deepEqual(on.now().view?.left, [{ id: 5, why: 'It is empty.' }])
  assert.equal(on.now().working, false)
  assert.equal(begun.length, 0)
  await on.unmount()
})
