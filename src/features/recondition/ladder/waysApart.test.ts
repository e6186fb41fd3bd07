import assert from 'node:assert/strict'
import { test } from 'node:test'
import type { RungView } from '../../../messages/recondition/ladder'
import { waysApart } from './waysApart'

const way = (more: Partial<RungView>) =>
  ({
    airFraction: 0.12,
    daysBetweenWaterings: 2,
    ph: 6.5,
    ecSme: 1,
    nCoverage: 0.2,
    feedPlan: null,
    cost: 0,
    unpriced: [],
    minutes: 30,
    earliestPlanting: '2026-11-02',
    litres: 30,
    kilosToLift: 25,
    inningsLeft: 0,
    ...more,
  }) as RungView

test('the second way less the first, in the rows of the ladder', () => {
  const apart = Object.fromEntries(
    waysApart(
      way({}),
      way({
        airFraction: 0.18,
        cost: 4,
        minutes: 90,
        earliestPlanting: '2026-11-16',
        feedPlan: { coverageAfter: 0.95 } as RungView['feedPlan'],
        inningsLeft: null,
      }),
    ).map(({ row, apart: by }) => [row, by]),
  )
  assert.ok(Math.abs((apart.air ?? 0) - 0.06) < 1e-9)
  assert.ok(Math.abs((apart.nitrogen ?? 0) - 0.75) < 1e-9, 'fed counts')
  assert.deepEqual([apart.cost, apart.work, apart.planting, apart.ph], [4, 60, 14, 0])
  assert.equal(apart.innings, null)
})

test('money of two ways is not told apart where one lacks a price the other has no need of', () => {
  const costApart = (one: string[], other: string[]) =>
    waysApart(way({ unpriced: one }), way({ cost: 4, unpriced: other })).find(
      ({ row }) => row === 'cost',
    )?.apart
  assert.equal(costApart(['feed'], ['feed']), 4)
  assert.equal(costApart(['feed'], ['feed', 'peat']), null)
  assert.equal(costApart([], ['feed']), null)
})
