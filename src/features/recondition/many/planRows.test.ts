import assert from 'node:assert/strict'
import { test } from 'node:test'
import type { RungId } from '../../../core/recondition'
import type { LaddersView } from '../../../messages/recondition/plan'
import type { LaddersAnswer } from '../../../workers/jobs'
import { planRows, planSum } from './planRows'

type PlanRung = LaddersAnswer['rungs'][number]

const rung = (id: RungId, cost: number, minutes: number, more: Partial<PlanRung> = {}) =>
  ({
    id,
    allowed: true,
    litres: 20,
    airFraction: 0.2,
    nCoverage: 1,
    feedPlan: null,
    cost,
    unpriced: [],
    fails: [],
    shortfall: 0,
    minutes,
    minutesWithFeeding: minutes,
    kilosToLift: 15,
    warnings: [],
    ...more,
  }) as unknown as PlanRung

const lots = [1, 2, 3].map((id) => ({
  id,
  airMin: 0.12,
  answers: {},
  input: { litresWanted: 25 },
})) as unknown as LaddersView['lots']

const answers: LaddersAnswer[] = [
  {
    id: 1,
    refusal: null,
    rungs: [rung('as-is', 0, 30), rung('full', 4, 90), rung('replace', 9, 60)],
  },
  {
    id: 2,
    refusal: null,
    rungs: [
      rung('as-is', 0, 30, { allowed: false, warnings: ['family'] }),
      rung('full', 4, 90, { warnings: ['unpriced'] }),
      rung('replace', 9, 60),
    ],
  },
  { id: 3, refusal: 'Nothing is in it.', rungs: [] },
]
const priorities = { cost: 3, effort: 1, yield: 1 }

test('each lot goes the way picked for it, else the usual one, else the one that fits best', () => {
  const ways = (usual: RungId | null, picked: Readonly<Record<string, RungId>> = {}) =>
    planRows(lots, answers, priorities, usual, picked).map(({ way }) => way?.id)
  assert.deepEqual(ways(null), ['as-is', 'full'])
  assert.deepEqual(ways('full'), ['full', 'full'])
  // What is not open is not gone, whoever asks for it.
  assert.deepEqual(ways('as-is', { 2: 'as-is' }), ['as-is', 'full'])
  assert.deepEqual(ways('full', { 1: 'replace' }), ['replace', 'full'])
})

test('what all of them come to: by the ways they go, beside new mix for all', () => {
  const sum = planSum(planRows(lots, answers, priorities, null, {}))
  assert.deepEqual(
    [sum.litres, sum.litresWanted, sum.cost, sum.minutes, sum.kilos, sum.costNew, sum.isPriced],
    [40, 50, 4, 120, 30, 18, false],
  )
  assert.deepEqual(sum.byWay, [
    ['as-is', 1],
    ['full', 1],
  ])
  assert.equal(planSum([]).costNew, null)
})
