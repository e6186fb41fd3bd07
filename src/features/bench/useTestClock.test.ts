import assert from 'node:assert/strict'
import { afterEach, beforeEach, test } from 'node:test'
import '../../../testing/browserDatabase'
import { catchRequests, type RenderedHook, renderHook, settle } from '../../../testing/renderHook'
import type { TestPage } from '../../messages/bench/benchViews'
import { openStore } from '../../ui/outbox/store'
import { type TestClock, useTestClock } from './useTestClock'

// The outbox looks for a connection as long as its page lives; this file ends all the same.
const realTimeout = globalThis.setTimeout
globalThis.setTimeout = ((work: () => void, ms?: number) =>
  realTimeout(work, ms).unref()) as typeof globalThis.setTimeout

const PAGE = {
  id: 31,
  kind: 'drain',
  sample: { name: 'Long trough' },
  moments: [],
  endedAt: null,
  now: '2026-11-02T10:00:00.000Z',
} as unknown as TestPage
const state = (moments: readonly unknown[] = []) => ({ moments, endedAt: null, now: PAGE.now })
const MANY_TURNS = 400

let network: ReturnType<typeof catchRequests>
let clock: RenderedHook<TestPage, TestClock>
beforeEach(async () => {
  network = catchRequests()
  clock = await renderHook(useTestClock, PAGE)
})
afterEach(async () => {
  await clock.unmount()
  network.restore()
})

const posts = () => network.made.filter(({ method }) => method === 'POST')
const keys = () => posts().map(({ body }) => (body as { key: string }).key)
const kept = async () =>
  (await (await openStore()).all()).map(({ body }) => (body as { key: string }).key)

/** The page's database and script take their own time. */
async function until(holds: () => boolean | Promise<boolean>): Promise<void> {
  for (let turn = 0; turn < MANY_TURNS; turn++) {
    let isSo = false
    await clock.act(async () => {
      await settle()
      isSo = await holds()
    })
    if (isSo) return
  }
  assert.fail(`never so: ${holds}`)
}

test('a tap shows at once, is kept in the browser until it has arrived, and then counts once', async () => {
  await clock.act(() => clock.now().tap('drip'))
  await until(() => posts().length === 1)
  assert.deepEqual(await kept(), ['drip'])
  assert.equal(clock.now().waiting, 1)
  assert.deepEqual(
    clock.now().moments.map(({ key }) => key),
    ['drip'],
  )
  const { body, answer } = posts()[0] ?? assert.fail('nothing was sent')
  const { id, key, at } = body as { id: string; key: string; at: string }
  await clock.act(() => answer(200, state([{ id, key, at, tappedAt: at, value: null }])))
  await until(() => clock.now().waiting === 0)
  assert.deepEqual(await kept(), [])
  assert.equal(clock.now().moments.length, 1)
})

for (const [what, status] of [
  ['a connection that broke', 0],
  ['a server that failed', 500],
  ['a full disk', 507],
] as const) {
  test(`${what} keeps the tap, and the next one takes it along in order`, async () => {
    await clock.act(() => clock.now().tap('start'))
    await until(() => posts().length === 1)
    await clock.act(() => posts()[0]?.answer(status, { status, detail: '', fields: [], code: '' }))
    await until(async () => (await kept()).length === 1 && clock.now().waiting === 1)
    await clock.act(() => clock.now().tap('drip'))
    await until(() => posts().length === 2)
    await clock.act(() => posts()[1]?.answer(200, state()))
    await until(() => posts().length === 3)
    await clock.act(() => posts()[2]?.answer(200, state()))
    await until(() => clock.now().waiting === 0)
    assert.deepEqual(keys(), ['start', 'start', 'drip'])
    assert.equal(posts()[0]?.id, posts()[1]?.id, 'the same entry has the same id')
  })
}

test('a tap that is refused waits no longer, why is told, and it is kept for a decision', async () => {
  await clock.act(() => clock.now().tap('drip'))
  await until(() => posts().length === 1)
  const problem = { status: 409, code: 'conflict', detail: 'This test is finished.', fields: [] }
  await clock.act(() => posts()[0]?.answer(409, problem))
  await until(() => clock.now().problem !== null)
  assert.equal(clock.now().waiting, 0)
  assert.equal(clock.now().problem?.detail, 'This test is finished.')
  const store = await openStore()
  const [refused] = await store.all()
  assert.equal(refused?.problem?.detail, 'This test is finished.')
  if (refused) await store.remove(refused)
})
