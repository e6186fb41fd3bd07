import assert from 'node:assert/strict'
import { test } from 'node:test'
import { close } from '../../../testing/tables'
import { DomainError } from '../errors'
import { type PowerQuestion, powerOfDesign, powerTwoGroups, smallestDifference } from '.'
import { requireDesign } from './simulatedDesign'
import { countedTrays } from './simulateRun'

const refuses = (code: string, call: () => unknown) =>
  assert.throws(call, (error: unknown) => error instanceof DomainError && error.code === code)
const of = (more: Partial<PowerQuestion> = {}) =>
  powerOfDesign({
    kind: 'comparison',
    treatments: 2,
    pots: 8,
    differencePercent: 30,
    runs: 600,
    ...more,
  })
/** Three standard errors of a share over so many runs. */
const chance = (share: number, runs = 600) => 3 * Math.sqrt((share * (1 - share)) / runs)

test('two groups without blocks: as the noncentral t says, and the same for a seed', () => {
  const told = of()
  const expected = powerTwoGroups({ n: 8, differencePercent: 30 })
  close(told.power, expected, chance(expected), 'power')
  assert.ok(told.falsePositive < 0.05 + chance(0.05), `${told.falsePositive}`)
  const smallest = smallestDifference({ nControl: 8, nTreatment: 8 })
  close(told.leastDifference ?? 0, smallest, 2.5, 'least difference')
  assert.deepEqual(of(), told)
  assert.notDeepEqual(of({ seed: 2 }), told)
  assert.deepEqual(of({ differencePercent: -30 }).leastDifference !== null, true)
})

test('blocks take out what differs between them, and are paid for by the pots they need', () => {
  const uneven = { blockCv: 60, differencePercent: 40 }
  const blocked = of({ ...uneven, blocks: true })
  // In the blocks nothing but the plants varies: the paired t, less what whole arrangements cost.
  const paired = of({ ...uneven, blocks: true, blockCv: 0 })
  close(blocked.power, paired.power, 1e-9, 'the same plants')
  assert.ok(blocked.power > 0.85, `${blocked.power}`)
  assert.ok(blocked.falsePositive < 0.05 + chance(0.05), `${blocked.falsePositive}`)
  // Five blocks of two can never go below 2 of 32.
  assert.deepEqual(of({ blocks: true, pots: 5, differencePercent: 300 }), {
    power: 0,
    falsePositive: 0,
    leastDifference: null,
  })
})

test('several treatments: wolf is cried once in twenty trials, not once in twenty comparisons', () => {
  const told = of({ treatments: 4, blocks: true, pots: 6, runs: 300, differencePercent: 60 })
  assert.ok(told.falsePositive < 0.05 + chance(0.05, 300), `${told.falsePositive}`)
  assert.ok(told.power > 0.8 && (told.leastDifference ?? 999) < 60)
  // Three arms of three blocks: max-T stays below one half, whatever grows.
  const few = of({ treatments: 3, blocks: true, pots: 3, runs: 200, differencePercent: 300 })
  assert.ok(few.power < 0.5, `${few.power}`)
  assert.equal(few.leastDifference, null)
})

test('more pots find no less, and a larger difference is found no less often', () => {
  const powers = [4, 6, 10, 16].map((pots) => of({ pots, runs: 300, treatments: 3 }).power)
  for (const [at, one] of powers.slice(1).entries()) assert.ok(one >= (powers[at] ?? 1) - 0.03)
  const sizes = [10, 20, 40, 80].map((one) => of({ differencePercent: one, runs: 300 }).power)
  for (const [at, one] of sizes.slice(1).entries()) assert.ok(one >= (sizes[at] ?? 1))
})

test('seeds of a tray share its luck: trays are what is counted, fewer than three find nothing', () => {
  const trays = (more: Partial<PowerQuestion>) =>
    of({ kind: 'count', share: 0.8, seeds: 20, differencePercent: 40, ...more })
  const many = trays({ pots: 6 })
  assert.ok(many.power > 0.7, `${many.power}`)
  assert.ok(many.falsePositive < 0.05 + chance(0.05), `${many.falsePositive}`)
  assert.ok(trays({ pots: 6, trayCv: 40 }).power < many.power, 'uneven trays hide it')
  const two = trays({ pots: 2, seeds: 100 })
  assert.deepEqual([two.power, two.falsePositive, two.leastDifference], [0, 0, null])
  // A seed in each pot: by Fisher, which is careful.
  const alone = trays({ pots: 30, seeds: 1, differencePercent: 60 })
  assert.ok(alone.power > 0.9 && alone.falsePositive < 0.05, JSON.stringify(alone))
  assert.equal(trays({ pots: 3, seeds: 1 }).leastDifference, null)
})

test('trays vary as they are said to: beta-binomial, mean and spread', () => {
  const design = requireDesign({
    kind: 'count',
    treatments: 2,
    pots: 40,
    share: 0.6,
    seeds: 25,
    trayCv: 20,
  })
  const ups = Array.from({ length: 60 }, (_, run) => countedTrays(design, 0, 5, run)).flat(2)
  const shares = ups.map((up) => up / 25)
  const mean = shares.reduce((sum, one) => sum + one, 0) / shares.length
  const spread = shares.reduce((sum, one) => sum + (one - mean) ** 2, 0) / (shares.length - 1)
  close(mean, 0.6, 0.01, 'mean')
  // Of the trays 0.12², of the seeds in them what is left of 0.6 · 0.4 shared out among 25.
  const expected = 0.12 ** 2 + (0.6 * 0.4 - 0.12 ** 2) / 25
  close(Math.sqrt(spread), Math.sqrt(expected), 0.006, 'spread')
})

test('crops side by side: fewer than six decide nothing, ten find what is plain', () => {
  const sides = (crops: number) =>
    of({ kind: 'side-by-side', crops, pots: 2, differencePercent: 40, runs: 300 })
  assert.equal(sides(5).power, 0)
  assert.ok(sides(10).power > 0.9)
  assert.ok(sides(10).falsePositive < 0.05 + chance(0.05, 300))
})

test('progress is told, and what is no plan is refused', () => {
  const told: number[] = []
  of({ runs: 100, onProgress: (share) => told.push(share) })
  assert.ok(told.length > 3 && told.every((one) => one >= 0 && one <= 1))
  assert.equal(told.at(-1), 1)
  refuses('bad-argument', () => of({ kind: 'race' as never }))
  refuses('too-few', () => of({ treatments: 1 }))
  refuses('too-few', () => of({ pots: 0 }))
  refuses('bad-argument', () => of({ cv: 0.2 }))
  refuses('bad-argument', () => of({ kind: 'count', seeds: 5, share: 1.2 }))
  refuses('bad-argument', () => of({ kind: 'count', seeds: 5, share: 0.5, differencePercent: 120 }))
  refuses('bad-argument', () => of({ alpha: 1 }))
  refuses('not-finite', () => of({ differencePercent: Number.NaN }))
  refuses('not-finite', () => of({ blockCv: Number.NaN }))
})
