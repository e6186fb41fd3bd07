import assert from 'node:assert/strict'
import { test } from 'node:test'
import { close } from '../../../testing/tables'
import { porosityReadings } from './porosityReadings'

const OBSERVED = {
  volumeMl: 1000,
  addedMl: 780,
  drainedMl: 220,
  startMoisture: 'air-dry',
  startMassG: null,
  dryMassG: null,
} as const

test('pores, air and water add up; water before the test is supposed from its feel', () => {
  const { totalPorosity, airFraction, waterFraction, ...rest } = porosityReadings(OBSERVED)
  close(totalPorosity, 0.83, 1e-12)
  close(airFraction, 0.22, 1e-12)
  close(airFraction + waterFraction, totalPorosity, 1e-12)
  assert.deepEqual(
    [rest.startWaterFraction, rest.startWaterWeighed, rest.bulkDensity],
    [0.05, false, null],
  )
})

test('weights replace the guess and give the densities', () => {
  const weighed = porosityReadings({ ...OBSERVED, startMassG: 260, dryMassG: 140 })
  close(weighed.startWaterFraction, 0.12, 1e-12)
  close(weighed.totalPorosity, 0.9, 1e-12)
  close(weighed.bulkDensity ?? 0, 0.14, 1e-12)
  close(weighed.drainedKgPerL ?? 0, 0.14 + 0.68, 1e-12)
  assert.equal(weighed.startWaterWeighed, true)
})

test('impossible volumes and weights are refused at their field', () => {
  const refused = (change: Partial<Parameters<typeof porosityReadings>[0]>, field: string) =>
    assert.throws(
      () => porosityReadings({ ...OBSERVED, ...change }),
      (error: { code?: string; details?: { field?: unknown } }) =>
        error.code === 'bad-argument' && error.details?.field === field,
    )
  refused({ drainedMl: 900 }, 'drainedMl')
  refused({ addedMl: 1200 }, 'addedMl')
  refused({ addedMl: 100, drainedMl: 20 }, 'addedMl')
  refused({ startMassG: 100, dryMassG: 140 }, 'dryMassG')
})
