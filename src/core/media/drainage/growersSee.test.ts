import assert from 'node:assert/strict'
import { test } from 'node:test'
import { close, material } from '../../../../testing/tables'
import { areaAt } from '../../containers'
import { blendMedia } from '../blendMedia'
import { conductivity, suctionAtConductivity } from '../conductivity'
import { layeredCapacity } from '../layeredCapacity'
import { waterContent } from '../retention'
import { conductivitySlope } from './conductivitySlope'
import { simulateDrainage } from './simulateDrainage'

const POT = { kind: 'round', topDiameterCm: 27, baseDiameterCm: 20, heightCm: 24 } as const
const mixOf = (...parts: readonly (readonly [string, number])[]) => {
  const { curve, ksCmPerS } = blendMedia({
    components: parts.map(([id, count]) => ({ material: material(id), parts: count })),
  })
  return { curve, ksCmPerS }
}
/** Two litres within half a minute onto a pot that has drained. */
const twoLitres = (...parts: readonly (readonly [string, number])[]) =>
  simulateDrainage({
    shape: POT,
    layers: [{ thicknessCm: 21.5, ...mixOf(...parts) }],
    headspaceCm: 2.5,
    pours: [{ atS: 0, millilitres: 2000, durationS: 30 }],
    initial: { kind: 'drained' },
    endS: 3600,
  })
const litre = (run: ReturnType<typeof twoLitres>) => run.timeToMl(1000) ?? Number.POSITIVE_INFINITY

test('a bag mix drips after about 40 s of two litres and has passed one in under three minutes', () => {
  const bag = twoLitres(['all-purpose-mix', 1])
  assert.ok((bag.firstDripS ?? 0) > 25 && (bag.firstDripS ?? 0) < 55, String(bag.firstDripS))
  assert.ok(litre(bag) < 180, String(litre(bag)))
})

test('opened with grit, hulls or perlite it is faster, and bark and gravel are; old and fine mixes are slower', () => {
  const bag = litre(twoLitres(['all-purpose-mix', 1]))
  for (const faster of [
    [
      ['all-purpose-mix', 3],
      ['grit', 1],
    ],
    [
      ['all-purpose-mix', 3],
      ['rice-hulls', 1],
    ],
    [
      ['all-purpose-mix', 1],
      ['perlite-coarse', 1],
    ],
    [['bark-fine', 1]],
    [['perlite-coarse', 1]],
    [['gravel', 1]],
  ] as const) {
    assert.ok(litre(twoLitres(...faster)) < bag - 5, String(faster))
  }
  for (const slower of ['spent-mix', 'worm-castings', 'garden-compost']) {
    assert.ok(litre(twoLitres([slower, 1])) > bag + 20, slower)
  }
  assert.equal(litre(twoLitres(['garden-loam', 1])), Number.POSITIVE_INFINITY)
})

test('a soaked 20 cm pot of bag mix has lost nine tenths of what drains in about three minutes', () => {
  const run = simulateDrainage({
    shape: { kind: 'round', topDiameterCm: 20, baseDiameterCm: 15, heightCm: 19 },
    layers: [{ thicknessCm: 17, ...mixOf(['all-purpose-mix', 1]) }],
    headspaceCm: 2,
    pours: [],
    initial: { kind: 'suction', cm: 0 },
    endS: 86_400,
  })
  const s = run.timeToMl(0.9 * run.drainedMl) ?? 0
  assert.ok(s > 120 && s < 240, String(s))
})

test('watered ten minutes ago a pot holds more, so it drips sooner and gives more of the next water', () => {
  const pour = (initial: { kind: 'watered'; restS: number } | { kind: 'drained' }) =>
    simulateDrainage({
      shape: POT,
      layers: [{ thicknessCm: 21.5, ...mixOf(['garden-compost', 1]) }],
      headspaceCm: 2.5,
      pours: [{ atS: 0, millilitres: 1000, durationS: 30 }],
      initial,
      endS: 1800,
    })
  const soon = pour({ kind: 'watered', restS: 600 })
  const rested = pour({ kind: 'drained' })
  const later = pour({ kind: 'watered', restS: 5 * 86_400 })
  assert.ok((soon.firstDripS ?? 0) < (rested.firstDripS ?? 0))
  assert.ok(soon.drainedMl > rested.drainedMl)
  close(later.drainedMl, rested.drainedMl, 15)
  assert.ok(soon.massBalanceError < 1e-6)
  assert.throws(() => pour({ kind: 'watered', restS: 0 }), { code: 'out-of-range' })
})

test('conductivity falls all the way from its saturated value, steeper than the fifth power nowhere', () => {
  for (const id of ['gravel', 'all-purpose-mix', 'clay-soil', 'worm-castings']) {
    const { curve, ksCmPerS } = material(id)
    assert.equal(conductivity(curve, ksCmPerS, 0), ksCmPerS)
    let last = ksCmPerS
    for (const cm of [0.01, 0.1, 1, 3, 10, 30, 100, 1000]) {
      const k = conductivity(curve, ksCmPerS, cm)
      const saturation = (waterContent(curve, cm) - curve.thetaR) / (curve.thetaS - curve.thetaR)
      assert.ok(k < last && k >= ksCmPerS * saturation ** 5 * (1 - 1e-9), `${id} at ${cm}`)
      // The solver's slope is the slope of this function.
      const { k: same, slope } = conductivitySlope({ thicknessCm: 1, curve, ksCmPerS }, -cm)
      const step = 1e-5 * cm
      const numeric =
        (conductivity(curve, ksCmPerS, cm - step) - conductivity(curve, ksCmPerS, cm + step)) /
        (2 * step)
      close(same / k, 1, 1e-9)
      close(slope / numeric, 1, 1e-4)
      last = k
    }
    close(
      conductivity(curve, ksCmPerS, suctionAtConductivity(curve, ksCmPerS, 1e-5)) / 1e-5,
      1,
      1e-6,
    )
  }
})

test('the drained means of coarse layers are those of a fine quadrature', () => {
  for (const id of ['gravel', 'grit', 'perlite-coarse', 'bark-chips']) {
    const { curve, ksCmPerS } = material(id)
    for (const thicknessCm of [3, 6, 20]) {
      const still = suctionAtConductivity(curve, ksCmPerS, 3e-6)
      let water = 0
      let volume = 0
      for (let i = 0; i < 50_000; i++) {
        const zCm = ((i + 0.5) * thicknessCm) / 50_000
        const area = areaAt({ shape: POT, zCm })
        volume += area
        water += area * waterContent(curve, Math.min(still, zCm))
      }
      const { layerMeanTheta } = layeredCapacity({
        shape: POT,
        layers: [{ thicknessCm, curve, ksCmPerS }],
      })
      close(layerMeanTheta[0] ?? 0, water / volume, 1e-4, `${id} ${thicknessCm}`)
    }
  }
})

test('what drips is what was poured: a tall pot watered ten minutes ago does not drip at once', () => {
  const { curve, ksCmPerS } = material('all-purpose-mix')
  const shape = { kind: 'round', topDiameterCm: 27, baseDiameterCm: 21, heightCm: 45 } as const
  const layers = [{ thicknessCm: 42, curve, ksCmPerS }]
  const run = (pours: readonly { atS: number; millilitres: number; durationS: number }[]) =>
    simulateDrainage({
      shape,
      layers,
      headspaceCm: 3,
      pours,
      initial: { kind: 'watered', restS: 600 },
      endS: 3600,
    })
  const poured = run([{ atS: 0, millilitres: 2000, durationS: 20 }])
  const alone = run([])
  // All of it is told as it ran out, the times of what was poured only.
  assert.ok(alone.drainedMl > 50, `${alone.drainedMl}`)
  assert.ok((poured.firstDripS ?? 0) > 5, `${poured.firstDripS}`)
  close(poured.drainedMl - alone.drainedMl, 2000, 60)
  const half = poured.timeToMl(1000) ?? 0
  assert.ok(half > (poured.firstDripS ?? 0) && half < 600, `${half}`)
  assert.equal(poured.timeToMl(2100), null)
  assert.deepEqual([alone.firstDripS, alone.timeToMl(10)], [null, null])
  // A column let go from saturation tells its own outflow.
  const full = simulateDrainage({
    shape,
    layers,
    headspaceCm: 3,
    pours: [],
    initial: { kind: 'suction', cm: 0 },
    endS: 3600,
  })
  assert.ok((full.firstDripS ?? 99) < 5 && full.timeToMl(1000) !== null)
})
