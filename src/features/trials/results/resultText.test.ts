import assert from 'node:assert/strict'
import { test } from 'node:test'
import { compareCounts, compareGroups } from '../../../core/trials'
import type {
  MeasureView,
  ResultsPage,
  TreatmentOutcome,
} from '../../../messages/trials/resultViews'
import { formatFor } from '../../../ui/format'
import { axisTicks } from './axisTicks'
import { cheaperBy, pText, saidOf, suggestedTreatment } from './resultText'

const FORMAT = formatFor({
  locale: 'en-GB',
  unitSystem: 'metric',
  currency: '',
  timeZone: 'Europe/London',
})
const outcome = (number: number, name: string, more: Partial<TreatmentOutcome> = {}) => ({
  id: number + 1,
  number,
  name,
  medium: name,
  mediumAddress: null,
  addedName: null,
  dose: 0,
  lotId: null,
  planted: 4,
  used: 4,
  died: 0,
  litres: 2,
  costPerLitre: null,
  isCostPartial: false,
  yieldG: null,
  waterLitres: null,
  firstHarvestDays: null,
  sunkCm: null,
  weedsPerM2: null,
  ...more,
})
function page(results: readonly MeasureView[], more: Partial<ResultsPage> = {}): ResultsPage {
  return {
    trialId: 1,
    version: 1,
    name: 'A trial',
    kind: 'comparison',
    question: '',
    wish: 'more',
    state: 'closed',
    cropName: 'Chard',
    plantedOn: '2026-05-01',
    closedOn: '2026-07-01',
    isHidden: false,
    isVoid: false,
    must: 'survival',
    mustValue: 80,
    control: { value: 100, isReached: true },
    seeds: 0,
    measures: ['height'],
    checks: [],
    measure: 'height',
    on: '2026-07-01',
    day: 56,
    deciding: {
      measure: 'height',
      day: 56,
      on: '2026-07-01',
      isNamed: true,
      isShown: true,
      isRead: true,
    },
    alsoCount: 0,
    earlier: null,
    treatments: [outcome(0, 'Bag'), outcome(1, 'Own')],
    results,
    survival: null,
    pots: [],
    growth: null,
    happened: [],
    leftOut: [],
    effects: [],
    design: {
      potsOfEach: 4,
      isInBlocks: true,
      isBlind: false,
      place: 'Bench',
      potName: 'Pot of 17 cm',
    },
    lessons: '',
    findings: [],
    crops: [],
    candidates: [],
    noted: [],
    noEffectUpTo: null,
    ruledOutUpTo: null,
    seedlings: null,
    ...more,
  }
}
const means = (
  groups: readonly (readonly (number | null)[])[],
  isVoid = false,
): Extract<MeasureView, { by: 'means' }> => ({
  by: 'means',
  measure: 'height',
  wish: 'more',
  isShare: false,
  groups: compareGroups({ groups, wish: 'more', isVoid }),
  dose: null,
  also: null,
})
const said = (view: MeasureView, more: Partial<ResultsPage> = {}) =>
  saidOf(view, page([view], more), FORMAT)[0]

test('better comes with both means, the change, its interval, the pots and p', () => {
  const told = said(
    means([
      [20, 21, 22, 20],
      [30, 31, 29, 32],
    ]),
  )
  assert.equal(told?.verdict, 'better')
  assert.match(told?.text ?? '', /^30\.5 cm against 20\.8 cm \(Bag\), \+47 %/)
  assert.match(told?.text ?? '', /between \+\d.* and \+\d.*19 times in 20/)
  assert.match(told?.text ?? '', /n\u00a0=\u00a04\u00a0and\u00a04, p\u00a0<\u00a00\.001\.$/)
})

test('no difference shown never comes without what these pots could have shown', () => {
  const told = said(
    means([
      [20, 24, 18, 22],
      [21, 23, 19, 22],
    ]),
  )
  assert.equal(told?.verdict, 'no-difference')
  assert.match(
    told?.text ?? '',
    /could have shown a difference of \d+ % or more; to see 20 % it takes/,
  )
})

test('cannot tell says why: one pot, pots that do not vary, a control that failed', () => {
  assert.match(said(means([[20], [30, 31]]))?.text ?? '', /two pots of each at least, and 2 and 1/)
  assert.match(
    said(
      means([
        [20, 20],
        [20, 20],
      ]),
    )?.text ?? '',
    /do not vary/,
  )
  const failed = said(
    means(
      [
        [20, 21, 22],
        [30, 31, 32],
      ],
      true,
    ),
  )
  assert.equal(failed?.verdict, 'cannot-tell')
  assert.match(failed?.text ?? '', /the control failed/)
})

test('counts are told as so many of so many', () => {
  const counts = compareCounts({
    groups: [
      { count: 5, total: 6 },
      { count: 0, total: 6 },
    ],
    wish: 'more',
    isVoid: false,
  })
  const told = said({
    by: 'counts',
    measure: 'emerged',
    wish: 'more',
    counts,
    trend: null,
    also: null,
  })
  assert.equal(told?.verdict, 'worse')
  assert.equal(told?.text, '0 of 6 against 5 of 6 (Bag), p\u00a0=\u00a00.015.')
})

test('as good and cheaper is a win, unless a price is not known', () => {
  const view = means([
    [20, 24, 18, 22],
    [21, 23, 19, 22],
  ])
  const priced = (costs: readonly [number | null, number | null]) => ({
    treatments: [
      outcome(0, 'Bag', { costPerLitre: costs[0] }),
      outcome(1, 'Own', { costPerLitre: costs[1] }),
    ],
  })
  const told = said(view)
  assert.ok(told)
  assert.ok(Math.abs((cheaperBy(told, priced([0.4, 0.3])) ?? 0) - 0.25) < 1e-12)
  assert.equal(cheaperBy(told, priced([0.3, 0.4])), null)
  assert.equal(cheaperBy(told, priced([0.4, null])), null)
  assert.equal(suggestedTreatment(page([view], priced([0.4, 0.3])))?.name, 'Own')
  assert.equal(suggestedTreatment(page([view], priced([0.3, 0.4])))?.name, 'Bag')
})

test('small p are told as bounds, and axes end at even numbers', () => {
  assert.equal(pText(0.0004, FORMAT), 'p\u00a0<\u00a00.001')
  assert.equal(pText(0.0157, FORMAT), 'p\u00a0=\u00a00.016')
  assert.deepEqual(axisTicks(100), [0, 20, 40, 60, 80, 100])
  assert.deepEqual(axisTicks(0), [0, 1])
  assert.deepEqual(axisTicks(7.3), [0, 2, 4, 6, 8])
  assert.ok((axisTicks(233).at(-1) ?? 0) >= 233)
})
