import assert from 'node:assert/strict'
import { beforeEach, test } from 'node:test'
import { renderHook } from '../../../testing/renderHook'
import { useKept } from './useKept'

const BEGIN = {
  crop: '',
  on: '2026-11-02',
  ticks: [] as readonly string[],
  score: null as number | null,
}

const open = (key = 'plant/1', begin = BEGIN) => renderHook(() => useKept(key, begin), null)

beforeEach(() => localStorage.clear())

test('what was typed is there again after the page was left, of that thing only', async () => {
  const first = await open()
  await first.act(() => first.now().change({ crop: 'chard' }))
  await first.act(() => first.now().change({ ticks: ['wash'], score: 4 }))
  await first.unmount()
  const again = await open()
  assert.deepEqual(again.now().values, { ...BEGIN, crop: 'chard', ticks: ['wash'], score: 4 })
  assert.deepEqual((await open('plant/2')).now().values, BEGIN)
})

test('two changes at once are both kept', async () => {
  const first = await open()
  await first.act(() => {
    first.now().change({ crop: 'chard' })
    first.now().change({ score: 2 })
  })
  assert.equal(first.now().values.crop, 'chard')
  assert.equal(first.now().values.score, 2)
})

test('a day nobody touched is that of the day the form is opened again', async () => {
  const first = await open()
  await first.act(() => first.now().change({ crop: 'chard' }))
  await first.unmount()
  const later = await open('plant/1', { ...BEGIN, on: '2026-11-09' })
  assert.equal(later.now().values.on, '2026-11-09')
})

test('what was taken does not come back', async () => {
  const first = await open()
  await first.act(() => first.now().change({ crop: 'chard' }))
  await first.act(() => first.now().throwAway())
  await first.unmount()
  assert.deepEqual((await open()).now().values, BEGIN)
})

test('what cannot be read, is of another kind, or is not known is left out', async () => {
  localStorage.setItem('draft/plant/1', '{half')
  assert.deepEqual((await open()).now().values, BEGIN)
  localStorage.setItem('draft/plant/1', '"text"')
  assert.deepEqual((await open()).now().values, BEGIN)
  localStorage.setItem('draft/plant/1', '{"crop":7,"ticks":{},"gone":"x","on":"2026-10-01"}')
  assert.deepEqual((await open()).now().values, { ...BEGIN, on: '2026-10-01' })
})
