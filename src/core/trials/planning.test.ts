import assert from 'node:assert/strict'
import { test } from 'node:test'
import { close } from '../../../testing/tables'
import { DomainError } from '../errors'
import {
  assignPots,
  type ComparedTreatment,
  changesFromControl,
  countFindable,
  findable,
  fisherExact,
  maxTAgainstControl,
  protocolSteps,
  replicatesNeeded,
  reviewDesign,
  smallestDifference,
  swapPlaces,
} from '.'

const refuses = (code: string, call: () => unknown) =>
  assert.throws(call, (error: unknown) => error instanceof DomainError && error.code === code)

const CONTROL: ComparedTreatment = {
  name: 'As always',
  mix: 'mix:1:1',
  dosePercent: 0,
  pot: 'a',
  care: '',
}
const DESIGN = {
  kind: 'comparison',
  treatments: 3,
  pots: 4,
  blocks: true,
  crops: 0,
  seeds: 0,
  cv: 20,
  controlShare: 0.8,
} as const

test('a treatment that differs in two ways is told, with both of them', () => {
  const bigger = { ...CONTROL, name: 'Coir, larger', mix: 'mix:2:1', pot: 'b' }
  assert.deepEqual(changesFromControl(CONTROL, bigger), ['mix', 'pot'])
  const remarks = reviewDesign({
    kind: 'comparison',
    treatments: [CONTROL, bigger, { ...CONTROL, name: 'The same', care: '  ' }],
    pots: 1,
    blocks: true,
    checkDays: [],
  })
  assert.deepEqual(
    remarks.map(({ id }) => id),
    ['two-changes', 'no-change', 'one-pot', 'no-check'],
  )
})

test('of a sound design nothing is said; two alike, few doses and no full one are', () => {
  const dose = (dosePercent: number) => ({ ...CONTROL, name: `${dosePercent} %`, dosePercent })
  const of = (doses: readonly number[]) =>
    reviewDesign({
      kind: 'dose',
      treatments: doses.map(dose),
      pots: 6,
      blocks: true,
      checkDays: [7, 14],
    }).map(({ id }) => id)
  assert.deepEqual(of([0, 25, 50, 75, 100]), [])
  assert.deepEqual(of([0, 25, 50]), ['few-doses', 'no-full-dose'])
  assert.deepEqual(of([0, 50, 50, 100]), ['twice'])
})

test('what a design finds is what the power functions say, alpha shared among the treatments', () => {
  const found = findable(DESIGN)
  assert.equal(found.by, 'means')
  if (found.by !== 'means') return
  const asked = { nControl: 4, nTreatment: 4, comparisons: 2 }
  assert.equal(found.differencePercent, smallestDifference(asked))
  assert.equal(found.potsFor20, replicatesNeeded({ differencePercent: 20, comparisons: 2 }))
  const differences = found.more.map(({ differencePercent }) => differencePercent)
  assert.ok(found.more.every(({ pots }) => pots > 4))
  assert.deepEqual(
    differences,
    [...differences].sort((a, b) => b - a),
  )
})

test('the smallest p of a design is the one that the clearest result gets', () => {
  const found = findable({ ...DESIGN, pots: 3, blocks: false })
  // Far apart: no arrangement of the pots is as extreme, but for the ones that count in the same way.
  const clear = maxTAgainstControl(
    [
      [1, 2, 3],
      [1001, 1002, 1003],
      [1, 2, 3],
    ],
    {},
  )
  if (found.by !== 'means') throw new Error('Means are compared.')
  assert.ok(found.smallestP <= (clear.p[0] ?? 0))
  assert.ok(found.smallestP > 0)
})

test('five crops cannot tell, six can; three mixes need seven', () => {
  const side = (crops: number, treatments = 2) =>
    findable({ ...DESIGN, kind: 'side-by-side', crops, treatments })
  assert.deepEqual(side(5), { by: 'signs', smallestP: 0.0625, cropsNeeded: 6 })
  assert.deepEqual(side(6), { by: 'signs', smallestP: 0.03125, cropsNeeded: 6 })
  assert.deepEqual(side(6, 3), { by: 'signs', smallestP: 0.0625, cropsNeeded: 7 })
})

test('one pot a side finds nothing, nor do two trays; seeds in pots of their own are counted', () => {
  assert.deepEqual(findable({ ...DESIGN, pots: 1 }), { by: 'nothing' })
  assert.equal(findable({ ...DESIGN, pots: 12, seeds: 1 }).by, 'counts')
  assert.deepEqual(findable({ ...DESIGN, pots: 2, seeds: 12 }), { by: 'few-trays' })
  assert.equal(findable({ ...DESIGN, pots: 3, seeds: 12 }).by, 'means')
  refuses('too-few', () => findable({ ...DESIGN, treatments: 1 }))
})

test('the share of seeds that is found agrees with all pairs of counts looked at one by one', () => {
  const [n, share] = [12, 0.8]
  const found = countFindable({ nControl: n, nTreatment: n, controlShare: share })
  const choose = (k: number) => {
    let c = 1
    for (let i = 1; i <= k; i++) c = (c * (n - k + i)) / i
    return c
  }
  const chance = (k: number, p: number) => choose(k) * p ** k * (1 - p) ** (n - k)
  const power = (p: number) => {
    let sum = 0
    for (let up = 0; up <= n; up++) {
      for (let down = 0; down < up; down++) {
        const test = fisherExact(down, n - down, up, n - up)
        if (test.p < 0.05) sum += chance(up, share) * chance(down, p)
      }
    }
    return sum
  }
  assert.ok(found !== null)
  assert.ok(power(found) >= 0.8)
  assert.ok(power(found + 0.002) < 0.8)
  close(power(found), 0.8, 0.01)
})

test('three seeds against three never show anything; impossible shares are refused', () => {
  assert.equal(countFindable({ nControl: 3, nTreatment: 3, controlShare: 1 }), null)
  refuses('bad-argument', () => countFindable({ nControl: 3, nTreatment: 3, controlShare: 0 }))
  refuses('bad-argument', () => countFindable({ nControl: 201, nTreatment: 3, controlShare: 1 }))
  refuses('not-finite', () => countFindable({ nControl: NaN, nTreatment: 3, controlShare: 1 }))
})

test('the seedling test presoaks, sows at one depth, waters from below and says its light', () => {
  const protocol = { presoakHours: 8, depthCm: 2, bottomWater: true, light: 'window' } as const
  const ids = (more: object) =>
    protocolSteps({ kind: 'dose', seeds: 5, protocol, isSown: true, ...more }).map(({ id }) => id)
  assert.deepEqual(ids({}), [
    'pots',
    'label',
    'fill-alike',
    'presoak',
    'depth',
    'bottom-water',
    'light',
    'places',
  ])
  assert.ok(!ids({ protocol: { ...protocol, presoakHours: 0 } }).includes('presoak'))
  assert.ok(ids({ kind: 'count', seeds: 0, isSown: false }).includes('no-seeds'))
  assert.ok(ids({ kind: 'comparison', seeds: 0, isSown: false }).includes('plant-alike'))
})

test('pots change places within their block only', () => {
  const pot = (id: number, block: number) => ({ id, block, row: block, column: id, position: id })
  const [one, other] = swapPlaces(pot(1, 0), pot(2, 0))
  assert.deepEqual([one.column, other.column], [2, 1])
  refuses('bad-argument', () => swapPlaces(pot(1, 0), pot(2, 1)))
})

test('pots that hold a lot are pots of its treatment; the empty ones are dealt out', () => {
  const pots = [
    { id: 1, lotId: null },
    { id: 2, lotId: 7 },
    { id: 3, lotId: null },
  ]
  assert.deepEqual(assignPots([null, 7, null], pots), [1, 2, 3])
  assert.deepEqual(assignPots([7, 7, null], pots), [2, 1, 3])
  refuses('too-few', () => assignPots([null], pots))
  refuses('bad-argument', () => assignPots([null, null, null], pots))
})
