import assert from 'node:assert/strict'
import { test } from 'node:test'
import { close } from '../../../testing/tables'
import { DomainError } from '../errors'
import { doseResponse, growthCurve } from '.'

const refuses = (code: string, call: () => unknown) =>
  assert.throws(call, (error: unknown) => error instanceof DomainError && error.code === code)

test('steps that never rise; up to where nine tenths of the control are kept', () => {
  const told = doseResponse([0, 25, 50, 75, 100], [10, 9.5, 9.8, 6, 3])
  assert.deepEqual(told.doses, [0, 25, 50, 75, 100])
  told.fitted.forEach((one, at) => {
    close(one, [10, 9.65, 9.65, 6, 3][at] ?? 0, 1e-12)
  })
  assert.deepEqual([told.noEffectUpTo, told.interval], [50, null])
  // In any order the same.
  assert.deepEqual(doseResponse([100, 0, 50, 25, 75], [3, 10, 9.8, 9.5, 6]), told)
})

test('pots weigh by their number; a rise pools the doses back to the control', () => {
  const told = doseResponse(
    [0, 50],
    [
      [8, 8],
      [10, 10, 10, 10],
    ],
  )
  close(told.fitted[0] ?? 0, (2 * 8 + 4 * 10) / 6, 1e-12)
  assert.equal(told.noEffectUpTo, 50)
  assert.deepEqual(told.interval, [50, 50])
})

test('harm that was not seen is not ruled out: few pots rule out nothing, many up to the dose that harms', () => {
  const doses = [0, 25, 50, 100]
  const pots = (mean: number, n: number) =>
    Array.from({ length: n }, (_, at) => mean + 2 * (((at * 5) % 4) - 1.5))
  const series = (n: number) =>
    doseResponse(
      doses,
      [20, 20, 19.5, 12].map((one) => pots(one, n)),
    )
  assert.deepEqual([series(2).noEffectUpTo, series(2).ruledOutUpTo], [50, null])
  assert.deepEqual([series(8).noEffectUpTo, series(8).ruledOutUpTo], [50, 50])
  // By hand: a spread of 40/7 in both, t of 14 degrees of freedom with 5 % above it 1.7613101357748562.
  const half = 1.7613101357748562 * Math.sqrt((2 * (40 / 7)) / 8)
  assert.ok((19.5 - half) / 20 > 0.85 && (18.9 - half) / 20 < 0.85)
  const near = doseResponse([0, 50], [pots(20, 8), pots(18.9, 8)])
  assert.equal(near.ruledOutUpTo, null, 'nine tenths are kept, and harm of 15 % is not ruled out')
  assert.equal(near.noEffectUpTo, 50)
  // A dose that fails stops it, whatever stronger ones look like.
  const odd = doseResponse(doses, [pots(20, 8), pots(12, 8), pots(20, 8), pots(20, 8)])
  assert.equal(odd.ruledOutUpTo, null)
  // Means without their pots rule out nothing.
  assert.equal(doseResponse(doses, [20, 20, 20, 20]).ruledOutUpTo, null)
  assert.equal(
    doseResponse(
      [0, 50],
      [
        [20, 20, 20],
        [20, 20, 20],
      ],
    ).ruledOutUpTo,
    null,
  )
})

test('the interval is of doses of the trial, the same for a seed, and widens with the spread', () => {
  const doses = [0, 25, 50, 100]
  const pots = [
    [10, 12, 9, 11],
    [9, 11, 10, 8],
    [7, 9, 10, 6],
    [2, 3, 2, 4],
  ]
  const told = doseResponse(doses, pots, { seed: 3 })
  assert.deepEqual(doseResponse(doses, pots, { seed: 3 }), told)
  const [low, high] = told.interval ?? [-1, -1]
  assert.ok(doses.includes(low) && doses.includes(high) && low <= high)
  assert.ok(low <= (told.noEffectUpTo ?? 0) && (told.noEffectUpTo ?? 0) <= high)
  // One dose with a single pot: no interval.
  assert.equal(
    doseResponse(doses, [pots[0] ?? [], [9, null], pots[2] ?? [], pots[3] ?? []]).interval,
    null,
  )
  assert.equal(
    doseResponse(
      [0, 1],
      [
        [0, 0],
        [0, 0],
      ],
    ).noEffectUpTo,
    null,
  )
})

test('a series without its control, or with a dose twice, is refused', () => {
  refuses('no-control', () => doseResponse([25, 50], [1, 2]))
  refuses('bad-argument', () => doseResponse([0, 0], [1, 2]))
  refuses('bad-argument', () => doseResponse([0, 1], [1]))
  refuses('too-few', () => doseResponse([0], [1]))
  refuses('too-few', () => doseResponse([0, 1], [[1, 2], [null]]))
  refuses('not-finite', () => doseResponse([0, 1], [1, Number.NaN]))
})

test('the growth of a pot: area and rate over all its measurements', () => {
  const told = growthCurve([0, 7, 14], [1, Math.E, Math.E ** 2])
  close(told.rgr ?? 0, 1 / 7, 1e-12)
  close(told.auc, (7 * (1 + Math.E)) / 2 + (7 * (Math.E + Math.E ** 2)) / 2, 1e-12)
  assert.deepEqual([told.nRgr, told.from, told.to], [3, 0, 14])
  // In any order; what was not measured is dropped; a size of 0 has no logarithm.
  const gaps = growthCurve([14, 0, 7, 21], [4, 0, 2, null])
  assert.deepEqual([gaps.from, gaps.to, gaps.nRgr], [0, 14, 2])
  close(gaps.rgr ?? 0, Math.LN2 / 7, 1e-12)
  assert.equal(growthCurve([0, 1], [0, 5]).rgr, null)
  refuses('too-few', () => growthCurve([0, 1], [3, null]))
  refuses('bad-argument', () => growthCurve([1, 1], [3, 4]))
  refuses('bad-argument', () => growthCurve([1], [3, 4]))
})
