import assert from 'node:assert/strict'
import { test } from 'node:test'
import type { ContainerShape } from '../../core/containers'
import type { Stratum } from '../../messages/media/lotViews'
import { byGrain } from './grains'
import { fitHeight, frameFor, halfWidthCm } from './potGeometry'
import { scatterGrains } from './scatterGrains'

const box = { width: 230, height: 150, left: 22, right: 54, top: 6, bottom: 6 }
const pot: ContainerShape = { kind: 'round', topDiameterCm: 30, baseDiameterCm: 20, heightCm: 25 }
const trough: ContainerShape = {
  kind: 'rectangular',
  topLengthCm: 80,
  topWidthCm: 34,
  baseLengthCm: 74,
  baseWidthCm: 28,
  heightCm: 12,
}
const bowl: ContainerShape = { kind: 'bowl', rimDiameterCm: 40, heightCm: 20 }

test('a container is drawn to scale and inside its box', () => {
  for (const shape of [pot, trough, bowl]) {
    const height = fitHeight(shape, box)
    const frame = frameFor(shape, { ...box, height })
    const left = frame.toX(-halfWidthCm(shape, shape.heightCm))
    const right = frame.toX(halfWidthCm(shape, shape.heightCm))
    assert.ok(left >= box.left - 1e-9 && right <= box.width - box.right + 1e-9, shape.kind)
    assert.ok(frame.toY(shape.heightCm) >= box.top - 1 && frame.toY(0) <= height, shape.kind)
    assert.ok(
      Math.abs((right - left) / frame.pxPerCm - 2 * halfWidthCm(shape, shape.heightCm)) < 1e-9,
    )
  }
  assert.ok(fitHeight(trough, box) < box.height, 'a low trough takes no more room than it needs')
})

test('a bowl is round: no width at the bottom, half the rim at the top', () => {
  assert.equal(halfWidthCm(bowl, 0), 0)
  assert.ok(Math.abs(halfWidthCm(bowl, 20) - 20) < 1e-9)
  assert.ok(halfWidthCm(bowl, 10) > 10, 'wider than a cone')
})

const strata: Stratum[] = [
  { materialId: 'perlite', name: 'Perlite', group: 'aggregate', grainMm: 4, share: 0.3 },
  { materialId: 'peat', name: 'Peat', group: 'organic base', grainMm: 1, share: 0.7 },
]

test('grains lie inside the mix, as many as their share, and the same each time', () => {
  const frame = frameFor(pot, { ...box, height: fitHeight(pot, box) })
  const once = scatterGrains(strata, pot, frame, { fromCm: 0, toCm: 20 }, 200)
  assert.deepEqual(scatterGrains(strata, pot, frame, { fromCm: 0, toCm: 20 }, 200), once)
  const pebbles = once.find(({ materialId }) => materialId === 'perlite')?.d ?? ''
  assert.equal(pebbles.split('M').length - 1, 60)
  for (const [, x, y] of pebbles.matchAll(/M(-?[\d.]+) (-?[\d.]+)/g)) {
    assert.ok(Number(x) > 0 && Number(x) < box.width)
    assert.ok(Number(y) >= frame.toY(20) - 6 && Number(y) <= frame.toY(0) + 6)
  }
})

test('in a core sample light fibre lies above stones', () => {
  assert.deepEqual(
    byGrain(strata).map(({ materialId }) => materialId),
    ['peat', 'perlite'],
  )
})
