import assert from 'node:assert/strict'
import { test } from 'node:test'
import fc from 'fast-check'
import { close } from '../../../testing/tables'
import { DomainError } from '../errors'
import { type BlockOfTwo, blockAnova, compareInBlocks } from '.'

const refuses = (code: string, call: () => unknown) =>
  assert.throws(call, (error: unknown) => error instanceof DomainError && error.code === code)
const value = fc.double({ min: -50, max: 200, noNaN: true })

/** Block and treatment by the normal equations, Gauss by hand: the effect, and what is left of the squares. */
function bySolving(table: readonly BlockOfTwo[]): { effect: number; left: number; df: number } {
  const rows = table.flatMap(({ control, treatment }, block) =>
    [control, treatment].flatMap((values, side) =>
      values.flatMap((y) => (y === null ? [] : [{ block, side, y }])),
    ),
  )
  const blocks = [...new Set(rows.map(({ block }) => block))]
  const design = rows.map(({ block, side }) => [side, ...blocks.map((one) => +(one === block))])
  const width = blocks.length + 1
  const cells = Array.from({ length: width }, (_, i) => [
    ...Array.from({ length: width }, (_one, j) =>
      design.reduce((sum, row) => sum + (row[i] ?? 0) * (row[j] ?? 0), 0),
    ),
    design.reduce((sum, row, at) => sum + (row[i] ?? 0) * (rows[at]?.y ?? 0), 0),
  ])
  for (let i = 0; i < width; i++) {
    const pivot = cells
      .slice(i)
      .reduce((best, row) => (Math.abs(row[i] ?? 0) > Math.abs(best[i] ?? 0) ? row : best))
    cells.splice(cells.indexOf(pivot), 1)
    cells.splice(i, 0, pivot)
    for (let k = 0; k < width; k++) {
      if (k === i) continue
      const factor = (cells[k]?.[i] ?? 0) / (pivot[i] ?? 1)
      cells[k] = (cells[k] ?? []).map((one, j) => one - factor * (pivot[j] ?? 0))
    }
  }
  const solved = cells.map((row, i) => (row[width] ?? 0) / (row[i] ?? 1))
  const left = rows.reduce((sum, { y }, at) => {
    const fitted = (design[at] ?? []).reduce((all, x, i) => all + x * (solved[i] ?? 0), 0)
    return sum + (y - fitted) ** 2
  }, 0)
  return { effect: solved[0] ?? 0, left, df: rows.length - width }
}

test('the effect is that of least squares on block and treatment, whatever pots are missing', () => {
  const some = fc.array(fc.option(value, { freq: 3 }), { minLength: 1, maxLength: 3 })
  const block = fc.record({ control: some, treatment: some })
  const full = fc.record({ control: fc.tuple(value), treatment: fc.tuple(value) })
  fc.assert(
    fc.property(full, full, fc.array(block, { maxLength: 3 }), (one, other, more) => {
      const table = [one, other, ...more]
      const told = compareInBlocks(table, { draws: 999 })
      const solved = bySolving(table)
      close(told.difference, solved.effect, 1e-7, 'effect')
      assert.equal(told.df, solved.df)
      if (told.ci) close((told.ci[0] + told.ci[1]) / 2, told.difference, 1e-7, 'middle')
      assert.ok(told.p === null || (told.p > 0 && told.p <= 1))
    }),
    { numRuns: 60 },
  )
})

test('one pot of each in every block is the paired t, its p by all sign flips', () => {
  const differences = [1.2, 0.4, -0.3, 2.2, 1.1]
  const told = compareInBlocks(
    differences.map((one, at) => ({ control: [10 * at], treatment: [10 * at + one] })),
  )
  const mean = 4.6 / 5
  const sd = Math.sqrt(differences.reduce((sum, one) => sum + (one - mean) ** 2, 0) / 4)
  // t of 4 degrees of freedom is 2.7764451051977987.
  const half = (2.7764451051977987 * sd) / Math.sqrt(5)
  close(told.difference, mean, 1e-12)
  close(told.ci?.[0] ?? 0, mean - half, 1e-9)
  close(told.ci?.[1] ?? 0, mean + half, 1e-9)
  // Of 32 ways 4 come to a sum of 4.6 or more: none turned, the -0.3 turned, and their mirrors.
  assert.equal(told.p, 4 / 32)
  assert.deepEqual([told.nControl, told.nTreatment, told.df], [5, 5, 4])
})

test('its t is that of the analysis with blocks', () => {
  const table = [
    [10, 12],
    [14, 17],
    [9, 10],
    [20, 22.5],
  ]
  const told = compareInBlocks(
    table.map(([control = 0, treatment = 0]) => ({ control: [control], treatment: [treatment] })),
  )
  const half = ((told.ci?.[1] ?? 0) - (told.ci?.[0] ?? 0)) / 2
  // t of 3 degrees of freedom is 3.1824463052842638.
  const t = told.difference / (half / 3.1824463052842638)
  close(t ** 2, blockAnova(table).treatment.F ?? 0, 1e-6)
})

test('blocks that do not vary inside have no interval; less than two with both are refused', () => {
  const flat = compareInBlocks([
    { control: [1], treatment: [3] },
    { control: [5], treatment: [7] },
    { control: [2], treatment: [4] },
  ])
  assert.deepEqual([flat.difference, flat.ci, flat.p], [2, null, 2 / 8])
  refuses('too-few', () => compareInBlocks([{ control: [1], treatment: [2] }]))
  refuses('too-few', () =>
    compareInBlocks([
      { control: [1], treatment: [2] },
      { control: [1, 2], treatment: [null] },
    ]),
  )
  refuses('not-finite', () => compareInBlocks([{ control: [Number.NaN], treatment: [2] }]))
  refuses('bad-argument', () => compareInBlocks('blocks' as never))
})
