import assert from 'node:assert/strict'
import { test } from 'node:test'
import fc from 'fast-check'
import { rankCandidates, toldApart } from '.'

test('exact numbers are apart when they differ, ranges when they do not meet', () => {
  assert.equal(toldApart({ value: 0.12 }, { value: 0.13 }), true)
  assert.equal(toldApart({ value: 0.12 }, { value: 0.12 }), false)
  const air = (value: number, likely: [number, number]) => ({ value, likely })
  assert.equal(toldApart(air(0.1, [0.08, 0.13]), air(0.16, [0.12, 0.2])), false)
  assert.equal(toldApart(air(0.1, [0.08, 0.11]), air(0.16, [0.12, 0.2])), true)
})

test('one run of a test tells nothing apart, repeats do where their spreads do not overlap', () => {
  const runs = (...all: number[]) => ({ value: all[0] ?? 0, runs: all })
  assert.equal(toldApart(runs(20), runs(60)), false)
  assert.equal(toldApart(runs(20, 24), runs(60, 66)), true)
  assert.equal(toldApart(runs(20, 62), runs(60, 66)), false)
  assert.equal(toldApart(runs(0, 0), runs(3, 4)), true, 'none at all counts as well')
  const recipe = { value: 6, likely: [5.6, 6.4] as const }
  assert.equal(toldApart(runs(7), recipe), false)
  assert.equal(toldApart(runs(7, 7.1), recipe), true)
})

test('the best comes first, what is not known last, and only what is told apart is behind', () => {
  const dear = rankCandidates([{ value: 0.3 }, null, { value: 0.1 }, { value: 0.1 }], 'less')
  assert.deepEqual(dear, { order: [2, 3, 0, 1], leader: 2, level: [3], behind: [0], unknown: [1] })
  const air = rankCandidates(
    [
      { value: 0.05, likely: [0.03, 0.08] },
      { value: 0.2, likely: [0.15, 0.25] },
      { value: 0.11, likely: [0.07, 0.16] },
    ],
    { low: 0.12, high: 0.22 },
  )
  assert.deepEqual(air.order, [1, 2, 0])
  assert.deepEqual([air.level, air.behind], [[2], [0]])
})

test('two that are both within what is wanted are level, however sure they are', () => {
  const both = rankCandidates([{ value: 0.2 }, { value: 0.14 }], { low: 0.1, high: 0.25 })
  assert.deepEqual([both.leader, both.level, both.behind], [0, [1], []])
})

test('where a trial judged them, what it found decides', () => {
  const ranked = rankCandidates(
    [{ value: 40 }, { value: 55 }, { value: 52 }],
    'more',
    (one, other) => [one, other].includes(0) && [one, other].includes(1),
  )
  assert.deepEqual(ranked, { order: [1, 2, 0], leader: 1, level: [2], behind: [0], unknown: [] })
})

test('nobody is lost, and nobody stands before a better one', () => {
  const value = fc.option(
    fc.double({ min: -100, max: 100, noNaN: true }).map((x) => ({ value: x })),
  )
  fc.assert(
    fc.property(fc.array(value, { maxLength: 6 }), (values) => {
      const { order, leader, level, behind, unknown } = rankCandidates(values, 'more')
      const all = [...(leader === null ? [] : [leader]), ...level, ...behind, ...unknown]
      assert.deepEqual([...order].sort(), values.map((_, at) => at).sort())
      assert.deepEqual([...all].sort(), [...order].sort())
      const known = order.flatMap((at) => values[at] ?? []).map((one) => one.value)
      for (const [i, one] of known.entries()) assert.ok(i === 0 || (known[i - 1] ?? 0) >= one)
    }),
  )
})
