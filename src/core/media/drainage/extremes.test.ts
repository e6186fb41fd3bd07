import assert from 'node:assert/strict'
import { test } from 'node:test'
import { material } from '../../../../testing/tables'
import type { ContainerShape } from '../../containers'
import type { DrainageInput } from './drainageInput'
import { simulateDrainage } from './simulateDrainage'

const round = (diameterCm: number, heightCm: number): ContainerShape => ({
  kind: 'round',
  topDiameterCm: diameterCm,
  baseDiameterCm: diameterCm,
  heightCm,
})
const layer = (id: string, thicknessCm: number) => {
  const { curve, ksCmPerS } = material(id)
  return { thicknessCm, curve, ksCmPerS }
}

/** Runs it and holds what any run must hold: all numbers sound, no drop lost. */
function sound(input: DrainageInput) {
  const run = simulateDrainage(input)
  const numbers = [
    run.drainedMl,
    run.overflowMl,
    run.retainedMl,
    run.pondedS,
    ...run.layerMeanTheta,
    ...run.outflow.ml,
    ...run.profiles.flatMap(({ theta }) => theta),
  ]
  assert.ok(numbers.every(Number.isFinite))
  assert.ok(run.massBalanceError < 1e-3, `${run.massBalanceError}`)
  run.outflow.tS.forEach((t, i) => {
    if (i > 0) assert.ok(t >= (run.outflow.tS[i - 1] as number))
  })
  return run
}
const hour = (more: Partial<DrainageInput> & Pick<DrainageInput, 'shape' | 'layers'>) =>
  sound({
    headspaceCm: 2,
    pours: [{ atS: 0, millilitres: 800, durationS: 20 }],
    initial: { kind: 'drained' },
    endS: 3600,
    ...more,
  })

test('dry gravel under a wet fine mix', () => {
  const run = hour({
    shape: round(20, 24),
    layers: [layer('gravel', 8), layer('peat-fine', 14)],
    initial: { kind: 'suction', cm: 30 },
    pours: [{ atS: 0, millilitres: 3000, durationS: 60 }],
  })
  assert.ok(run.drainedMl > 100)
})

test('a pot of clay takes a pour without a drop in the first minutes', () => {
  const run = hour({
    shape: round(20, 22),
    layers: [layer('clay-soil', 18)],
    initial: { kind: 'suction', cm: 300 },
    endS: 600,
  })
  assert.equal(run.firstDripS, null)
  assert.ok(run.pondedS > 300)
})

test('a day of draining clay from saturation', () => {
  const run = sound({
    shape: round(20, 22),
    layers: [layer('clay-soil', 18)],
    headspaceCm: 2,
    pours: [],
    initial: { kind: 'suction', cm: 0 },
    endS: 86_400,
  })
  // A clay of these pores gives hardly anything to gravity.
  assert.ok((run.layerMeanTheta[0] ?? 0) > 0.36)
})

test('a tray of 5 cm stays wetter than a tower of 60 cm', () => {
  const drained = (heightCm: number) =>
    sound({
      shape: round(25, heightCm + 1),
      layers: [layer('all-purpose-mix', heightCm)],
      headspaceCm: 1,
      pours: [],
      initial: { kind: 'suction', cm: 0 },
      endS: 86_400,
    }).layerMeanTheta[0] as number
  assert.ok(drained(5) > drained(60) + 0.15)
})

test('a hanging bowl drains through its lowest point', () => {
  const bowl = { kind: 'bowl', rimDiameterCm: 35, heightCm: 16 } as const
  const run = hour({ shape: bowl, layers: [layer('all-purpose-mix', 14)] })
  assert.ok(run.drainedMl > 300)
  assert.ok(run.drainedMl < 802)
})

test('one pinhole: water stands, then runs over the rim, and still drains', () => {
  const run = hour({
    shape: round(20, 24),
    layers: [layer('gravel', 22)],
    holeAreaCm2: 0.005,
    pours: [{ atS: 0, millilitres: 5000, durationS: 30 }],
  })
  assert.ok(run.overflowMl > 500)
  assert.ok(run.drainedMl > 0)
})

test('a pour above the headspace runs over, no matter how fast it comes', () => {
  const run = hour({
    shape: round(20, 22),
    layers: [layer('peat-fine', 20)],
    pours: [{ atS: 0, millilitres: 4000, durationS: 0.5 }],
  })
  assert.ok(run.overflowMl > 2500)
})

test('bone-dry peat and dust-dry sand take up what is poured slowly', () => {
  for (const id of ['peat-medium', 'coarse-sand', 'garden-compost']) {
    const { curve } = material(id)
    hour({
      shape: round(20, 24),
      layers: [layer(id, 20)],
      initial: { kind: 'moisture', fraction: curve.thetaR + 0.02 },
    })
  }
})

test('a suction too small to be told from none starts saturated', () => {
  for (const id of ['fine-sand', 'peat-medium', 'clay-soil']) {
    const from = (cm: number) =>
      hour({
        shape: round(20, 24),
        layers: [layer(id, 20)],
        initial: { kind: 'suction', cm },
      }).drainedMl
    assert.equal(from(5e-324), from(0))
  }
})

test('what takes more steps than allowed ends with an error that says so', () => {
  assert.throws(
    () =>
      simulateDrainage({
        shape: round(20, 24),
        layers: [layer('peat-medium', 20)],
        headspaceCm: 2,
        pours: [{ atS: 0, millilitres: 800, durationS: 20 }],
        initial: { kind: 'drained' },
        endS: 3600,
        tolerance: 1e-9,
      }),
    { code: 'not-converged' },
  )
})
