import assert from 'node:assert/strict'
import { test } from 'node:test'
import fc from 'fast-check'
import { close } from '../../../testing/tables'
import { DomainError } from '../errors'
import { blockAnova, compareToControl, describe, welchAnova } from '.'

const refuses = (code: string, call: () => unknown) =>
  assert.throws(call, (error: unknown) => error instanceof DomainError && error.code === code)

// A published comparison of two groups of ten, and one of three groups of ten.
const FIRST = [0.7, -1.6, -0.2, -1.2, -0.1, 3.4, 3.7, 0.8, 0, 2]
const SECOND = [1.9, 0.8, 1.1, 0.1, -0.1, 4.4, 5.5, 1.6, 4.6, 3.4]
const THREE = [
  [4.17, 5.58, 5.18, 6.11, 4.5, 4.61, 5.17, 4.53, 5.33, 5.14],
  [4.81, 4.17, 4.41, 3.59, 5.87, 3.83, 6.03, 4.89, 4.32, 4.69],
  [6.31, 5.12, 5.54, 5.5, 5.37, 5.29, 4.92, 6.15, 5.8, 5.26],
]

test('what a group came to; pots not used are dropped and counted', () => {
  const told = describe([4, null, 6, 8, null])
  assert.deepEqual([told.n, told.missing, told.mean, told.median], [3, 2, 6, 6])
  close(told.sd ?? 0, 2, 1e-12)
  close(told.se ?? 0, 2 / Math.sqrt(3), 1e-12)
  // t of 2 degrees of freedom is 4.302652729911275.
  close((told.ci?.[1] ?? 0) - 6, (4.302652729911275 * 2) / Math.sqrt(3), 1e-9)
  assert.deepEqual(describe([7]), {
    n: 1,
    missing: 0,
    mean: 7,
    median: 7,
    sd: null,
    se: null,
    ci: null,
  })
  assert.equal(describe([1, 2, 3, 10]).median, 2.5)
  refuses('too-few', () => describe([null, null]))
  refuses('not-finite', () => describe([1, Number.NaN]))
  refuses('not-finite', () => describe([1, undefined as unknown as number]))
  refuses('bad-argument', () => describe('12' as unknown as number[]))
})

test('a treatment against its control by Welch, with its interval and Hedges’ g', () => {
  const told = compareToControl(FIRST, SECOND)
  close(told.difference, 1.58, 1e-12)
  close(told.t ?? 0, 1.860813, 1e-6)
  close(told.df ?? 0, 17.77647, 1e-5)
  close(told.p ?? 0, 0.07939414, 1e-8)
  close(told.ci?.[0] ?? 0, -0.2054832, 1e-7)
  close(told.ci?.[1] ?? 0, 3.3654832, 1e-7)
  // J of 18 degrees of freedom is 0.957, the pooled spread 1.8986.
  close(told.hedgesG ?? 0, (0.9576 * 1.58) / 1.8986, 1e-3)
  close(told.percentOfControl ?? 0, (100 * 2.33) / 0.75, 1e-9)
})

test('small p values keep their digits', () => {
  const { p } = compareToControl([1, 2, 3, 4, 5], [101, 102, 103, 104, 105])
  // t = 100, df = 8: the two tails hold 1.1e-13.
  assert.ok(p !== null && p > 1e-14 && p < 1e-12, `${p}`)
})

test('without variation nothing is tested, but the difference stands', () => {
  const told = compareToControl([5, 5, 5], [6, 6, 6])
  assert.deepEqual(
    [told.difference, told.percentOfControl, told.ci, told.p, told.t, told.df, told.hedgesG],
    [1, 120, null, null, null, null, null],
  )
  assert.notEqual(compareToControl([5, 5, 5], [6, 7, 6]).p, null)
  assert.equal(compareToControl([0, 0], [0, 0]).p, null)
  assert.equal(compareToControl([-1, -2], [1, 2]).percentOfControl, null)
  refuses('too-few', () => compareToControl([1, null], [1, 2]))
})

test('exchanging the sides turns difference, t and g about and leaves p alone', () => {
  const pots = fc.array(fc.double({ min: 1, max: 50, noNaN: true }), { minLength: 2, maxLength: 9 })
  fc.assert(
    fc.property(pots, pots, (one, other) => {
      const [there, back] = [compareToControl(one, other), compareToControl(other, one)]
      close(there.difference, -back.difference, 1e-9)
      if (there.p === null || back.p === null) return there.p === back.p
      close(there.p, back.p, 1e-9)
      close(there.hedgesG ?? 0, -(back.hedgesG ?? 0), 1e-6)
      return JSON.stringify(there).includes('NaN') === false && there.p >= 0 && there.p <= 1
    }),
    { numRuns: 300 },
  )
})

test('three groups of unlike spread by Welch', () => {
  const told = welchAnova(THREE)
  close(told.F ?? 0, 5.181, 5e-4)
  close(told.df2 ?? 0, 17.128, 5e-4)
  close(told.p ?? 0, 0.01739, 5e-6)
  assert.equal(told.df1, 2)
  // Two groups: F is the square of Welch's t.
  const two = welchAnova([FIRST, SECOND])
  const { t, p } = compareToControl(FIRST, SECOND)
  close(two.F ?? 0, (t ?? 0) ** 2, 1e-9)
  close(two.p ?? 0, p ?? 0, 1e-9)
  assert.deepEqual(
    welchAnova([
      [1, 1],
      [1, 2],
    ]),
    { F: null, df1: 1, df2: null, p: null },
  )
  refuses('too-few', () => welchAnova([[1, 2]]))
  refuses('too-few', () => welchAnova([[1, 2], [3]]))
})

test('blocks and treatments in a whole table: the textbook analysis', () => {
  const table = [
    [10, 12, 14],
    [11, 15, 14],
    [9, 11, 16],
    [14, 15, 19],
  ]
  const mean = table.flat().reduce((sum, one) => sum + one, 0) / 12
  const meanOf = (values: readonly number[]) =>
    values.reduce((sum, one) => sum + one, 0) / values.length
  const ofBlock = table.map(meanOf)
  const ofTreatment = [0, 1, 2].map((at) => meanOf(table.map((row) => row[at] as number)))
  const treatmentSum = 4 * ofTreatment.reduce((sum, one) => sum + (one - mean) ** 2, 0)
  const blockSum = 3 * ofBlock.reduce((sum, one) => sum + (one - mean) ** 2, 0)
  const total = table.flat().reduce((sum, one) => sum + (one - mean) ** 2, 0)
  const residual = (total - treatmentSum - blockSum) / 6
  const { treatment, block } = blockAnova(table)
  close(treatment.F ?? 0, treatmentSum / 2 / residual, 1e-9)
  close(block.F ?? 0, blockSum / 3 / residual, 1e-9)
  assert.deepEqual([treatment.df1, treatment.df2, block.df1], [2, 6, 3])
})

test('a missing cell: each effect adjusted for the other, as alternating means find it', () => {
  const table = [
    [10, null, 14],
    [11, 15, 14],
    [9, 11, null],
    [14, 15, 19],
  ]
  const cells = table.flatMap((row, block) =>
    row.flatMap((value, treatment) => (value === null ? [] : [{ block, treatment, value }])),
  )
  /** Residual sum of squares of an additive fit, found by sweeping means out in turns. */
  const leftOver = (factors: readonly ('block' | 'treatment')[]) => {
    let rest = cells.map(({ value }) => value)
    for (let turn = 0; turn < 4000; turn++) {
      for (const factor of factors) {
        rest = rest.map((one, at) => {
          const alike = rest.filter((_, other) => cells[other]?.[factor] === cells[at]?.[factor])
          return one - alike.reduce((sum, value) => sum + value, 0) / alike.length
        })
      }
    }
    return rest.reduce((sum, one) => sum + one * one, 0)
  }
  const full = leftOver(['block', 'treatment'])
  const { treatment, block } = blockAnova(table)
  assert.equal(treatment.df2, 10 - 4 - 3 + 1)
  close(treatment.F ?? 0, (leftOver(['block']) - full) / 2 / (full / 4), 1e-6)
  close(block.F ?? 0, (leftOver(['treatment']) - full) / 3 / (full / 4), 1e-6)
})

test('tables that carry no analysis are refused or told as not defined', () => {
  refuses('too-few', () => blockAnova([[1, 2, 3]]))
  refuses('too-few', () => blockAnova([[1], [2]]))
  refuses('too-few', () =>
    blockAnova([
      [1, null],
      [null, 2],
    ]),
  )
  refuses('bad-argument', () => blockAnova([[1, 2], [3]]))
  const exact = blockAnova([
    [1, 2],
    [3, 4],
  ])
  assert.deepEqual([exact.treatment.F, exact.treatment.p], [null, null])
})
