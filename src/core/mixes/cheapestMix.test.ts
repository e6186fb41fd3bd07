import assert from 'node:assert/strict'
import { test } from 'node:test'
import { close, material } from '../../../testing/tables'
import { blendPh } from '../chemistry'
import { blendMedia, containerCapacity } from '../media'
import { cheapestMix } from './cheapestMix'
import { brokenBounds } from './mixBounds'

const POT = { kind: 'round', topDiameterCm: 24, baseDiameterCm: 18, heightCm: 22.5 } as const
const container = { shape: POT, fillHeightCm: 20 }
const shelf = (prices: Record<string, number>) =>
  Object.entries(prices).map(([id, pricePerLitre]) => ({ material: material(id), pricePerLitre }))
const SHELF = shelf({
  'all-purpose-mix': 0.22,
  'garden-compost': 0,
  'leaf-mould': 0,
  'perlite-coarse': 0.34,
  'rice-hulls': 0.19,
  pumice: 0.55,
  grit: 0.26,
  'bark-fine': 0.24,
})
const targets = {
  airMin: 0.28,
  airMax: 0.45,
  pHLow: 5.5,
  pHHigh: 7,
  ecMaxSme: null,
  limeHater: false,
}

test('the mix meets every target, and costs what its parts cost', () => {
  const found = cheapestMix({ materials: SHELF, targets, container })
  assert.ok(found)
  const components = found.parts.map(({ materialId, share }) => ({
    material: material(materialId),
    parts: share,
  }))
  const { curve, volumeYield } = blendMedia({ components })
  const { airFraction } = containerCapacity({ curve, ...container })
  assert.ok(airFraction >= 0.28 && airFraction <= 0.45)
  const { ph } = blendPh({ components })
  assert.ok(ph >= 5.5 && ph <= 7)
  close(
    found.parts.reduce((sum, { share }) => sum + share, 0),
    1,
    1e-9,
  )
  const money = found.parts.reduce(
    (sum, { materialId, share }) =>
      sum + share * (SHELF.find((one) => one.material.id === materialId)?.pricePerLitre ?? 0),
    0,
  )
  close(found.pricePerLitre, money / volumeYield, 1e-9)
})

test('no mix of two in twentieths that meets the targets is cheaper', () => {
  const found = cheapestMix({ materials: SHELF, targets, container })
  for (const one of SHELF) {
    for (const other of SHELF) {
      for (let share = 0.3; share < 1; share += 0.05) {
        if (!/mix|bark|hulls/.test(one.material.id)) continue
        const components = [
          { material: one.material, parts: share },
          { material: other.material, parts: 1 - share },
        ]
        const bounds = { groupId: null, wish: null, limeHater: false, mostCompost: 0.5, container }
        if (brokenBounds(components, bounds).length > 0) continue
        const { curve, volumeYield } = blendMedia({ components })
        const { airFraction } = containerCapacity({ curve, ...container })
        const { ph } = blendPh({ components })
        if (airFraction < 0.28 || airFraction > 0.45 || ph < 5.5 || ph > 7) continue
        const price = (share * one.pricePerLitre + (1 - share) * other.pricePerLitre) / volumeYield
        // Shares are worked out in fiftieths.
        assert.ok(
          price >= (found?.pricePerLitre ?? 0) - 0.01,
          `${one.material.id} ${share.toFixed(2)} + ${other.material.id}: ${price}`,
        )
      }
    }
  }
})

test('no more compost than is allowed', () => {
  const found = cheapestMix({
    materials: SHELF,
    targets: { ...targets, mostCompost: 0 },
    container,
  })
  assert.ok(found)
  assert.ok(found.parts.every(({ materialId }) => material(materialId).group !== 'compost'))
  const free = cheapestMix({ materials: SHELF, targets, container })
  assert.ok(found.pricePerLitre >= (free?.pricePerLitre ?? 0))
})

test('lime haters get nothing limey, and what cannot be is told as null', () => {
  const lime = shelf({ 'mushroom-compost': 0, 'acid-mix': 0.3, 'bark-fine': 0.24 })
  const found = cheapestMix({
    materials: lime,
    targets: { ...targets, airMin: 0.18, airMax: 0.4, pHLow: 4.3, pHHigh: 5.5, limeHater: true },
    container,
  })
  assert.ok(found)
  assert.ok(found.parts.every(({ materialId }) => materialId !== 'mushroom-compost'))
  assert.equal(
    cheapestMix({
      materials: SHELF,
      targets: { ...targets, airMin: 0.9, airMax: 0.95 },
      container,
    }),
    null,
  )
  assert.throws(() => cheapestMix({ materials: [], targets, container }), { code: 'out-of-range' })
})
