import assert from 'node:assert/strict'
import { afterEach, beforeEach, mock, test } from 'node:test'
import { catchRequests, renderHook } from '../../testing/renderHook'
import { useAskAgain } from './useAskAgain'

let network: ReturnType<typeof catchRequests>
beforeEach(() => {
  network = catchRequests()
  mock.timers.enable({ apis: ['setInterval'] })
})
afterEach(() => {
  mock.timers.reset()
  network.restore()
})

test('what others change is asked for again and again, one question at a time, until it is not wanted any more', async () => {
  const told: unknown[] = []
  const hook = await renderHook(
    (address: string | null) => useAskAgain<unknown>(address, 5000, (answer) => told.push(answer)),
    '/api/orders/1/state' as string | null,
  )
  assert.equal(network.made.length, 0, 'the page is fresh')
  await hook.act(() => mock.timers.tick(5000))
  await hook.act(() => mock.timers.tick(5000))
  assert.equal(network.made.length, 1, 'the first answer is waited for')
  await hook.act(() => network.made[0]?.answer(200, { steps: 1 }))
  assert.deepEqual(told, [{ steps: 1 }])
  await hook.act(() => mock.timers.tick(5000))
  await hook.act(() => network.made[1]?.answer(500))
  await hook.act(() => window.dispatchEvent(new Event('online')))
  assert.equal(network.made.length, 3)
  await hook.rerender(null)
  mock.timers.tick(60_000)
  assert.equal(network.made.length, 3)
  assert.equal(told.length, 1)
  await hook.unmount()
})

test('an answer asked for before something was entered here does not take it off the screen again', async () => {
  const told: unknown[] = []
  let written = 0
  const take = (answer: unknown) => told.push(answer)
  const hook = await renderHook(
    () => useAskAgain<unknown>('/state', 5000, take, () => written),
    null,
  )
  await hook.act(() => mock.timers.tick(5000))
  written = 1
  await hook.act(() => network.made[0]?.answer(200, { moments: 0 }))
  assert.deepEqual(told, [])
  await hook.act(() => mock.timers.tick(5000))
  await hook.act(() => network.made[1]?.answer(200, { moments: 1 }))
  assert.deepEqual(told, [{ moments: 1 }])
  await hook.unmount()
})
