import assert from 'node:assert/strict'
import { test } from 'node:test'
import { compareSides, type PowerQuestion, powerOfDesign, verdict } from '.'
import type { GroupsInput } from './compareGroups'
import { judgedBy } from './judgedBy'
import { requireDesign } from './simulatedDesign'
import { countedTrays, measuredPots, ratiosOfCrops } from './simulateRun'

const TRIALS = 2000
const SEED = 77
/** Three standard errors of a share of so many trials. */
const chance = (share: number) => 3 * Math.sqrt((share * (1 - share)) / TRIALS)

const DESIGNS: readonly (Omit<PowerQuestion, 'differencePercent'> & { readonly name: string })[] = [
  { name: 'two arms', kind: 'comparison', treatments: 2, pots: 8 },
  { name: 'two arms in blocks', kind: 'comparison', treatments: 2, pots: 8, blocks: true },
  { name: 'three arms in blocks', kind: 'comparison', treatments: 3, pots: 7, blocks: true },
  { name: 'four arms', kind: 'comparison', treatments: 4, pots: 6 },
  { name: 'trays', kind: 'count', treatments: 2, pots: 4, seeds: 20, share: 0.8 },
  { name: 'eight crops', kind: 'side-by-side', treatments: 2, pots: 2, crops: 8 },
]

/** Verdicts of one trial that was grown on paper, by the judge of the result page with all its arrangements. */
function judged(
  question: Omit<PowerQuestion, 'differencePercent'>,
  difference: number,
  run: number,
) {
  const design = requireDesign(question)
  if (design.kind === 'side-by-side') {
    return ratiosOfCrops(design, difference, SEED, run).map(
      (ratios) =>
        compareSides({
          pairs: ratios.map((one) => ({ control: 1, treatment: Math.exp(one) })),
          comparisons: design.treatments - 1,
        }).verdict,
    )
  }
  const isCounted = design.share !== null
  const groups: readonly (readonly number[])[] = isCounted
    ? countedTrays(design, difference, SEED, run)
    : measuredPots(design, SEED, run).map((group, at) =>
        Array.from(group, (value) => (at === 1 ? value + difference : value)),
      )
  return verdictsOf({
    groups,
    blocks: design.blocks ? groups.map((group) => group.map((_, at) => at)) : undefined,
    wish: 'more',
    isVoid: false,
    draws: 1999,
  })
}

/** As the result page says it, without what it could have found, which takes longer than all the rest. */
function verdictsOf(input: GroupsInput) {
  const { comparisons, ps, smallestP } = judgedBy(input, input.groups as readonly number[][])
  return ps.map((p, at) => {
    const difference = comparisons[at + 1]?.difference ?? 0
    return verdict({ isVoid: false, p, smallestP: smallestP(at + 1), difference, wish: 'more' })
      .verdict
  })
}

for (const { name, ...design } of DESIGNS) {
  test(`${TRIALS} trials of ${name}: wolf is cried once in twenty, and a plan promises what is found`, () => {
    let cried = 0
    for (let run = 0; run < TRIALS; run++) {
      if (judged(design, 0, run).some((one) => one === 'better' || one === 'worse')) cried += 1
    }
    assert.ok(cried / TRIALS < 0.05 + chance(0.05), `${cried} of ${TRIALS}`)
    const { leastDifference } = powerOfDesign({ ...design, differencePercent: 30, seed: SEED })
    assert.ok(leastDifference !== null)
    const wanted = design.kind === 'count' ? 'worse' : 'better'
    let found = 0
    for (let run = 0; run < TRIALS; run++) {
      if (judged(design, leastDifference, run)[0] === wanted) found += 1
    }
    // Within one point of the difference, and of what chance does to both.
    const off = Math.abs(found / TRIALS - 0.8)
    assert.ok(off < 0.03 + chance(0.8), `${found} of ${TRIALS} at ${leastDifference} %`)
  })
}

test('four measures on five days: read one by one they cry wolf, the named one does not', () => {
  const design = requireDesign({ kind: 'comparison', treatments: 2, pots: 8, blocks: true })
  let [any, named] = [0, 0]
  const trials = 500
  for (let trial = 0; trial < trials; trial++) {
    const shown = Array.from({ length: 20 }, (_, look) => {
      const groups = measuredPots(design, SEED + 1 + look, trial).map((group) => Array.from(group))
      const [one] = verdictsOf({
        groups,
        blocks: groups.map((group) => group.map((_one, at) => at)),
        wish: 'more',
        isVoid: false,
      })
      return one === 'better' || one === 'worse'
    })
    if (shown.some(Boolean)) any += 1
    if (shown[0]) named += 1
  }
  assert.ok(any / trials > 0.4, `${any}`)
  assert.ok(named / trials < 0.08, `${named}`)
})
