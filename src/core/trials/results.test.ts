import assert from 'node:assert/strict'
import { test } from 'node:test'
import { close } from '../../../testing/tables'
import {
  compareCounts,
  compareGroups,
  compareInBlocks,
  compareSides,
  compareToControl,
  maxTAgainstControl,
  replicatesNeeded,
  smallestDifference,
} from '.'

const LOW = [10, 11, 12, 13, 9, 11]
const HIGH = [20, 21, 19, 22, 20, 21]
const of = (groups: readonly (readonly (number | null)[])[], more: object = {}) =>
  compareGroups({ groups, wish: 'more', isVoid: false, ...more })

test('one treatment is decided by Welch, in the way that is wished', () => {
  const up = of([LOW, HIGH])
  assert.equal(up.test, 'welch')
  assert.equal(up.treatments[0]?.p, compareToControl(LOW, HIGH).p)
  assert.equal(up.treatments[0]?.verdict, 'better')
  assert.equal(of([LOW, HIGH], { wish: 'less' }).treatments[0]?.verdict, 'worse')
  assert.equal(of([HIGH, LOW]).treatments[0]?.verdict, 'worse')
  assert.deepEqual(of([LOW, HIGH], { isVoid: true }).treatments[0]?.reason, 'void')
})

test('“no difference shown” comes with what could have been found, from the trial’s own variation', () => {
  const found = of([LOW, [11, 12, 10, 13, 9, 12]])
  const [one] = found.treatments
  assert.equal(one?.verdict, 'no-difference')
  const cv = found.cv as number
  // Sums of squares 10 and 10.833 over 10 degrees of freedom, against a mean of 11.
  close(cv, (100 * Math.sqrt((10 + 65 / 6) / 10)) / 11, 1e-9)
  assert.equal(one?.findablePercent, smallestDifference({ nControl: 6, nTreatment: 6, cv }))
  assert.equal(found.potsFor20, replicatesNeeded({ cv, differencePercent: 20 }))
})

test('several are decided together, and an interval of its own does not overrule that', () => {
  const groups = [LOW, HIGH, [12, 13, 12, 14, 11, 12]]
  const all = of(groups)
  assert.equal(all.test, 'max-t')
  const family = maxTAgainstControl(groups)
  assert.deepEqual(
    all.treatments.map(({ p }) => p),
    family.p,
  )
  assert.equal(all.treatments[0]?.verdict, 'better')
  for (const { verdict, comparison, isOnlyAlone } of all.treatments) {
    const apart = comparison?.ci ? comparison.ci[0] > 0 || comparison.ci[1] < 0 : false
    assert.equal(isOnlyAlone, verdict === 'no-difference' && apart)
  }
})

test('pots that were not used are counted, groups that are too small left out and told', () => {
  const found = of([LOW, [20, null, null, null, null, null], HIGH])
  assert.equal(found.test, 'welch')
  const [small, large] = found.treatments
  assert.deepEqual([small?.comparison, small?.p, small?.verdict], [null, null, 'cannot-tell'])
  assert.equal(large?.verdict, 'better')
  assert.deepEqual(
    found.groups.map(({ planted, description }) => [planted, description?.n]),
    [
      [6, 6],
      [6, 1],
      [6, 6],
    ],
  )
  const alone = of([[10, null], HIGH])
  assert.equal(alone.test, null)
  assert.equal(alone.treatments[0]?.reason, 'no-p')
  assert.equal(of([LOW, [null, null]]).groups[1]?.description, null)
})

test('pots too few to show anything, whatever comes, cannot tell', () => {
  // Two blocks of three: 36 ways to label them, of which two are as clear as can be.
  const two = of(
    [
      [1, 2],
      [101, 102],
      [1, 2],
    ],
    {
      blocks: [
        [0, 1],
        [0, 1],
        [0, 1],
      ],
    },
  )
  assert.equal(two.treatments[0]?.verdict, 'cannot-tell')
  assert.equal(two.treatments[0]?.reason, 'too-small')
})

test('blocks that differ among themselves do not hide a difference inside them', () => {
  const blocks = [
    [0, 1, 2, 3, 4],
    [0, 1, 2, 3, 4],
    [0, 1, 2, 3, 4],
  ]
  const bench = [0, 10, 20, 30, 40]
  const grown = (plus: number) => bench.map((base, pot) => base + plus + ((pot * 7) % 3) / 10)
  const groups = [grown(0), grown(2), grown(0.1)]
  assert.equal(of(groups).treatments[0]?.verdict, 'no-difference')
  assert.equal(of(groups, { blocks }).treatments[0]?.verdict, 'better')
})

test('two treatments in blocks are analysed in their blocks', () => {
  const bench = [0, 10, 20, 30, 40, 50]
  const grown = (plus: number) => bench.map((base, pot) => 50 + base + plus + ((pot * 7) % 3) / 10)
  const [control, treatment] = [grown(0), grown(2).map((one, pot) => one - (pot % 2) / 5)]
  const blocks = [bench, bench]
  const told = of([control, treatment], { blocks })
  assert.equal(told.test, 'blocks')
  const paired = compareInBlocks(
    control.map((one, pot) => ({ control: [one], treatment: [treatment[pot] ?? null] })),
  )
  const [one] = told.treatments
  assert.equal(one?.p, paired.p)
  assert.equal(one?.p, 2 / 64)
  assert.deepEqual(one?.comparison?.ci, paired.ci)
  assert.equal(one?.verdict, 'better')
  assert.equal(of([control, treatment]).treatments[0]?.verdict, 'no-difference')
  // Its own variation is that inside the blocks.
  assert.ok((told.cv ?? 99) < 2)
  // One block holds both: nothing to compare, and no wrong number in its place.
  const apart = of([control.slice(0, 2), treatment.slice(0, 2)], {
    blocks: [
      [0, 1],
      [1, 2],
    ],
  })
  assert.deepEqual([apart.test, apart.treatments[0]?.reason], [null, 'no-p'])
})

test('fewer trays than three on any side are described, and no difference is told', () => {
  const trays = (least: readonly (number | null)[]) =>
    of([[90, 92, 88, 91], least], { leastPots: 3 })
  const two = trays([10, 12, null, null])
  assert.deepEqual(
    [two.treatments[0]?.verdict, two.treatments[0]?.reason, two.treatments[0]?.p],
    ['cannot-tell', 'few-trays', null],
  )
  assert.equal(two.groups[1]?.description?.mean, 11)
  assert.equal(trays([10, 12, 11, null]).treatments[0]?.verdict, 'worse')
})

test('spreads that are unlike are told; without any variation nothing is divided by it', () => {
  assert.equal(of([LOW, HIGH]).isUneven, false)
  assert.equal(of([LOW, [0, 50, 10, 90, 20, 70]]).isUneven, true)
  const flat = of([
    [5, 5, 5],
    [5, 5, 5],
  ])
  assert.deepEqual([flat.cv, flat.potsFor20, flat.treatments[0]?.p], [null, null, null])
  assert.equal(flat.treatments[0]?.verdict, 'cannot-tell')
  // Six scored 3 against six scored 5: two of the 924 ways to share them out.
  const scores = of([Array(6).fill(3), Array(6).fill(5)])
  assert.equal(scores.test, 'permutation')
  close(scores.treatments[0]?.p ?? 0, 2 / 924, 1e-12)
  assert.deepEqual(scores.treatments[0]?.comparison?.ci, null)
  assert.equal(scores.treatments[0]?.verdict, 'better')
  const three = of([Array(3).fill(3), Array(3).fill(5)])
  assert.equal(three.treatments[0]?.reason, 'too-small')
})

test('seedlings: Fisher decides, not the eye', () => {
  const against = (count: number, control: number) =>
    compareCounts({
      groups: [
        { count: control, total: 6 },
        { count, total: 6 },
      ],
      wish: 'more',
      isVoid: false,
    }).treatments[0]
  assert.equal(against(5, 6)?.verdict, 'no-difference')
  assert.equal(against(0, 5)?.verdict, 'worse')
  close(against(0, 5)?.p ?? 0, 0.0152, 1e-4)
  assert.equal(against(1, 5)?.verdict, 'no-difference')
  close(against(1, 5)?.p ?? 0, 0.0801, 1e-4)
  const few = compareCounts({
    groups: [
      { count: 3, total: 3 },
      { count: 0, total: 3 },
    ],
    wish: 'more',
    isVoid: false,
  })
  assert.equal(few.treatments[0]?.reason, 'too-small')
})

test('several counts share the risk of being wrong', () => {
  const { treatments, groups } = compareCounts({
    groups: [5, 0, 0].map((count) => ({ count, total: 6 })),
    wish: 'more',
    isVoid: false,
  })
  close(treatments[0]?.p ?? 0, 2 * (treatments[0]?.fisher.p ?? 0), 1e-12)
  assert.equal(treatments[0]?.verdict, 'worse')
  assert.ok(groups.every(({ ci, proportion }) => ci[0] <= proportion && proportion <= ci[1]))
})

test('side by side: crops decide, ties and unfinished ones are counted apart', () => {
  const pair = (control: number | null, treatment: number | null) => ({ control, treatment })
  const six = Array.from({ length: 6 }, () => pair(3, 4))
  const sides = (pairs: typeof six, more: object = {}) =>
    compareSides({ pairs, wish: 'more', isVoid: false, ...more })
  const { percent, ci, ...told } = sides([...six, pair(3, 3), pair(null, 4)])
  assert.deepEqual(told, {
    wins: 6,
    losses: 0,
    ties: 1,
    missing: 1,
    p: 0.03125,
    signP: 0.03125,
    verdict: 'better',
    reason: null,
  })
  const mean = (6 * Math.log(4 / 3)) / 7
  close(percent ?? 0, 100 * Math.expm1(mean), 1e-9)
  // t of 6 degrees of freedom is 2.4469118511449692; the mean is 6 of 7 of a step, its error a seventh of one.
  const half = (2.4469118511449692 * Math.log(4 / 3)) / 7
  close(ci?.[0] ?? 0, 100 * Math.expm1(mean - half), 1e-6)
  close(ci?.[1] ?? 0, 100 * Math.expm1(mean + half), 1e-6)
  assert.equal(sides(six, { wish: 'less' }).verdict, 'worse')
  assert.equal(sides(six.slice(1)).reason, 'too-small')
  assert.equal(sides(six, { comparisons: 2 }).reason, 'too-small')
  assert.equal(sides([pair(3, 3)]).reason, 'too-small')
  assert.equal(sides([pair(null, 3)]).reason, 'no-p')
  assert.equal(sides(six.slice(2)).reason, 'too-small', 'four crops give a p, and never a verdict')
  assert.equal(sides(six.slice(2)).p, 2 / 16)
  // How much more weighs as well, not only how often: one small loss among large gains.
  const gains = [pair(10, 9.9), ...Array.from({ length: 7 }, (_, at) => pair(10, 15 + at))]
  assert.ok((sides(gains).p ?? 1) < (sides(gains).signP ?? 0))
  close(sides(gains).p ?? 0, 4 / 256, 1e-12)
  // A side that brought nothing has no ratio: its crop counts as the clearest, and no percent is made up.
  const failed = sides([...six, pair(5, 0)])
  assert.deepEqual([failed.percent, failed.ci, failed.losses], [null, null, 1])
  assert.equal(failed.verdict, 'no-difference')
  assert.throws(() => sides([pair(3, -1)]), /less than nothing/)
})
