import assert from 'node:assert/strict'
import { test } from 'node:test'
import { DEFAULT_KIT } from '../../core/bench'
import type { MomentView } from '../../messages/bench/benchViews'
import { clockKeys, clockPlan, readClockTime } from './clockPlan'
import { readTaps, type Tap, withTaps, writeTaps } from './tapQueue'
import { timeOfDay, withTimeOfDay } from './timeOfDay'

const moment = (key: string, at = '2026-11-02T10:00:00.000Z'): MomentView => ({
  id: key,
  key,
  at,
  tappedAt: at,
  value: null,
})

test('the keys of a drain test keep their numbers; what was tapped is done', () => {
  const plan = clockPlan('drain', DEFAULT_KIT, null)
  assert.ok(plan)
  const keys = (...tapped: string[]) =>
    clockKeys(
      plan,
      tapped.map((key) => moment(key)),
    ).map(({ key, isDone, isNext }) => `${key}${isDone ? ' done' : ''}${isNext ? ' next' : ''}`)
  assert.deepEqual(keys(), ['pour next'])
  assert.deepEqual(keys('pour'), ['drip next', 'mark', 'stopped', 'stands'])
  assert.deepEqual(keys('pour', 'mark'), ['drip next', 'mark done', 'stopped', 'stands'])
  assert.deepEqual(keys('pour', 'drip', 'mark'), [
    'drip done',
    'mark done',
    'stopped next',
    'stands',
  ])
  assert.equal(plan.endS, 900)
  assert.equal(clockPlan('squeeze', DEFAULT_KIT, null), null)
})

test('a corrected time is read as minutes and seconds, or seconds alone', () => {
  assert.equal(readClockTime('1:38'), 98)
  assert.equal(readClockTime(' 98 '), 98)
  assert.equal(readClockTime('0:05,5'), 5.5)
  assert.equal(readClockTime('1:75'), null)
  assert.equal(readClockTime('soon'), null)
  assert.equal(readClockTime(''), null)
})

test('the start is corrected by the time of day at the site', () => {
  const at = '2026-07-02T10:00:30.000Z'
  assert.equal(timeOfDay(at, 'Europe/London'), '11:00:30')
  assert.equal(withTimeOfDay(at, '10:59:45', 'Europe/London'), '2026-07-02T09:59:45.000Z')
  assert.equal(withTimeOfDay(at, '25:00:00', 'Europe/London'), null)
  assert.equal(withTimeOfDay(at, 'eleven', 'Europe/London'), null)
})

test('taps wait in the browser, count once when they have arrived, and a broken store loses nothing else', () => {
  const kept = new Map<string, string>()
  const storage = {
    getItem: (key: string) => kept.get(key) ?? null,
    setItem: (key: string, value: string) => void kept.set(key, value),
    removeItem: (key: string) => void kept.delete(key),
  }
  const tap: Tap = { id: 'a', key: 'drip', at: '2026-11-02T10:00:05.000Z', value: null }
  writeTaps(storage, 4, [tap])
  assert.deepEqual(readTaps(storage, 4), [tap])
  assert.deepEqual(readTaps(storage, 5), [])
  const there = moment('pour')
  assert.deepEqual(
    withTaps([there], [tap]).map(({ key }) => key),
    ['pour', 'drip'],
  )
  assert.equal(withTaps([there, { ...moment('drip'), id: 'a' }], [tap]).length, 2)
  writeTaps(storage, 4, [])
  assert.equal(kept.size, 0)
  const full = {
    ...storage,
    setItem: () => {
      throw new Error('full')
    },
  }
  writeTaps(full, 4, [tap])
  kept.set('taps/4', 'no list')
  assert.deepEqual(readTaps(storage, 4), [])
})
