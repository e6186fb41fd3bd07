import assert from 'node:assert/strict'
import { test } from 'node:test'
import fc from 'fast-check'
import { shippedProblems } from '../../../../testing/tables'
import type { Found } from '../found/lotFound'
import { triageOfLot } from '../triage/triageOfLot'
import { type BatchLot, doubtfulPair, planBatches } from './planBatches'

const PROBLEMS = new Map(shippedProblems.map((one) => [one.id, one]))
const found = (problemId: string): Found => ({
  kind: 'problem',
  state: 'trouble',
  problemId,
  numbers: {},
  at: Date.parse('2026-11-01'),
  on: '2026-11-01',
  origin: { kind: 'seen', id: 1, note: null },
  season: 2026,
  rotationGroup: 'solanum',
})
const lot = (id: number, ...problemIds: string[]): BatchLot => ({
  id,
  litres: 10,
  triage: triageOfLot({
    found: problemIds.map(found),
    problems: PROBLEMS,
    season: 2027,
    today: '2026-11-05',
  }),
})

test('a wilt, a salt crust, a self-seeder, a water-repellent and the healthy ones go separate ways', () => {
  const lots = [
    lot(1, 'fusarium-wilt'),
    lot(2, 'salt-crust'),
    lot(3, 'self-seeders'),
    lot(4, 'water-repellent'),
    ...[5, 6, 7, 8, 9, 10, 11, 12].map((id) => lot(id)),
  ]
  const batches = planBatches(lots)
  assert.deepEqual(
    batches.map(({ verdict, actions, lotIds }) => [verdict, [...actions], [...lotIds]]),
    [
      ['reuse', [], [5, 6, 7, 8, 9, 10, 11, 12]],
      ['clean', ['clear-debris', 'skim'], [3]],
      ['treat', ['skim', 'leach'], [2]],
      ['treat', ['rewet'], [4]],
      ['restrict', ['clear-debris', 'heat'], [1]],
    ],
  )
  assert.equal(
    batches.reduce((sum, { litres }) => sum + litres, 0),
    120,
  )
})

test('two lots with the very same wilt may share a heap; with another one they may not', () => {
  const batches = planBatches([
    lot(1, 'fusarium-wilt'),
    lot(2, 'fusarium-wilt'),
    lot(3, 'fusarium-wilt', 'vine-weevil'),
  ])
  assert.deepEqual(
    batches.map(({ lotIds }) => [...lotIds]).sort((a, b) => b.length - a.length),
    [[1, 2], [3]],
  )
})

test('a doubtful lot is named before it joins a clean one', () => {
  const pair = doubtfulPair([lot(1), lot(2), lot(3, 'vine-weevil'), lot(4)])
  assert.deepEqual(
    pair?.map(({ id }) => id),
    [1, 3],
  )
  assert.equal(doubtfulPair([lot(1), lot(2, 'sooty-mould')]), null)
})

test('whatever was found: each lot in one heap, and no heap with two that may not come together', () => {
  const ids = shippedProblems.map(({ id }) => id)
  fc.assert(
    fc.property(
      fc.array(fc.uniqueArray(fc.constantFrom(...ids), { maxLength: 3 }), { maxLength: 12 }),
      (gardens) => {
        const lots = gardens.map((problemIds, at) => lot(at + 1, ...problemIds))
        const batches = planBatches(lots)
        assert.deepEqual(
          batches.flatMap(({ lotIds }) => [...lotIds]).sort((a, b) => a - b),
          lots.map(({ id }) => id),
        )
        for (const { lotIds, verdict } of batches) {
          if (verdict === 'compost' || verdict === 'discard') continue
          assert.equal(doubtfulPair(lots.filter(({ id }) => lotIds.includes(id))), null)
        }
      },
    ),
    { numRuns: 200 },
  )
})
