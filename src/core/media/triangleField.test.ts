import assert from 'node:assert/strict'
import { test } from 'node:test'
import { close, material } from '../../../testing/tables'
import { blendMedia } from './blendMedia'
import { containerCapacity } from './containerCapacity'
import { triangleField } from './triangleField'

const POT = { kind: 'round', topDiameterCm: 24, baseDiameterCm: 18, heightCm: 22.5 } as const
const container = { shape: POT, fillHeightCm: 20 }
const corners = ['peat-medium', 'garden-compost', 'perlite-coarse'].map(material)

test('its corners are the materials alone, its middle is what mixing says', () => {
  const field = triangleField({ corners, container, steps: 6 })
  assert.equal(field.length, 28)
  const at = (shares: readonly number[]) =>
    field.find((point) =>
      point.shares.every((share, i) => Math.abs(share - (shares[i] ?? 0)) < 1e-9),
    )
  corners.forEach(({ curve }, corner) => {
    const { airFraction } = containerCapacity({ curve, ...container })
    close(at([0, 1, 2].map((i) => (i === corner ? 1 : 0)))?.air ?? 0, airFraction, 1e-9)
  })
  const { curve } = blendMedia({
    components: corners.map((one) => ({ material: one, parts: 1 })),
  })
  const middle = containerCapacity({ curve, ...container })
  close(at([1 / 3, 1 / 3, 1 / 3])?.air ?? 0, middle.airFraction, 1e-9)
  assert.ok(field.every(({ air, available }) => air >= 0 && available >= 0 && air + available < 1))
})

test('what stays as it is keeps its share in every mix', () => {
  const rest = [{ material: material('bark-fine'), parts: 5 }]
  const [point] = triangleField({ corners, rest, restShare: 0.2, container, steps: 2 })
  const { curve } = blendMedia({
    components: [
      { material: corners[2] as (typeof corners)[number], parts: 0.8 },
      { material: material('bark-fine'), parts: 0.2 },
    ],
  })
  close(point?.air ?? 0, containerCapacity({ curve, ...container }).airFraction, 1e-9)
})

test('two materials are no triangle', () => {
  assert.throws(() => triangleField({ corners: corners.slice(0, 2), container }), {
    code: 'bad-argument',
  })
  assert.throws(() => triangleField({ corners, container, steps: 400 }), { code: 'out-of-range' })
})
