import assert from 'node:assert/strict'
import { test } from 'node:test'
import { close, material } from '../../../../testing/tables'
import { DomainError } from '../../errors'
import { blendMedia, containerCapacity, layeredCapacity, waterContent } from '..'
import type { DrainageInput } from './drainageInput'
import { simulateDrainage } from './simulateDrainage'

const POT = { kind: 'round', topDiameterCm: 24, baseDiameterCm: 18, heightCm: 22.5 } as const
const layerOf = (id: string, thicknessCm: number) => {
  const { curve, ksCmPerS } = material(id)
  return { thicknessCm, curve, ksCmPerS }
}
const peat = (thicknessCm: number) => layerOf('peat-medium', thicknessCm)
const test15: DrainageInput = {
  shape: POT,
  layers: [peat(20)],
  headspaceCm: 2.5,
  pours: [{ atS: 0, millilitres: 1500, durationS: 20 }],
  initial: { kind: 'drained' },
  endS: 900,
}

test('a pot drained for a day stands as its container capacity says', () => {
  for (const id of ['peat-medium', 'all-purpose-mix', 'perlite-coarse', 'coarse-sand']) {
    const layer = layerOf(id, 20)
    const day = simulateDrainage({
      ...test15,
      layers: [layer],
      pours: [],
      initial: { kind: 'suction', cm: 0 },
      endS: 86_400,
      profileTimesS: [86_400],
    })
    const { waterFraction } = containerCapacity({
      curve: layer.curve,
      shape: POT,
      fillHeightCm: 20,
    })
    close(day.layerMeanTheta[0] ?? 0, waterFraction, 0.005, id)
    const [profile] = day.profiles
    profile?.z.forEach((z, i) => {
      close(profile.theta[i] ?? 0, waterContent(layer.curve, z), 0.02, `${id} at ${z} cm`)
    })
    assert.ok(day.massBalanceError < 1e-3)
  }
})

test('what is poured drains, stays, or runs over: to the last drop', () => {
  for (const pour of [100, 1500, 6000]) {
    const result = simulateDrainage({
      ...test15,
      pours: [{ atS: 10, millilitres: pour, durationS: 15 }],
    })
    close(result.drainedMl + result.overflowMl + result.retainedMl, pour, 1e-6)
    assert.ok(result.massBalanceError < 1e-3, `${pour} mL: ${result.massBalanceError}`)
  }
  assert.ok(
    simulateDrainage({ ...test15, pours: [{ atS: 0, millilitres: 6000, durationS: 5 }] })
      .overflowMl > 1000,
    'six litres at once do not fit on top',
  )
})

test('zero poured on a drained pot drains nothing', () => {
  const still = simulateDrainage({ ...test15, pours: [] })
  assert.ok(still.drainedMl < 1)
  assert.equal(still.firstDripS, null)
  assert.equal(still.timeToMl(100), null)
})

test('halving cells and tolerance changes no time by 3 %', () => {
  const coarse = simulateDrainage(test15)
  const fine = simulateDrainage({ ...test15, fineness: 2, tolerance: 0.5 })
  for (const ml of [1, 200, 500, 1000]) {
    const [one, other] = [coarse.timeToMl(ml) ?? 0, fine.timeToMl(ml) ?? 0]
    assert.ok(Math.abs(one - other) < 0.03 * other, `${ml} mL: ${one} and ${other} s`)
  }
})

test('a day of draining: the time to nine tenths is within 3 % of the converged one', () => {
  for (const id of ['peat-medium', 'all-purpose-mix', 'garden-compost']) {
    const day = (more: Partial<DrainageInput> = {}) =>
      simulateDrainage({
        ...test15,
        layers: [layerOf(id, 20)],
        pours: [],
        initial: { kind: 'suction', cm: 0 },
        endS: 86_400,
        ...more,
      })
    const converged = day({ fineness: 4, tolerance: 0.1 })
    const wanted = 0.9 * converged.drainedMl
    const [one, other] = [day().timeToMl(wanted) ?? 0, converged.timeToMl(wanted) ?? 0]
    assert.ok(Math.abs(one - other) < 0.03 * other, `${id}: ${one} and ${other} s`)
  }
})

test('gravel drips in seconds, a fine mix takes longer, a dry one may give nothing', () => {
  const firstDrip = (id: string, initial: DrainageInput['initial']) =>
    simulateDrainage({
      ...test15,
      layers: [layerOf(id, 20)],
      initial,
      pours: [{ atS: 0, millilitres: 400, durationS: 10 }],
    }).firstDripS
  const gravel = firstDrip('gravel', { kind: 'drained' })
  const mix = firstDrip('peat-fine', { kind: 'drained' })
  assert.ok(gravel !== null && gravel < 30)
  assert.ok(mix !== null && mix > 2 * gravel)
  assert.equal(firstDrip('peat-fine', { kind: 'moisture', fraction: 0.25 }), null)
})

test('a mix on gravel drains later than the same depth alone, and stays wetter than a full pot of it', () => {
  const onGravel = simulateDrainage({ ...test15, layers: [layerOf('gravel', 6), peat(14)] })
  const alone = simulateDrainage({ ...test15, layers: [peat(14)] })
  const full = simulateDrainage(test15)
  assert.ok((onGravel.timeToMl(500) ?? 0) > (alone.timeToMl(500) ?? 0))
  assert.ok((onGravel.layerMeanTheta[1] ?? 0) > (full.layerMeanTheta[0] ?? 0))
})

test('the layered state at rest is where a day of drainage ends', () => {
  const stacks = [
    [layerOf('gravel', 6), peat(14)],
    [layerOf('coarse-sand', 5), layerOf('all-purpose-mix', 15)],
    [peat(8), layerOf('perlite-coarse', 4), peat(8)],
  ]
  for (const layers of stacks) {
    const rest = layeredCapacity({ shape: POT, layers })
    const day = simulateDrainage({
      ...test15,
      layers,
      pours: [],
      initial: { kind: 'suction', cm: 0 },
      endS: 86_400,
    })
    rest.layerMeanTheta.forEach((theta, i) => {
      close(day.layerMeanTheta[i] ?? 0, theta, 0.02, `layer ${i}`)
    })
  }
  assert.deepEqual(
    layeredCapacity({ shape: POT, layers: [layerOf('gravel', 6), peat(14)] }).isBreak,
    [true, false],
  )
})

test('small holes hold water back; standing water keeps the base wet', () => {
  const open = simulateDrainage({ ...test15, layers: [layerOf('gravel', 20)] })
  const holes = simulateDrainage({ ...test15, layers: [layerOf('gravel', 20)], holeAreaCm2: 0.1 })
  assert.ok((holes.timeToMl(1000) ?? 0) > 1.5 * (open.timeToMl(1000) ?? 0))
  const standing = simulateDrainage({ ...test15, waterTableCm: 4, endS: 3600 })
  const free = simulateDrainage({ ...test15, endS: 3600 })
  assert.ok((standing.layerMeanTheta[0] ?? 0) > (free.layerMeanTheta[0] ?? 0))
})

test('a tall narrow pot keeps a smaller share of its volume wet than a wide shallow one of the same litres', () => {
  const { curve } = blendMedia({
    components: [
      { material: material('peat-medium'), parts: 70 },
      { material: material('perlite-coarse'), parts: 30 },
    ],
  })
  const water = (diameterCm: number, heightCm: number) =>
    containerCapacity({
      curve,
      shape: {
        kind: 'round',
        topDiameterCm: diameterCm,
        baseDiameterCm: diameterCm,
        heightCm,
      },
      fillHeightCm: heightCm,
    }).waterFraction
  assert.ok(water(20, 28) < water(40, 7) - 0.05)
})

test('what cannot be is refused with a code', () => {
  const refused = (input: Partial<DrainageInput>, code: string) =>
    assert.throws(
      () => simulateDrainage({ ...test15, ...input }),
      (error) => error instanceof DomainError && error.code === code,
    )
  refused({ layers: [] }, 'too-few')
  refused({ layers: [peat(40)] }, 'out-of-range')
  refused({ headspaceCm: -1 }, 'out-of-range')
  refused({ endS: 0 }, 'out-of-range')
  refused({ pours: [{ atS: 0, millilitres: Number.NaN, durationS: 5 }] }, 'not-finite')
  refused({ pours: [{ atS: 890, millilitres: 10, durationS: 60 }] }, 'out-of-range')
  refused({ initial: { kind: 'moisture', fraction: 0 } }, 'out-of-range')
  refused({ holeAreaCm2: 0 }, 'out-of-range')
})
