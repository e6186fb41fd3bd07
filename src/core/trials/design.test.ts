import assert from 'node:assert/strict'
import { test } from 'node:test'
import gammaln from '@stdlib/math-base-special-gammaln'
import { close } from '../../../testing/tables'
import { DomainError } from '../errors'
import { criticalT } from '../statistics'
import {
  fisherExact,
  layoutTrial,
  maxTAgainstControl,
  powerTwoGroups,
  replicatesNeeded,
  smallestDifference,
  smallestFisherP,
  smallestMaxTP,
  verdict,
} from '.'

const refuses = (code: string, call: () => unknown) =>
  assert.throws(call, (error: unknown) => error instanceof DomainError && error.code === code)

/** Power by integrating over the spread that is found: independent of the noncentral t. */
function powerByIntegral(n: number, d: number, alpha: number): number {
  const df = 2 * n - 2
  const ncp = d * Math.sqrt(n / 2)
  const t = criticalT(alpha, df)
  const normal = (x: number) => 0.5 * (1 + erf(x / Math.SQRT2))
  // The found sd, as a share of the true one, is chi over the root of df.
  const density = (s: number) =>
    Math.exp(
      Math.log(2) +
        (df / 2) * Math.log(df / 2) -
        gammaln(df / 2) +
        (df - 1) * Math.log(s) -
        (df * s * s) / 2,
    )
  let sum = 0
  const step = 1e-4
  for (let s = step / 2; s < 4; s += step) {
    sum += step * density(s) * (1 - normal(t * s - ncp) + normal(-t * s - ncp))
  }
  return sum
}

function erf(x: number): number {
  // Series; enough where |x| stays below 6.
  if (Math.abs(x) > 6) return Math.sign(x)
  let [term, sum] = [x, x]
  for (let n = 1; n < 200; n++) {
    term *= (-x * x) / n
    sum += term / (2 * n + 1)
  }
  return (2 / Math.sqrt(Math.PI)) * sum
}

test('power as published, and as an integral over the spread gives it', () => {
  close(powerTwoGroups({ n: 20, cv: 20, differencePercent: 20 }), 0.868953, 2e-6)
  close(powerTwoGroups({ n: 17, cv: 20, differencePercent: 20 }), 0.807037, 2e-6)
  for (const [n, d] of [
    [3, 1.5],
    [6, 1],
    [12, 0.5],
  ] as const) {
    close(
      powerTwoGroups({ n, cv: 20, differencePercent: 20 * d }),
      powerByIntegral(n, d, 0.05),
      1e-6,
    )
  }
  // Which way it goes does not matter; no difference is found as often as alpha says.
  const down = powerTwoGroups({ n: 6, cv: 20, differencePercent: -20 })
  close(down, powerTwoGroups({ n: 6, cv: 20, differencePercent: 20 }), 1e-12)
  close(powerTwoGroups({ n: 6, cv: 20, differencePercent: 0 }), 0.05, 1e-6)
})

test('as many pots as are needed, and not one more', () => {
  assert.equal(replicatesNeeded({ differencePercent: 20 }), 17)
  for (const differencePercent of [10, 25, 60, 200]) {
    const n = replicatesNeeded({ differencePercent }) ?? 0
    assert.ok(powerTwoGroups({ n, differencePercent }) >= 0.8)
    if (n > 2) assert.ok(powerTwoGroups({ n: n - 1, differencePercent }) < 0.8)
  }
  const shared = replicatesNeeded({ differencePercent: 20, comparisons: 3 }) ?? 0
  assert.ok(shared > 17)
  assert.equal(replicatesNeeded({ differencePercent: 0.5 }), null)
  refuses('bad-argument', () => replicatesNeeded({ differencePercent: 0 }))
  refuses('bad-argument', () => replicatesNeeded({ differencePercent: 20, cv: 0.2 }))
  refuses('too-few', () => powerTwoGroups({ n: 1, differencePercent: 20 }))
  refuses('not-finite', () => powerTwoGroups({ n: Number.NaN, differencePercent: 20 }))
})

test('the smallest difference that a trial could have found is the one found with that power', () => {
  const d = smallestDifference({ nControl: 6, nTreatment: 6 })
  close(powerTwoGroups({ n: 6, differencePercent: d }), 0.8, 1e-6)
  assert.ok(smallestDifference({ nControl: 12, nTreatment: 6 }) < d)
  assert.ok(smallestDifference({ nControl: 6, nTreatment: 6, comparisons: 4 }) > d)
  close(smallestDifference({ nControl: 6, nTreatment: 6, cv: 40 }), 2 * d, 1e-6)
  refuses('too-few', () => smallestDifference({ nControl: 1, nTreatment: 6 }))
})

test('pots in complete blocks on rows of their own, the same for a seed, codes that tell nothing', () => {
  const asked = { treatments: ['control', 'a', 'b'], replicates: 4, columns: 2, seed: 5 }
  const places = layoutTrial(asked)
  assert.equal(places.length, 12)
  assert.deepEqual(layoutTrial(asked), places)
  assert.notDeepEqual(layoutTrial({ ...asked, seed: 6 }), places)
  for (let block = 0; block < 4; block++) {
    const here = places.filter((one) => one.block === block)
    assert.deepEqual(here.map(({ treatment }) => treatment).sort(), ['a', 'b', 'control'])
    const rows = new Set(here.map(({ row }) => row))
    assert.ok(places.every((one) => one.block === block || !rows.has(one.row)))
  }
  assert.equal(new Set(places.map(({ row, column }) => `${row},${column}`)).size, 12)
  assert.equal(new Set(places.map(({ code }) => code)).size, 12)
  const free = layoutTrial({ ...asked, blocks: false })
  assert.ok(free.every(({ block }) => block === null))
  assert.deepEqual(
    free.filter(({ treatment }) => treatment === 'a').map(({ replicate }) => replicate),
    [1, 2, 3, 4],
  )
  refuses('too-few', () => layoutTrial({ ...asked, treatments: ['control'] }))
  refuses('bad-argument', () => layoutTrial({ ...asked, treatments: ['a', 'a'] }))
  refuses('bad-argument', () => layoutTrial({ ...asked, columns: 0 }))
})

test('where treatments stand is even over many seeds', () => {
  const first = new Map<string, number>()
  for (let seed = 1; seed <= 3000; seed++) {
    const [place] = layoutTrial({ treatments: ['c', 'a', 'b'], replicates: 2, columns: 3, seed })
    if (place) first.set(place.treatment, (first.get(place.treatment) ?? 0) + 1)
  }
  for (const count of first.values()) assert.ok(Math.abs(count - 1000) < 120, `${count}`)
})

test('the verdict says no more than the pots can carry', () => {
  const asked = { isVoid: false, p: 0.01, smallestP: 0, difference: 3, wish: 'more' } as const
  const said = (more: Partial<Parameters<typeof verdict>[0]>) => verdict({ ...asked, ...more })
  const rows = [
    [{}, 'better', null],
    [{ wish: 'less' }, 'worse', null],
    [{ difference: -3 }, 'worse', null],
    [{ difference: -3, wish: 'less' }, 'better', null],
    [{ p: 0.05 }, 'no-difference', null],
    [{ p: 0.8 }, 'no-difference', null],
    [{ difference: 0 }, 'no-difference', null],
    [{ p: null }, 'cannot-tell', 'no-p'],
    [{ smallestP: 0.1, p: 0.1 }, 'cannot-tell', 'too-small'],
    [{ smallestP: 0.05 }, 'cannot-tell', 'too-small'],
    [{ isVoid: true }, 'cannot-tell', 'void'],
    [{ isVoid: true, p: null }, 'cannot-tell', 'void'],
  ] as const
  for (const [more, expected, reason] of rows) {
    assert.deepEqual(said(more as object), { verdict: expected, reason }, JSON.stringify(more))
  }
  refuses('bad-argument', () => said({ p: 2 }))
})

test('the smallest p that a test could give is the one of its clearest outcome', () => {
  assert.equal(smallestMaxTP([[3, 3]], 1), 0.1)
  const clear = maxTAgainstControl([
    [1, 2, 3, 4],
    [11, 12, 13, 14],
  ])
  assert.equal(smallestMaxTP([[4, 4]], 1), clear.p[0])
  const uneven = maxTAgainstControl([
    [1, 2, 3],
    [11, 12, 13, 14],
  ])
  assert.equal(smallestMaxTP([[3, 4]], 1), uneven.p[0])
  assert.equal(smallestFisherP(3, 3), fisherExact(3, 0, 0, 3).p)
  close(smallestFisherP(3, 3), 0.1, 1e-12)
  assert.equal(smallestFisherP(0, 3), 1)
})
