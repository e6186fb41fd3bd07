import assert from 'node:assert/strict'
import { afterEach, beforeEach, test } from 'node:test'
import { catchRequests, renderHook } from '../../../testing/renderHook'
import { useChosen } from './chosen'
import { type StandingRow, useStanding } from './useStanding'

let requests: ReturnType<typeof catchRequests>
beforeEach(() => {
  localStorage.clear()
  requests = catchRequests()
})
afterEach(() => requests.restore())

const litresOf = (rows: readonly StandingRow[] | null) =>
  rows?.reduce((sum, { litres }) => sum + litres, 0) ?? null

function useList(here: readonly StandingRow[]) {
  const chosen = useChosen('turnover', [1, 7, 8])
  return { chosen, standing: useStanding('GET /api/recondition/waiting', chosen, here) }
}

const HERE = [
  { id: 1, litres: 30 },
  { id: 2, litres: 12 },
]

test('a row that left the list meanwhile is not chosen any more; those on other pages stay and are counted', async () => {
  const hook = await renderHook(useList, HERE)
  const [asked, ...more] = requests.made
  assert.equal(asked?.address, '/api/recondition/waiting?ids=7%2C8')
  assert.deepEqual(more, [], 'what stands on this page is not asked for')
  assert.equal(litresOf(hook.now().standing), null, 'not known yet')

  await hook.act(() => hook.now().chosen.choose(2, { on: true, among: [1, 2], toLast: false }))
  await hook.act(() => asked?.answer(200, { rows: [{ id: 8, litres: 40 }] }))
  assert.deepEqual([...hook.now().chosen.ids].sort(), [1, 2, 8], 'what was ticked meanwhile stays')
  assert.equal(litresOf(hook.now().standing), 82)
  await hook.unmount()
})

test('nothing is let go where the server cannot be asked', async () => {
  const hook = await renderHook(useList, HERE)
  await hook.act(() => requests.made[0]?.answer(500, {}))
  assert.deepEqual(hook.now().chosen.ids, [1, 7, 8])
  await hook.unmount()
})
