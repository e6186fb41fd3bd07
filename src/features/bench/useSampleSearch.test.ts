import assert from 'node:assert/strict'
import { afterEach, beforeEach, test } from 'node:test'
import { catchRequests, renderHook } from '../../../testing/renderHook'
import type { SampleChoices } from '../../messages/bench/benchViews'
import { useSampleSearch, withChosen } from './useSampleSearch'

const choices = (...names: readonly string[]): SampleChoices => ({
  listed: names.map((name, id) => ({ kind: 'lot', id, name })),
  lotsTotal: 900,
  mixesTotal: 4,
  isWhole: false,
})
const named = ({ choices: { listed } }: ReturnType<typeof useSampleSearch>) =>
  listed.map(({ name }) => name)

let network: ReturnType<typeof catchRequests>
beforeEach(() => {
  network = catchRequests()
})
afterEach(() => network.restore())

test('what was typed narrows the list; an older answer that comes late is not shown', async () => {
  const search = await renderHook(useSampleSearch, choices('Tub', 'Trough'))
  assert.deepEqual(named(search.now()), ['Tub', 'Trough'])
  await search.act(() => search.now().setFind('ca'))
  await search.act(() => search.now().setFind('cam'))
  const [older, newer] = network.made
  assert.equal(older?.signal?.aborted, true, 'nobody waits for the older one')
  await search.act(() => newer?.answer(200, choices('Camellia')))
  await search.act(() => older?.answer(200, choices('Carnation')))
  assert.deepEqual(named(search.now()), ['Camellia'])
  await search.act(() => search.now().setFind(''))
  assert.deepEqual(named(search.now()), ['Tub', 'Trough'])
})

test('a broken connection is told, and what was there stays', async () => {
  const search = await renderHook(useSampleSearch, choices('Tub'))
  await search.act(() => search.now().setFind('x'))
  await search.act(() => network.made[0]?.answer(0))
  assert.equal(search.now().failed, true)
  assert.deepEqual(named(search.now()), ['Tub'])
})

test('what is chosen stays in the list when another search leaves it out', () => {
  const { listed } = choices('Tub', 'Trough')
  const chosen = { kind: 'lot', id: 77, name: 'Camellia' } as const
  assert.deepEqual(withChosen(listed, chosen), [chosen, ...listed])
  assert.equal(withChosen(listed, listed[1] ?? null), listed)
  assert.equal(withChosen(listed, null), listed)
  assert.equal(withChosen(listed, { ...chosen, kind: 'mix', id: 0 }).length, 3, 'a mix of that id')
})
