import assert from 'node:assert/strict'
import { test } from 'node:test'
import { close, material } from '../../../testing/tables'
import { containerCapacity } from '../media'
import { calibrateSample } from './calibrateSample'
import { expectedDrain, filled, type Hydraulics } from './columnRun'

const SHAPE = { kind: 'round', topDiameterCm: 14, baseDiameterCm: 14, heightCm: 18 } as const
const column = { shape: SHAPE, mixLitres: 2 }
const POUR = { pouredMl: 700, pourS: 20, markMl: 150, endS: 900 }
const { curve, ksCmPerS } = material('all-purpose-mix')
const prior: Hydraulics = { curve, ksCmPerS }

/** What a mix would show on the bench, run by the model. */
function observed(of: Hydraulics) {
  const { firstDripS, markS, drainedMl } = expectedDrain(of, column, POUR)
  const { endS, pouredMl, markMl } = POUR
  return { pouredMl, firstDripS, markMl, markS, stoppedS: null, endS, drainedMl }
}

test('a drain test finds the mix that was run, not the one that was expected', () => {
  const real: Hydraulics = { curve: { ...curve, alpha: curve.alpha * 1.2 }, ksCmPerS: ksCmPerS * 2 }
  const found = calibrateSample({
    prior,
    porosity: null,
    drain: { column, pourS: POUR.pourS, observation: observed(real) },
  })
  assert.deepEqual(found?.from, ['drain'])
  close(Math.log((found?.ksCmPerS ?? 1) / real.ksCmPerS), 0, 0.1)
  close(Math.log((found?.curve.alpha ?? 1) / real.curve.alpha), 0, 0.1)
})

test('a drain test that fits in two ways gives the speed alone, and says which reading is missing', () => {
  // A quick one: the first drip falls while it is still poured.
  const real: Hydraulics = { curve: { ...curve, alpha: curve.alpha * 0.7 }, ksCmPerS: ksCmPerS * 3 }
  const found = calibrateSample({
    prior,
    porosity: null,
    drain: { column, pourS: POUR.pourS, observation: observed(real) },
  })
  assert.deepEqual(found?.from, ['drain'])
  assert.deepEqual(found?.doubts, [{ kind: 'drain undecided', further: 'a time to a volume' }])
  assert.deepEqual(found?.curve, curve)
  close(Math.log((found?.ksCmPerS ?? 1) / real.ksCmPerS), 0, 0.6)
})

test('a porosity test decides the air, and a drain test beside it only the speed', () => {
  const { fillHeightCm } = filled(column)
  const readings = { totalPorosity: 0.82, waterFraction: 0.68 }
  const found = calibrateSample({
    prior,
    porosity: { columnShape: SHAPE, fillHeightCm, readings },
    drain: { column, pourS: POUR.pourS, observation: observed(prior) },
  })
  assert.ok(found)
  const { airFraction } = containerCapacity({ curve: found.curve, shape: SHAPE, fillHeightCm })
  close(airFraction, 0.14, 1e-3)
  assert.equal(found.curve.n, curve.n)
})

test('with measured pores a drain test finds the speed of a mix that passes water five times slower', () => {
  const { fillHeightCm } = filled(column)
  const readings = { totalPorosity: 0.8, waterFraction: 0.7 }
  const porosity = { columnShape: SHAPE, fillHeightCm, readings }
  const bent = calibrateSample({ prior, porosity, drain: null })
  assert.ok(bent)
  const real = { curve: bent.curve, ksCmPerS: ksCmPerS / 5 }
  const made = (observation: ReturnType<typeof observed>) =>
    calibrateSample({ prior, porosity, drain: { column, pourS: POUR.pourS, observation } })
  const found = made(observed(real))
  assert.deepEqual(found?.from, ['porosity', 'drain'])
  close(Math.log((found?.ksCmPerS ?? 1) / real.ksCmPerS), 0, 0.05)
  // It ran past the mix: at once, and nearly all of it. No speed does that with such pores.
  const past = made({ ...observed(real), firstDripS: 400, markS: 401, drainedMl: 160 })
  assert.equal(past?.doubts[0]?.kind, 'drain does not fit')
  assert.equal(past?.ksCmPerS, prior.ksCmPerS)
})

test('a porosity test out of reach, and a drain test that does not decide, are told as doubts', () => {
  const { fillHeightCm } = filled(column)
  const readings = { totalPorosity: 0.6, waterFraction: 0.001 }
  const impossible = calibrateSample({
    prior,
    porosity: { columnShape: SHAPE, fillHeightCm, readings },
    drain: null,
  })
  assert.deepEqual(impossible?.from, [])
  assert.equal(impossible?.doubts[0]?.kind, 'porosity out of reach')
  assert.deepEqual(impossible?.curve, prior.curve)
  assert.equal(calibrateSample({ prior, porosity: null, drain: null }), null)
})

test('a mix that does not fit its column is refused', () => {
  assert.throws(() => filled({ shape: SHAPE, mixLitres: 9 }), { code: 'out-of-range' })
})
