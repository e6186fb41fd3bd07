import assert from 'node:assert/strict'
import { afterEach, beforeEach, test } from 'node:test'
import { catchRequests, renderHook, settle } from '../../../testing/renderHook'
import type { TestPage } from '../../messages/bench/benchViews'
import { useTestClock } from './useTestClock'

const PAGE = {
  id: 31,
  moments: [],
  endedAt: null,
  now: '2026-11-02T10:00:00.000Z',
} as unknown as TestPage
const state = (moments: readonly unknown[] = []) => ({ moments, endedAt: null, now: PAGE.now })

let network: ReturnType<typeof catchRequests>
beforeEach(() => {
  network = catchRequests()
  localStorage.clear()
  sessionStorage.clear()
})
afterEach(() => network.restore())

const kept = () => JSON.parse(localStorage.getItem('taps/31') ?? '[]') as { key: string }[]
const posts = () => network.made.filter(({ method }) => method === 'POST')

test('a tap shows at once, is kept in the browser until it has arrived, and then counts once', async () => {
  const clock = await renderHook(useTestClock, PAGE)
  await clock.act(() => clock.now().tap('drip'))
  assert.deepEqual(
    clock.now().moments.map(({ key }) => key),
    ['drip'],
  )
  assert.equal(clock.now().waiting, 1)
  assert.equal(kept().length, 1)
  const { body, answer } = posts()[0] ?? assert.fail('nothing was sent')
  const { id, key, at } = body as { id: string; key: string; at: string }
  await clock.act(() => answer(200, state([{ id, key, at, tappedAt: at, value: null }])))
  await settle()
  assert.equal(clock.now().waiting, 0)
  assert.equal(kept().length, 0)
  assert.equal(clock.now().moments.length, 1)
  await clock.unmount()
})

for (const [what, status] of [
  ['a connection that broke', 0],
  ['a server that failed', 500],
  ['a full disk', 507],
] as const) {
  test(`${what} keeps the tap, and the next one takes it along in order`, async () => {
    const clock = await renderHook(useTestClock, PAGE)
    await clock.act(() => clock.now().tap('start'))
    await clock.act(() => posts()[0]?.answer(status, { status, detail: '', fields: [], code: '' }))
    await settle()
    assert.equal(clock.now().waiting, 1)
    assert.deepEqual(
      kept().map(({ key }) => key),
      ['start'],
    )
    await clock.act(() => clock.now().tap('drip'))
    await clock.act(() => posts()[1]?.answer(200, state()))
    await clock.act(() => settle())
    await clock.act(() => posts()[2]?.answer(200, state()))
    await clock.act(() => settle())
    assert.deepEqual(
      posts().map(({ body }) => (body as { key: string }).key),
      ['start', 'start', 'drip'],
    )
    assert.equal(clock.now().waiting, 0)
    await clock.unmount()
  })
}

test('a tap that is refused is dropped, and why is told', async () => {
  const clock = await renderHook(useTestClock, PAGE)
  await clock.act(() => clock.now().tap('drip'))
  const problem = { status: 409, code: 'conflict', detail: 'This test is finished.', fields: [] }
  await clock.act(() => posts()[0]?.answer(409, problem))
  await settle()
  assert.equal(clock.now().waiting, 0)
  assert.equal(clock.now().problem?.detail, 'This test is finished.')
  await clock.unmount()
})

test('taps that waited when the page was left are sent when it comes again', async () => {
  const at = '2026-11-02T09:59:00.000Z'
  localStorage.setItem('taps/31', JSON.stringify([{ id: 'tap-old', key: 'mark', at, value: null }]))
  const clock = await renderHook(useTestClock, PAGE)
  assert.deepEqual(
    posts().map(({ body }) => (body as { id: string }).id),
    ['tap-old'],
  )
  await clock.act(() => posts()[0]?.answer(200, state()))
  await settle()
  assert.equal(kept().length, 0)
  await clock.unmount()
})
