import assert from 'node:assert/strict'
import { test } from 'node:test'
import { close } from '../../../testing/tables'
import { airAgainstExpected, besideReference, timeAgainstExpected } from './againstExpected'
import { changeOverInnings } from './changeOverInnings'
import { secondsSince } from './clockMoments'
import { spreadOf } from './spread'

test('beyond half or double of the expected time a mix differs from its recipe', () => {
  assert.equal(timeAgainstExpected(190, 100).verdict, 'as expected')
  assert.equal(timeAgainstExpected(210, 100).verdict, 'slower')
  assert.equal(timeAgainstExpected(49, 100).verdict, 'faster')
  assert.throws(() => timeAgainstExpected(0, 100), { code: 'out-of-range' })
})

test('air differs where it lies outside what its composition makes likely', () => {
  const likely = { p10: 0.13, p90: 0.24 }
  assert.equal(airAgainstExpected(0.14, 0.19, likely).verdict, 'as expected')
  assert.equal(airAgainstExpected(0.12, 0.19, likely).verdict, 'less air')
  assert.equal(airAgainstExpected(0.25, 0.19, likely).verdict, 'more air')
  assert.equal(airAgainstExpected(0.15, 0.19).verdict, 'less air', 'kept without a range')
})

test('a sample is apart from its reference only with repeats that do not overlap', () => {
  assert.deepEqual(besideReference([40, 44], [80, 90]), { ratio: 42 / 85, apart: true })
  assert.equal(besideReference([40, 82], [80, 90])?.apart, false)
  assert.equal(besideReference([40], [80])?.apart, false)
  assert.equal(besideReference([], [80]), null)
})

test('repeats have a mean and a spread; a single run has none', () => {
  const two = spreadOf([40, 44])
  assert.deepEqual([two.n, two.mean, two.lowest, two.highest], [2, 42, 40, 44])
  close(two.sd ?? 0, Math.SQRT2 * 2, 1e-12)
  assert.equal(spreadOf([5]).sd, null)
  assert.throws(() => spreadOf([]), { code: 'too-few' })
  assert.throws(() => spreadOf([Number.NaN]), { code: 'not-finite' })
})

test('a lot lost a third of its air in two innings', () => {
  const change = changeOverInnings([
    { innings: 3, value: 0.14 },
    { innings: 1, value: 0.2 },
    { innings: 1, value: 0.22 },
    { innings: 2, value: 0.18 },
  ])
  close(change?.share ?? 0, -1 / 3, 1e-12)
  assert.equal(change?.innings, 2)
  assert.equal(changeOverInnings([{ innings: 1, value: 0.2 }]), null)
  assert.equal(
    changeOverInnings([
      { innings: 1, value: 0.2 },
      { innings: 2, value: 0.19 },
    ]),
    null,
  )
})

test('seconds come from moments: of two taps of one key the later counts, none before the start', () => {
  const start = Date.parse('2026-11-02T10:00:00Z')
  const moments = [
    { key: 'pour', atMs: start },
    { key: 'drip', atMs: start + 38_000 },
    { key: 'drip', atMs: start + 41_500 },
  ]
  assert.deepEqual(secondsSince(moments, 'pour'), { drip: 41.5 })
  assert.deepEqual(secondsSince(moments.slice(1), 'pour'), {})
  assert.throws(() => secondsSince([...moments, { key: 'mark', atMs: start - 1 }], 'pour'), {
    code: 'bad-argument',
  })
})
