import assert from 'node:assert/strict'
import { test } from 'node:test'
import { DEFAULT_KIT } from '../../core/bench'
import type { MomentView } from '../../messages/bench/benchViews'
import { clockKeys, clockPlan, outOfOrder, readClockTime } from './clockPlan'
import { type Tap, waitingOf, withWaiting } from './taps'
import { timeOfDay } from './timeOfDay'
import { withTimeOfDay } from './withTimeOfDay'

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
    ).map(({ key, isOff, isNext }) => `${key}${isOff ? ' off' : ''}${isNext ? ' next' : ''}`)
  // The start is the first of five from the beginning to the end: no key changes its number.
  assert.deepEqual(keys(), ['pour next', 'drip off', 'mark off', 'stopped off', 'stands off'])
  assert.deepEqual(keys('pour'), ['pour off', 'drip next', 'mark', 'stopped', 'stands'])
  assert.deepEqual(keys('pour', 'mark'), ['pour off', 'drip next', 'mark off', 'stopped', 'stands'])
  assert.deepEqual(keys('pour', 'drip', 'mark'), [
    'pour off',
    'drip off',
    'mark off',
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

test('taps and corrections that wait are shown at once, and count once when they have arrived', () => {
  const moments = '/api/bench/tests/4/moments'
  const tap: Tap = { id: 'a', key: 'drip', at: '2026-11-02T10:00:05.000Z', value: null }
  const posted = { method: 'POST', address: moments, body: tap } as const
  const put = (id: string, body: object) =>
    ({ method: 'PUT', address: `${moments}/${id}`, body }) as const
  const there = moment('pour')
  const keys = (...entries: Parameters<typeof waitingOf>[0]) =>
    withWaiting([there], waitingOf(entries)).map(({ key }) => key)
  assert.deepEqual(keys(posted), ['pour', 'drip'])
  const both = [there, { ...moment('drip'), id: 'a' }]
  assert.equal(withWaiting(both, waitingOf([posted])).length, 2)
  assert.deepEqual(keys(posted, put('a', { undone: true })), ['pour'], 'a tap that waits is undone')
  const later = '2026-11-02T10:00:09.000Z'
  const corrected = withWaiting([there], waitingOf([posted, put('a', { at: later })]))
  assert.equal(corrected.at(-1)?.at, later)
  assert.deepEqual(keys(put('pour', { undone: true }), put('pour', { at: later })), ['pour'])
})

test('moments that contradict each other are told while they are put right', () => {
  const plan = clockPlan('drain', DEFAULT_KIT, null)
  assert.ok(plan)
  const at = (second: number) => `2026-11-02T10:00:${String(second).padStart(2, '0')}.000Z`
  const told = (drip: number, mark: number) =>
    outOfOrder(plan, [
      moment('pour', at(0)),
      moment('drip', at(drip)),
      moment('mark', at(mark)),
      // When water stands on top is told at any time.
      moment('stands', at(1)),
    ])
  assert.equal(told(20, 50), null)
  assert.deepEqual(told(50, 20), ['First drip', '150 mL is out'])
})
