import assert from 'node:assert/strict'
import { afterEach, beforeEach, test } from 'node:test'
import { onSite, SITE } from '../../../../testing/onSite'
import { outboxPage } from '../../../../testing/outboxPage'
import { settle } from '../../../../testing/renderHook'
import type { OrderPage, OrderStepView } from '../../../messages/recondition/turnover'
import { useOrderSteps } from './useOrderSteps'

let page: Awaited<ReturnType<typeof outboxPage>>
beforeEach(async () => {
  page = await outboxPage()
})
afterEach(() => page.close())

function step(id: number, more: Partial<OrderStepView> = {}): OrderStepView {
  return {
    id,
    version: 3,
    plan: {
      id: `step-${id}`,
      kind: 'spread',
      amounts: [],
      tools: [],
      minutes: 10,
      cautions: [],
      startsOn: '2026-11-01',
      waitDays: 0,
      waitFor: null,
    },
    amounts: [],
    doneOn: null,
    earlyFor: null,
    ...more,
  }
}

const lime = step(21, {
  amounts: [{ id: 'dolomitic-lime', amount: 55, unit: 'g', text: '55 g', actual: null } as never],
})

/** Each test has an order of its own. */
let orders = 500
function order(steps: readonly OrderStepView[]): OrderPage {
  orders += 1
  return {
    id: orders,
    version: 1,
    state: 'open',
    lot: { id: 1, name: 'Long trough', innings: [] },
    cropName: 'Strawberry',
    litresWanted: 30,
    litresFound: 27,
    potCodes: ['P01'],
    steps,
    names: { 'dolomitic-lime': { name: 'Dolomitic lime' } as never },
    readyOn: '2026-11-20',
    finishedOn: null,
    canUndo: false,
    leachLitres: 0,
    loads: [],
    predictedAir: 0.2,
    recipeAnswers: null,
  }
}

async function open(of: OrderPage) {
  const on = await onSite(() => useOrderSteps(of))
  // The outbox and its store come one after the other.
  for (let i = 0; i < 4; i++) await on.act(settle)
  return on
}
type Opened = Awaited<ReturnType<typeof open>>

const addressOf = (of: OrderPage, id: number) => `/api/recondition/work-orders/${of.id}/steps/${id}`
const stepOf = (on: Opened, id: number) => on.now().steps.find((one) => one.id === id)

async function change(
  on: Opened,
  id: number,
  what: Parameters<ReturnType<Opened['now']>['change']>[1],
) {
  await on.act(async () => {
    on.now().change(id, what)
    await settle()
  })
}

async function answer(on: Opened, of: OrderPage, id: number, status: number, body: unknown) {
  await on.act(async () => {
    page.sentTo(addressOf(of, id)).answer(status, body)
    await settle()
  })
}

test('a tick stands at once, marked until it has arrived', async () => {
  const of = order([step(1), step(2)])
  const on = await open(of)
  assert.equal(on.now().isKnown, true)
  await change(on, 1, { done: true })
  assert.equal(stepOf(on, 1)?.doneOn, SITE.today)
  assert.equal(stepOf(on, 1)?.isWaiting, true)
  assert.equal(on.now().waiting, 1)
  const { method, body } = page.sentTo(addressOf(of, 1))
  assert.deepEqual([method, body], ['PATCH', { version: 3, done: true }])
  await answer(on, of, 1, 200, step(1, { version: 4, doneOn: SITE.today }))
  assert.deepEqual([stepOf(on, 1)?.isWaiting, stepOf(on, 1)?.version], [false, 4])
  assert.equal(on.now().waiting, 0)
  await on.unmount()
})

test('two changes of a step go one after the other, each by the version the other leaves', async () => {
  const of = order([step(1), lime])
  const on = await open(of)
  await change(on, 21, { actuals: { 'dolomitic-lime': 50 } })
  await change(on, 21, { done: true })
  assert.equal(stepOf(on, 21)?.amounts[0]?.actual, 50)
  assert.equal(page.made.length, 1)
  const first = {
    ...lime,
    version: 4,
    amounts: lime.amounts.map((one) => ({ ...one, actual: 50 })),
  }
  await answer(on, of, 21, 200, first)
  assert.deepEqual(
    page.made.map(({ body }) => body),
    [
      { version: 3, actuals: { 'dolomitic-lime': 50 } },
      { version: 4, done: true },
    ],
  )
  assert.equal(stepOf(on, 21)?.doneOn, SITE.today, 'the tick that waits still stands')
  await answer(on, of, 21, 200, { ...first, version: 5, doneOn: SITE.today })
  assert.equal(on.now().waiting, 0)
  await on.unmount()
})

test('what another device ticked is taken up, what is older than what stands here is not', async () => {
  const of = order([step(1), step(2)])
  const on = await open(of)
  await change(on, 1, { done: true })
  await answer(on, of, 1, 200, step(1, { version: 4, doneOn: SITE.today }))
  const others = [step(1), step(2, { version: 5, doneOn: '2026-11-01' })]
  await on.act(() => on.now().takeUp(others))
  assert.equal(stepOf(on, 1)?.doneOn, SITE.today, 'told before it had arrived')
  assert.equal(stepOf(on, 2)?.doneOn, '2026-11-01')
  await change(on, 2, { done: false })
  assert.deepEqual(page.sentTo(addressOf(of, 2)).body, { version: 5, done: false })
  await answer(on, of, 2, 200, step(2, { version: 6 }))
  await on.unmount()
})

test('an amount may go back to what was planned', async () => {
  const measured = { ...lime, amounts: lime.amounts.map((one) => ({ ...one, actual: 50 })) }
  const of = order([measured])
  const on = await open(of)
  await change(on, 21, { actuals: { 'dolomitic-lime': null } })
  assert.equal(stepOf(on, 21)?.amounts[0]?.actual, null)
  await answer(on, of, 21, 200, { ...lime, version: 4 })
  assert.equal(stepOf(on, 21)?.amounts[0]?.actual, null)
  await on.unmount()
})

test('changed on another device meanwhile: what stands there is shown, and the next tick goes by it', async () => {
  const of = order([step(1)])
  const on = await open(of)
  await change(on, 1, { done: true })
  const current = step(1, { version: 9, doneOn: '2026-11-01' })
  await answer(on, of, 1, 409, {
    type: 'about:blank',
    title: 'Stale',
    status: 409,
    code: 'stale',
    detail: 'This step was changed meanwhile.',
    fields: [],
    current: { step: current },
  })
  assert.equal(on.now().problem?.detail, 'This step was changed meanwhile.')
  assert.equal(stepOf(on, 1)?.doneOn, '2026-11-01')
  await change(on, 1, { done: false })
  assert.equal(on.now().problem, null)
  assert.deepEqual(page.sentTo(addressOf(of, 1)).body, { version: 9, done: false })
  await answer(on, of, 1, 200, step(1, { version: 10 }))
  assert.equal(stepOf(on, 1)?.doneOn, null)
  await on.unmount()
})

test('in a dead spot everything goes on, late, and arrives in order when there is a line again', async () => {
  const of = order([step(1), step(2), step(3)])
  const on = await open(of)
  await change(on, 1, { done: true })
  await answer(on, of, 1, 0, null)
  assert.equal(on.now().isLate, true)
  await change(on, 2, { done: true })
  await change(on, 3, { done: true })
  assert.equal(on.now().waiting, 3)
  assert.ok(on.now().steps.every(({ doneOn }) => doneOn === SITE.today))
  // Each press tried once more: the cut one is answered here as cut, as often as it was sent.
  for (const sent of page.made.slice(1)) sent.answer(0)
  await on.act(settle)
  const before = page.made.length
  await on.act(() => page.comeOnline())
  for (const id of [1, 2, 3]) {
    await answer(on, of, id, 200, step(id, { version: 4, doneOn: SITE.today }))
  }
  assert.deepEqual(
    page.made.slice(before).map(({ address }) => Number(address.split('/').at(-1))),
    [1, 2, 3],
  )
  assert.deepEqual([on.now().waiting, on.now().isLate], [0, false])
  await on.unmount()
})

test('a wait that was cut short is told with the tick', async () => {
  const of = order([step(1, { doneOn: '2026-10-30' }), step(2)])
  const on = await open(of)
  await change(on, 2, { done: true, early: 'rain is coming' })
  assert.equal(stepOf(on, 2)?.earlyFor, 'rain is coming')
  await change(on, 2, { done: false })
  assert.equal(stepOf(on, 2)?.earlyFor, null)
  await answer(on, of, 2, 200, step(2, { version: 4, doneOn: SITE.today }))
  await answer(on, of, 2, 200, step(2, { version: 5 }))
  assert.equal(on.now().waiting, 0)
  await on.unmount()
})
