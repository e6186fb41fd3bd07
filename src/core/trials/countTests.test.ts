import assert from 'node:assert/strict'
import { test } from 'node:test'
import fc from 'fast-check'
import { close } from '../../../testing/tables'
import { DomainError } from '../errors'
import { cochranArmitage, fisherExact, holm, signTest, wilson } from '.'

const refuses = (code: string, call: () => unknown) =>
  assert.throws(call, (error: unknown) => error instanceof DomainError && error.code === code)

test('Fisher decides, not the eye', () => {
  assert.equal(fisherExact(5, 1, 6, 0).p, 1)
  close(fisherExact(0, 6, 5, 1).p, 14 / 924, 1e-12)
  close(fisherExact(1, 5, 5, 1).p, 74 / 924, 1e-12)
  const tea = fisherExact(3, 1, 1, 3)
  close(tea.p, 34 / 70, 1e-12)
  // 16ψ + 72ψ² + 48ψ³ + 4ψ⁴ over 1 + 16ψ + 36ψ² + 16ψ³ + ψ⁴ is the three that were seen.
  const psi = tea.oddsRatio ?? 0
  close(psi ** 4 - 36 * psi ** 2 - 32 * psi - 3, 0, 1e-7)
})

test('the odds ratio makes as many likely as were seen; at the ends it is 0 or infinite', () => {
  assert.equal(fisherExact(0, 4, 2, 3).oddsRatio, 0)
  assert.equal(fisherExact(4, 0, 2, 3).oddsRatio, Number.POSITIVE_INFINITY)
  assert.deepEqual(fisherExact(0, 0, 2, 3), { p: 1, oddsRatio: null })
  assert.deepEqual(fisherExact(3, 0, 2, 0), { p: 1, oddsRatio: null })
  refuses('bad-count', () => fisherExact(0, 0, 0, 0))
  refuses('bad-count', () => fisherExact(1.5, 2, 3, 4))
  refuses('bad-count', () => fisherExact(-1, 2, 3, 4))
  refuses('not-finite', () => fisherExact(Number.NaN, 2, 3, 4))
})

test('Fisher against tables counted one by one', () => {
  const choose = (n: number, k: number): number => (k === 0 ? 1 : (n * choose(n - 1, k - 1)) / k)
  const count = fc.integer({ min: 0, max: 9 })
  fc.assert(
    fc.property(count, count, count, count, (a, b, c, d) => {
      fc.pre(a + b + c + d > 0)
      const [one, other, yes] = [a + b, c + d, a + c]
      const chance = (x: number) =>
        (choose(one, x) * choose(other, yes - x)) / choose(one + other, yes)
      let p = 0
      for (let x = Math.max(0, yes - other); x <= Math.min(one, yes); x++) {
        if (chance(x) <= chance(a) * (1 + 1e-7)) p += chance(x)
      }
      close(fisherExact(a, b, c, d).p, Math.min(1, p), 1e-10)
      close(fisherExact(c, d, a, b).p, fisherExact(a, b, c, d).p, 1e-10)
    }),
    { numRuns: 300 },
  )
})

test('Holm: step by step, never falling, none above 1; what is not defined is not counted', () => {
  assert.deepEqual(
    holm([0.01, 0.04, 0.03]).map((p) => Math.round(1000 * (p ?? 0)) / 1000),
    [0.03, 0.06, 0.06],
  )
  assert.deepEqual(holm([0.02, null, 0.5]), [0.04, null, 0.5])
  assert.deepEqual(holm([]), [])
  assert.deepEqual(holm([0.9, 0.9]), [1, 1])
  refuses('bad-argument', () => holm([1.2]))
  refuses('not-finite', () => holm([Number.NaN]))
})

test('a share that falls with the dose', () => {
  const told = cochranArmitage([1, 2, 3, 4], [83, 90, 129, 70], [86, 93, 136, 82])
  close(told.z ** 2, 8.2249, 5e-5)
  assert.ok(told.z < 0)
  close(told.p, 0.004132, 5e-7)
  const shuffled = cochranArmitage([3, 1, 4, 2], [129, 83, 70, 90], [136, 86, 82, 93])
  close(shuffled.z, told.z, 1e-12)
  // Another unit of the dose is the same trend.
  close(cochranArmitage([10, 20, 30, 40], [83, 90, 129, 70], [86, 93, 136, 82]).z, told.z, 1e-12)
  assert.deepEqual(cochranArmitage([0, 1], [0, 0], [5, 5]), { z: 0, p: 1 })
  refuses('too-few', () => cochranArmitage([5, 5], [1, 2], [3, 3]))
  refuses('bad-argument', () => cochranArmitage([0, 1], [1], [3, 3]))
  refuses('bad-count', () => cochranArmitage([0, 1], [4, 1], [3, 3]))
})

test('germination with its interval', () => {
  const told = wilson(15, 20)
  assert.equal(told.proportion, 0.75)
  close(told.ci[0], 0.5313, 5e-5)
  close(told.ci[1], 0.8881, 5e-5)
  assert.equal(wilson(0, 6).ci[0], 0)
  assert.equal(wilson(6, 6).ci[1], 1)
  close(wilson(6, 6).ci[0], 1 - wilson(0, 6).ci[1], 1e-12)
  refuses('bad-count', () => wilson(3, 2))
  refuses('bad-count', () => wilson(0, 0))
})

test('crops side by side: as heads and tails', () => {
  assert.deepEqual(signTest(8, 2), { n: 10, ties: 0, p: 0.109375 })
  assert.deepEqual(signTest(5, 0, 3), { n: 5, ties: 3, p: 0.0625 })
  assert.equal(signTest(3, 3).p, 1)
  refuses('too-few', () => signTest(0, 0, 4))
  refuses('bad-count', () => signTest(1.5, 2))
})
