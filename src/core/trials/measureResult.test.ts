import assert from 'node:assert/strict'
import { test } from 'node:test'
import { type MeasureQuestion, measureResult, survivalResult, type TrialPotCourse } from '.'

const SINCE = '2026-05-01'
const CHECKS = [
  { day: 14, on: '2026-05-15' },
  { day: 28, on: '2026-05-29' },
]

function pot(
  treatment: number,
  block: number | null,
  records: TrialPotCourse['records'],
  more: Partial<TrialPotCourse> = {},
): TrialPotCourse {
  return { treatment, block, crop: null, records, excludedFrom: null, ...more }
}
const read = (measure: 'height' | 'emerged' | 'vigour', value: number, on = '2026-05-29') => ({
  on,
  measure,
  value,
})
const asked = (more: Partial<MeasureQuestion>): MeasureQuestion => ({
  kind: 'comparison',
  measure: 'height',
  wish: 'more',
  isVoid: false,
  blocks: true,
  seeds: 0,
  doses: [0, 0],
  pots: [],
  since: SINCE,
  checks: CHECKS,
  on: '2026-05-29',
  ...more,
})

test('means of pots are compared at a check; what was read for an earlier one is not carried on', () => {
  const heights = [20, 22, 21, 23, 20, 22, 21]
  const pots = [
    ...heights.map((cm, block) => pot(0, block, [read('height', cm)])),
    ...heights.map((cm, block) =>
      block === 0
        ? pot(1, block, [read('height', 3, '2026-05-15')])
        : pot(1, block, [read('height', cm + 8)]),
    ),
  ]
  const result = measureResult(asked({ pots }))
  assert.equal(result?.by, 'means')
  if (result?.by !== 'means') return
  assert.equal(result.values[1]?.[0], null)
  assert.equal(result.groups.groups[1]?.description?.n, 6)
  assert.equal(result.groups.groups[1]?.planted, 7)
  assert.equal(result.groups.treatments[0]?.verdict, 'better')
  // Five blocks that hold both never go below two in 32.
  const five = measureResult(asked({ pots: pots.filter(({ block }) => block !== 6) }))
  assert.equal(five?.by === 'means' && five.groups.treatments[0]?.reason, 'too-small')
  const early = measureResult(asked({ pots, on: '2026-05-15' }))
  assert.equal(early?.by === 'means' && early.values[1]?.[0], 3)
  assert.equal(measureResult(asked({ pots, measure: 'leaves' })), null)
})

test('a run whose control failed tells nothing, whatever its pots look like', () => {
  const pots = [1, 2, 3, 4].flatMap((block) => [
    pot(0, block, [read('height', 10 + block)]),
    pot(1, block, [read('height', 30 + block)]),
  ])
  const result = measureResult(asked({ pots, isVoid: true }))
  const [told] = result?.by === 'means' ? result.groups.treatments : []
  assert.deepEqual([told?.verdict, told?.reason], ['cannot-tell', 'void'])
})

test('seeds in pots of their own are counted by Fisher’s test; those of a tray share its luck', () => {
  const one = (counts: readonly number[]) =>
    counts.flatMap((up, number) =>
      Array.from({ length: 6 }, (_, at) => pot(number, null, [read('emerged', at < up ? 1 : 0)])),
    )
  const fisher = (counts: readonly number[]) => {
    const result = measureResult(
      asked({ measure: 'emerged', seeds: 1, blocks: false, pots: one(counts) }),
    )
    assert.equal(result?.by, 'counts')
    return result?.by === 'counts' ? result.counts.treatments[0] : undefined
  }
  assert.equal(fisher([6, 5])?.verdict, 'no-difference')
  assert.equal(fisher([5, 0])?.verdict, 'worse')
  assert.ok(Math.abs((fisher([5, 0])?.p ?? 0) - 0.015) < 0.001)
  assert.equal(fisher([5, 1])?.verdict, 'no-difference')
  const trays = [0, 1].flatMap((number) =>
    [5, 6, 5, 4].map((up, block) => pot(number, block, [read('emerged', up - 2 * number)])),
  )
  const shares = measureResult(asked({ measure: 'emerged', seeds: 6, pots: trays }))
  assert.equal(shares?.by === 'means' && shares.isShare, true)
  // Two trays of each, 20 of 20 against 2 of 20: described, whatever the seeds would say one by one.
  const few = measureResult(
    asked({
      measure: 'emerged',
      seeds: 10,
      pots: [0, 1].flatMap((number) =>
        [0, 1].map((block) => pot(number, block, [read('emerged', number === 0 ? 10 : 1)])),
      ),
    }),
  )
  const said = few?.by === 'means' ? few.groups.treatments[0] : undefined
  assert.deepEqual([said?.verdict, said?.reason], ['cannot-tell', 'few-trays'])
})

test('a dose series tells up to where nothing was lost, without doses of which no pot counts', () => {
  const grown = [20, 19, 20, 8, 3]
  const pots = grown.flatMap((cm, number) =>
    [0, 1, 2].map((block) =>
      pot(number, block, [read('height', cm + block / 10)], {
        excludedFrom: number === 4 ? '2026-05-20' : null,
      }),
    ),
  )
  const result = measureResult(asked({ kind: 'dose', doses: [0, 25, 50, 75, 100], pots }))
  const dose = result?.by === 'means' ? result.dose : null
  assert.deepEqual(dose?.doses, [0, 25, 50, 75])
  assert.equal(dose?.noEffectUpTo, 50)
})

test('crops grown side by side are pairs; one that did not finish is no pair', () => {
  const crops = ['a', 'b', 'c', 'd', 'e', 'f', 'g']
  const pots = crops.flatMap((crop, at) => [
    pot(0, at, [read('vigour', 3)], { crop }),
    pot(1, at, [read('vigour', 4)], { crop, excludedFrom: at === 6 ? '2026-05-20' : null }),
  ])
  const result = measureResult(asked({ kind: 'side-by-side', measure: 'vigour', pots }))
  assert.equal(result?.by, 'sides')
  const side = result?.by === 'sides' ? result.sides[0] : undefined
  assert.deepEqual(
    [side?.result.wins, side?.result.missing, side?.result.verdict],
    [6, 1, 'better'],
  )
  assert.equal(side?.crops[6]?.treatment, null)
})

test('pots that died count as lost, those left out for a reason do not count at all', () => {
  const pots = [0, 1].flatMap((number) =>
    [0, 1, 2, 3].map((block) =>
      pot(number, block, [], {
        diedOn: number === 1 && block < 2 ? '2026-05-20' : null,
        excludedFrom: block === 3 ? '2026-05-10' : null,
      }),
    ),
  )
  const told = survivalResult({ doses: [0, 0], pots, isVoid: false, on: '2026-05-29' })
  assert.deepEqual(
    told?.groups.map(({ count, total }) => [count, total]),
    [
      [3, 3],
      [1, 3],
    ],
  )
  assert.equal(survivalResult({ doses: [0, 0], pots: [], isVoid: false, on: SINCE }), null)
})
