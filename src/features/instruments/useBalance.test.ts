import assert from 'node:assert/strict'
import { afterEach, beforeEach, mock, test } from 'node:test'
import { catchRequests, renderHook } from '../../../testing/renderHook'
import type { BalanceView } from '../../messages/instruments/balance'
import { useBalance } from './useBalance'

const shows = (grams: number | null, isStable = true): BalanceView => ({
  kind: 'simulated',
  grams,
  isStable,
})

let network: ReturnType<typeof catchRequests>
beforeEach(() => {
  network = catchRequests()
  mock.timers.enable({ apis: ['setTimeout'] })
})
afterEach(() => {
  mock.timers.reset()
  network.restore()
})
const last = () => network.made.at(-1)

test('it is asked again after each answer, and never twice at once', async () => {
  const balance = await renderHook(useBalance, undefined)
  assert.equal(balance.now().view, null)
  assert.equal(network.made.length, 1)
  await balance.act(() => mock.timers.tick(5000))
  assert.equal(network.made.length, 1, 'the first answer is waited for')
  await balance.act(() => last()?.answer(200, shows(12.4, false)))
  assert.deepEqual(balance.now().view, shows(12.4, false))
  await balance.act(() => mock.timers.tick(400))
  await balance.act(() => last()?.answer(200, shows(80.1)))
  assert.deepEqual(balance.now().view, shows(80.1))
  await balance.unmount()
})

test('while it does not answer it is silent, and asked less often until it does', async () => {
  const balance = await renderHook(useBalance, undefined)
  await balance.act(() => last()?.answer(0))
  assert.equal(balance.now().isSilent, true)
  await balance.act(() => mock.timers.tick(400))
  assert.equal(network.made.length, 1)
  await balance.act(() => mock.timers.tick(2600))
  assert.equal(network.made.length, 2)
  await balance.act(() => last()?.answer(200, shows(5)))
  assert.equal(balance.now().isSilent, false)
  // It answers, but nothing comes from the line behind it.
  await balance.act(() => mock.timers.tick(400))
  await balance.act(() => last()?.answer(200, shows(null, false)))
  assert.equal(balance.now().isSilent, true)
  await balance.unmount()
})

test('on a page that nobody looks at it is not asked, and at once when somebody looks again', async () => {
  const seen = { state: 'visible' }
  Object.defineProperty(document, 'visibilityState', { get: () => seen.state, configurable: true })
  const balance = await renderHook(useBalance, undefined)
  await balance.act(() => last()?.answer(200, shows(3)))
  seen.state = 'hidden'
  await balance.act(() => mock.timers.tick(60_000))
  assert.equal(network.made.length, 1)
  seen.state = 'visible'
  await balance.act(() => document.dispatchEvent(new Event('visibilitychange')))
  assert.equal(network.made.length, 2)
  await balance.unmount()
  document.dispatchEvent(new Event('visibilitychange'))
  assert.equal(network.made.length, 2)
})

test('what is laid on it is told, and it is asked at once; nobody asks once the field is left', async () => {
  const balance = await renderHook(useBalance, undefined)
  await balance.act(() => last()?.answer(200, shows(0)))
  await balance.act(() => balance.now().lay({ trialId: 7, potId: 3 }))
  const told = last()
  assert.deepEqual([told?.method, told?.body], ['PUT', { pot: { trialId: 7, potId: 3 } }])
  await balance.act(() => told?.answer(200, shows(0)))
  assert.equal(last()?.method, 'GET')
  await balance.act(() => last()?.answer(200, shows(44)))
  assert.equal(balance.now().view?.grams, 44)
  await balance.unmount()
  const asked = network.made.length
  mock.timers.tick(10_000)
  assert.equal(network.made.length, asked)
})
