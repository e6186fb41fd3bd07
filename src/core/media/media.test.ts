import assert from 'node:assert/strict'
import { test } from 'node:test'
import fc from 'fast-check'
import { close, material, mostMisfit, shippedMaterials } from '../../../testing/tables'
import { areaAt } from '../containers'
import { DomainError } from '../errors'
import {
  blendMedia,
  type Component,
  containerCapacity,
  type RetentionCurve,
  suctionAt,
  thresholdProportion,
  waterContent,
} from './index'

const POT = { kind: 'round', topDiameterCm: 20, baseDiameterCm: 15, heightCm: 20 } as const

const mix: fc.Arbitrary<Component[]> = fc
  .uniqueArray(fc.constantFrom(...shippedMaterials), {
    minLength: 1,
    maxLength: 4,
    selector: (row) => row.id,
  })
  .chain((rows) =>
    fc
      .array(fc.double({ min: 0.05, max: 10, noNaN: true }), {
        minLength: rows.length,
        maxLength: rows.length,
      })
      .map((parts) => rows.map((row, i) => ({ material: row, parts: parts[i] as number }))),
  )

test('retention curve: worked value, saturation, and its inverse', () => {
  const curve: RetentionCurve = { thetaS: 0.9, thetaR: 0.1, alpha: 0.1, n: 2 }
  // (1 + (0.1 · 10)²)^−½ = 2^−½, so θ = 0.1 + 0.8 · 0.70711
  close(waterContent(curve, 10), 0.1 + 0.8 / Math.SQRT2, 1e-12)
  assert.equal(waterContent(curve, 0), 0.9)
  assert.equal(waterContent(curve, -5), 0.9)
  close(suctionAt(curve, waterContent(curve, 37)), 37, 1e-9)
})

test('container capacity agrees with a fine quadrature for every shipped material', () => {
  for (const { curve, id } of shippedMaterials) {
    for (const fillHeightCm of [2, 8, 19.5]) {
      const slices = 20000
      let water = 0
      let volume = 0
      for (let i = 0; i < slices; i++) {
        const zCm = ((i + 0.5) / slices) * fillHeightCm
        const area = areaAt({ shape: POT, zCm })
        water += waterContent(curve, zCm) * area
        volume += area
      }
      const found = containerCapacity({ curve, shape: POT, fillHeightCm })
      close(found.waterFraction, water / volume, 1e-4, `${id} at ${fillHeightCm} cm`)
      close(found.airFraction + found.waterFraction, curve.thetaS, 1e-12, id)
    }
  }
})

test('the same mix is wetter in a shallow pot, and its airless zone stays as high', () => {
  const { curve } = material('all-purpose-mix')
  const shallow = containerCapacity({ curve, shape: POT, fillHeightCm: 6 })
  const deep = containerCapacity({ curve, shape: POT, fillHeightCm: 18 })
  assert.ok(shallow.airFraction < deep.airFraction - 0.05)
  close(shallow.saturatedDepthCm, deep.saturatedDepthCm, 1e-9)
  assert.ok(deep.lowAirDepthCm > deep.saturatedDepthCm)
})

test('a material blends to itself, and equal grains lose nothing', () => {
  const peat = material('peat-medium')
  const alone = blendMedia({ components: [{ material: peat, parts: 7 }] })
  assert.equal(alone.volumeYield, 1)
  assert.deepEqual(alone.curve, peat.curve)
  const twins = blendMedia({
    components: [
      { material: material('perlite-coarse'), parts: 1 },
      {
        material: { ...material('grit'), grainMm: material('perlite-coarse').grainMm },
        parts: 1,
      },
    ],
  })
  close(twins.volumeYield, 1, 1e-9)
})

test('solids are conserved, yield is at most 1, and conductivity stays within its parts', () => {
  fc.assert(
    fc.property(mix, (components) => {
      const blend = blendMedia({ components })
      const total = components.reduce((sum, { parts }) => sum + parts, 0)
      const mean = (of: (row: Component['material']) => number) =>
        components.reduce((sum, { material: row, parts }) => sum + (parts / total) * of(row), 0)
      assert.ok(blend.volumeYield > 0 && blend.volumeYield <= 1)
      const solids = (1 - blend.totalPorosity) * blend.volumeYield
      close(
        solids,
        mean((row) => 1 - row.totalPorosity),
        1e-9,
        'solids',
      )
      close(
        blend.bulkDensity * blend.volumeYield,
        mean((row) => row.bulkDensity),
        1e-9,
        'mass',
      )
      const ks = components.map(({ material: row }) => row.ksCmPerS)
      assert.ok(blend.ksCmPerS >= Math.min(...ks) * (1 - 1e-9))
      assert.ok(blend.ksCmPerS <= Math.max(...ks) * (1 + 1e-9))
      assert.ok(blend.curve.thetaR >= 0 && blend.curve.thetaR < blend.curve.thetaS)
    }),
    { numRuns: 200 },
  )
})

test('the fitted curve stays close for all pairs of shipped materials', () => {
  for (const a of shippedMaterials) {
    for (const b of shippedMaterials) {
      if (a.id >= b.id) continue
      for (const parts of [1, 4]) {
        const { fitRmse } = blendMedia({
          components: [
            { material: a, parts },
            { material: b, parts: 1 },
          ],
        })
        assert.ok(fitRmse < mostMisfit([a.id, b.id]), `${a.id} ${parts}:1 ${b.id}: ${fitRmse}`)
      }
    }
  }
})

test('a little gravel in peat takes up space without opening it', () => {
  const air = (gravel: number) => {
    const { curve } = blendMedia({
      components: [
        { material: material('peat-fine'), parts: 1 - gravel },
        { material: material('gravel'), parts: gravel },
      ],
    })
    return containerCapacity({ curve, shape: POT, fillHeightCm: 17.5 }).airFraction
  }
  assert.ok(air(0.2) < air(0), 'air falls at first')
  assert.ok(air(0.95) > air(0) + 0.1, 'air opens once the stones touch')
})

test('threshold proportion: fine peat with coarse perlite about 0.61', () => {
  const fine = material('peat-fine')
  const coarse = material('perlite-coarse')
  close(thresholdProportion({ fine, coarse }) ?? 0, 0.614, 0.002)
  assert.equal(thresholdProportion({ fine, coarse: fine }), null)
  assert.throws(
    () => thresholdProportion({ fine: coarse, coarse: fine }),
    (error) => error instanceof DomainError && error.code === 'bad-argument',
  )
})

test('impossible parts are refused', () => {
  const peat = material('peat-medium')
  const code = (expected: string) => (error: unknown) =>
    error instanceof DomainError && error.code === expected
  assert.throws(() => blendMedia({ components: [] }), code('too-few'))
  assert.throws(() => blendMedia({ components: [{ material: peat, parts: 0 }] }), code('too-few'))
  assert.throws(
    () => blendMedia({ components: [{ material: peat, parts: -1 }] }),
    code('out-of-range'),
  )
  assert.throws(
    () => blendMedia({ components: [{ material: peat, parts: Number.NaN }] }),
    code('not-finite'),
  )
})
