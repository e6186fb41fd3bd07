import assert from 'node:assert/strict'
import { test } from 'node:test'
import { material } from '../../../../testing/tables'
import { DomainError } from '../../errors'
import { simulateDrainage } from '../drainage/simulateDrainage'
import { calibrateFromDrainTest } from './calibrateFromDrainTest'
import type { DrainTest } from './drainTest'

const COLUMN = { kind: 'round', topDiameterCm: 10, baseDiameterCm: 10, heightCm: 25 } as const
const POUR = { atS: 0, millilitres: 700, durationS: 15 }

/** A test made with known values, read without error. */
function testOf(id: string, ksTimes: number, alphaTimes: number): DrainTest {
  const { curve, ksCmPerS } = material(id)
  const run = simulateDrainage({
    shape: COLUMN,
    layers: [
      {
        thicknessCm: 20,
        curve: { ...curve, alpha: curve.alpha * alphaTimes },
        ksCmPerS: ksCmPerS * ksTimes,
      },
    ],
    headspaceCm: 5,
    pours: [POUR],
    initial: { kind: 'drained' },
    endS: 900,
  })
  return {
    prior: { curve, ksCmPerS },
    column: {
      shape: COLUMN,
      fillHeightCm: 20,
      headspaceCm: 5,
      initial: { kind: 'drained' },
    },
    pour: POUR,
    endS: 900,
    firstDripS: run.firstDripS,
    timeToMl: [100, 250, 400].flatMap((ml) => {
      const s = run.timeToMl(ml)
      return s === null ? [] : [[ml, s] as const]
    }),
    endDrainedMl: run.drainedMl,
  }
}

test('known values come back within a tenth from a test without error', () => {
  for (const [id, ksTimes, alphaTimes] of [
    ['peat-medium', 2, 0.7],
    ['all-purpose-mix', 0.5, 1.5],
    ['coir-pith', 1.5, 1.3],
  ] as const) {
    const found = calibrateFromDrainTest(testOf(id, ksTimes, alphaTimes))
    const { curve, ksCmPerS } = material(id)
    const ks = found.ksCmPerS / (ksCmPerS * ksTimes)
    const alpha = found.alpha / (curve.alpha * alphaTimes)
    assert.ok(Math.abs(ks - 1) < 0.1, `${id}: Ks ${ks.toFixed(3)} times the true one`)
    assert.ok(Math.abs(alpha - 1) < 0.1, `${id}: alpha ${alpha.toFixed(3)} times the true one`)
    assert.equal(found.curve.n, curve.n)
  }
})

test('a test that agrees with the prior leaves it as it is', () => {
  const found = calibrateFromDrainTest(testOf('peat-medium', 1, 1))
  const { curve, ksCmPerS } = material('peat-medium')
  assert.ok(Math.abs(found.ksCmPerS / ksCmPerS - 1) < 0.02)
  assert.ok(Math.abs(found.alpha / curve.alpha - 1) < 0.02)
  assert.ok(found.residuals.every((residual) => Math.abs(residual) < 0.02))
})

test('times out of order, and more out than in, are refused', () => {
  const sound = testOf('peat-medium', 1, 1)
  const refused = (more: Partial<DrainTest>, code: string) =>
    assert.throws(
      () => calibrateFromDrainTest({ ...sound, ...more }),
      (error) => error instanceof DomainError && error.code === code,
    )
  refused(
    {
      timeToMl: [
        [100, 90],
        [250, 60],
      ],
    },
    'bad-argument',
  )
  refused({ endDrainedMl: 9000 }, 'out-of-range')
  refused({ timeToMl: [], firstDripS: null }, 'too-few')
  refused({ firstDripS: -5 }, 'out-of-range')
})
