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
