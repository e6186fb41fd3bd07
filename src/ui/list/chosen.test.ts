import assert from 'node:assert/strict'
import { beforeEach, test } from 'node:test'
import { renderHook } from '../../../testing/renderHook'
import { rowsBetween, useChosen } from './chosen'

beforeEach(() => localStorage.clear())

test('a range goes both ways and ends where its rows are not on this page', () => {
  assert.deepEqual(rowsBetween([4, 8, 2, 9], 8, 9), [8, 2, 9])
  assert.deepEqual(rowsBetween([4, 8, 2, 9], 9, 8), [8, 2, 9])
  assert.deepEqual(rowsBetween([4, 8, 2, 9], null, 2), [2])
  assert.deepEqual(rowsBetween([4, 8, 2, 9], 77, 2), [2], 'the last one stands on another page')
})

test('what is chosen on one page is still chosen on the next, a range with it', async () => {
  const first = await renderHook(() => useChosen('pots'), undefined)
  await first.act(() => first.now().choose(1, { on: true, among: [1, 2, 3, 4], toLast: false }))
  await first.act(() => first.now().choose(3, { on: true, among: [1, 2, 3, 4], toLast: true }))
  assert.deepEqual([...first.now().ids].sort(), [1, 2, 3])
  await first.unmount()

  const next = await renderHook(() => useChosen('pots'), undefined)
  assert.deepEqual([...next.now().ids].sort(), [1, 2, 3])
  assert.ok(next.now().isChoosing, 'its boxes are out on a phone')
  await next.act(() => next.now().chooseAll([5, 6], true))
  await next.act(() => next.now().chooseAll([1, 2], false))
  assert.deepEqual([...next.now().ids].sort(), [3, 5, 6])
  await next.act(() => next.now().chooseNone())
  assert.deepEqual(next.now().ids, [])
  await next.unmount()
})

test('what a page begins with is kept until somebody chooses otherwise', async () => {
  const hook = await renderHook(() => useChosen('plan/', [7, 8]), undefined)
  assert.deepEqual(hook.now().ids, [7, 8])
  await hook.act(() => hook.now().choose(7, { on: false, among: [7, 8], toLast: false }))
  assert.deepEqual(hook.now().ids, [8])
  await hook.unmount()
})
