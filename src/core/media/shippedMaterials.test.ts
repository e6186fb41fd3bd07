import assert from 'node:assert/strict'
import { test } from 'node:test'
import { close, material, mostMisfit, shippedMaterials } from '../../../testing/tables'
import { blendMedia } from './blendMedia'
import type { Material } from './material'
import { waterContent } from './retention'

/** Typical ranges in the literature: all pores, air at 10 cm, easily available water, conductivity in cm/s. */
interface Typical {
  readonly pores: readonly [number, number]
  readonly air: readonly [number, number]
  readonly available: readonly [number, number]
  readonly ks: readonly [number, number]
}

// De Boodt & Verdonck 1972; Handreck & Black 2010, chapters 9 and 12; Raviv, Lieth & Bar-Tal 2019, chapter 3.
const PEATS: Typical = {
  pores: [0.85, 0.97],
  air: [0.07, 0.4],
  available: [0.2, 0.4],
  ks: [3e-3, 0.2],
}
const BARK_AND_CHIPS: Typical = {
  pores: [0.7, 0.96],
  air: [0.3, 0.75],
  available: [0, 0.25],
  ks: [0.05, 10],
}
const COMPOSTS: Typical = {
  pores: [0.6, 0.9],
  air: [0.03, 0.42],
  available: [0.03, 0.25],
  ks: [1e-3, 2],
}
const LIGHT_MINERALS: Typical = {
  pores: [0.5, 0.95],
  air: [0.2, 0.6],
  available: [0, 0.2],
  ks: [0.05, 20],
}
const SANDS: Typical = {
  pores: [0.35, 0.5],
  air: [0, 0.42],
  available: [0, 0.35],
  ks: [2e-3, 50],
}
const BAGGED: Typical = {
  pores: [0.75, 0.95],
  air: [0.1, 0.3],
  available: [0.18, 0.35],
  ks: [5e-3, 0.3],
}
const TYPICAL: readonly [Typical, readonly string[]][] = [
  [PEATS, ['peat-medium', 'peat-fine', 'coir-pith']],
  [
    BARK_AND_CHIPS,
    ['coir-chips', 'bark-fine', 'bark-chips', 'wood-fibre', 'wood-chips', 'rice-hulls'],
  ],
  [
    COMPOSTS,
    [
      'leaf-mould',
      'garden-compost',
      'green-waste-compost',
      'worm-castings',
      'cattle-manure',
      'rabbit-manure',
      'mushroom-compost',
    ],
  ],
  [
    LIGHT_MINERALS,
    [
      'perlite-coarse',
      'perlite-fine',
      'vermiculite-medium',
      'pumice',
      'lava',
      'expanded-clay',
      'biochar',
    ],
  ],
  [SANDS, ['grit', 'gravel', 'coarse-sand', 'fine-sand']],
  [BAGGED, ['all-purpose-mix', 'seed-mix', 'dry-mix', 'acid-mix']],
]

test('the shipped materials lie in the ranges that are published for their kind', () => {
  for (const [typical, ids] of TYPICAL) {
    for (const id of ids) {
      const { curve, totalPorosity, ksCmPerS } = material(id)
      const at10 = waterContent(curve, 10)
      inside(id, 'pores', totalPorosity, typical.pores)
      inside(id, 'air at 10 cm', totalPorosity - at10, typical.air)
      inside(id, 'easily available water', at10 - waterContent(curve, 50), typical.available)
      inside(id, 'Ks', ksCmPerS, typical.ks)
    }
  }
})

test('loam and clay are those of Carsel & Parrish (1988)', () => {
  const soils = [
    ['garden-loam', { thetaS: 0.43, thetaR: 0.078, alpha: 0.036, n: 1.56 }, 24.96],
    ['clay-soil', { thetaS: 0.38, thetaR: 0.068, alpha: 0.008, n: 1.09 }, 4.8],
  ] as const
  for (const [id, curve, ksCmPerDay] of soils) {
    assert.deepEqual(material(id).curve, curve)
    close(material(id).ksCmPerS * 86_400, ksCmPerDay, 0.03 * ksCmPerDay, id)
  }
})

function inside(id: string, what: string, value: number, [low, high]: readonly [number, number]) {
  assert.ok(value >= low && value <= high, `${id}: ${what} ${value}, typical ${low} to ${high}`)
}

/** What must hold for any mix. */
function checkBlend(parts: readonly (readonly [Material, number])[]): void {
  const blend = blendMedia({
    components: parts.map(([one, amount]) => ({ material: one, parts: amount })),
  })
  const name = parts.map(([{ id }, amount]) => `${amount} ${id}`).join(' + ')
  const { curve, volumeYield, totalPorosity, bulkDensity, ksCmPerS, fitRmse } = blend
  const total = parts.reduce((sum, [, amount]) => sum + amount, 0)
  assert.ok(volumeYield > 0.5 && volumeYield <= 1, `${name}: yield ${volumeYield}`)
  assert.ok(totalPorosity > 0.2 && totalPorosity < 1, `${name}: pores ${totalPorosity}`)
  close(curve.thetaS, totalPorosity, 1e-12, name)
  assert.ok(curve.thetaR >= 0 && curve.thetaR < curve.thetaS, `${name}: thetaR`)
  assert.ok(fitRmse < mostMisfit(parts.map(([{ id }]) => id)), `${name}: misfit ${fitRmse}`)
  const mass = parts.reduce((sum, [one, amount]) => sum + one.bulkDensity * amount, 0)
  close(bulkDensity * volumeYield * total, mass, 1e-9, `${name}: mass`)
  const solids = parts.reduce((sum, [one, amount]) => sum + (1 - one.totalPorosity) * amount, 0)
  close((1 - totalPorosity) * volumeYield * total, solids, 1e-9, `${name}: solids`)
  const all = parts.map(([one]) => one.ksCmPerS)
  const slack = 1 + 1e-9
  assert.ok(
    ksCmPerS >= Math.min(...all) / slack && ksCmPerS <= Math.max(...all) * slack,
    `${name}: Ks ${ksCmPerS}`,
  )
}

test('every pair of shipped materials makes a sound mix, whichever is more', () => {
  const all = shippedMaterials
  all.forEach((one, i) => {
    for (const other of all.slice(i + 1)) {
      for (const parts of [1, 5, 9]) checkBlend([[one, parts] as const, [other, 10 - parts]])
    }
  })
})

test('so does every triple', () => {
  const all = shippedMaterials
  all.forEach((one, i) => {
    all.slice(i + 1).forEach((two, j) => {
      for (const three of all.slice(i + j + 2))
        checkBlend([[one, 2] as const, [two, 1], [three, 1]])
    })
  })
})
