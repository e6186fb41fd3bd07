import assert from 'node:assert/strict'
import { test } from 'node:test'
import fc from 'fast-check'
import { close } from '../../../testing/tables'
import { DomainError } from '../errors'
import { areaAt, type ContainerShape, containerVolume, heightForVolume } from './index'

const length = fc.double({ min: 2, max: 120, noNaN: true })
const anyShape: fc.Arbitrary<ContainerShape> = fc.oneof(
  fc.record({
    kind: fc.constant('round' as const),
    topDiameterCm: length,
    baseDiameterCm: length,
    heightCm: length,
  }),
  fc.record({
    kind: fc.constant('rectangular' as const),
    topLengthCm: length,
    topWidthCm: length,
    baseLengthCm: length,
    baseWidthCm: length,
    heightCm: length,
  }),
  // A hanging basket is at most a half sphere.
  fc
    .tuple(length, fc.double({ min: 0.1, max: 0.5, noNaN: true }))
    .map(([rimDiameterCm, flatness]) => ({
      kind: 'bowl' as const,
      rimDiameterCm,
      heightCm: rimDiameterCm * flatness,
    })),
)

test('volumes worked by hand', () => {
  const cylinder = { kind: 'round', topDiameterCm: 20, baseDiameterCm: 20, heightCm: 10 } as const
  close(containerVolume({ shape: cylinder }), Math.PI, 1e-12, 'cylinder')
  const frustum = { kind: 'round', topDiameterCm: 20, baseDiameterCm: 10, heightCm: 12 } as const
  // π · 12 / 3 · (10² + 10·5 + 5²) = 700 π cm³
  close(containerVolume({ shape: frustum }), 0.7 * Math.PI, 1e-12, 'frustum')
  const trough = {
    kind: 'rectangular',
    topLengthCm: 60,
    topWidthCm: 20,
    baseLengthCm: 50,
    baseWidthCm: 16,
    heightCm: 18,
  } as const
  // 18 / 6 · (800 + 4 · 55 · 18 + 1200) = 17 880 cm³
  close(containerVolume({ shape: trough }), 17.88, 1e-12, 'prismatoid')
  const halfSphere = { kind: 'bowl', rimDiameterCm: 30, heightCm: 15 } as const
  close(containerVolume({ shape: halfSphere }), ((2 / 3) * Math.PI * 15 ** 3) / 1000, 1e-12, 'bowl')
  close(areaAt({ shape: halfSphere, zCm: 15 }), Math.PI * 225, 1e-9, 'rim of the bowl')
})

test('the height for a volume is the inverse of the volume to a height', () => {
  fc.assert(
    fc.property(anyShape, fc.double({ min: 0.01, max: 1, noNaN: true }), (shape, share) => {
      const fillHeightCm = shape.heightCm * share
      const litres = containerVolume({ shape, fillHeightCm })
      close(heightForVolume({ shape, litres }), fillHeightCm, 1e-6 * shape.heightCm)
    }),
  )
})

test('volume is the integral of the cross-section', () => {
  fc.assert(
    fc.property(anyShape, (shape) => {
      const slices = 400
      let sum = 0
      for (let i = 0; i < slices; i++) {
        sum += areaAt({ shape, zCm: ((i + 0.5) / slices) * shape.heightCm })
      }
      const litres = (sum * shape.heightCm) / slices / 1000
      close(containerVolume({ shape }) / litres, 1, 1e-4)
    }),
  )
})

test('impossible containers are refused', () => {
  const shape = { kind: 'round', topDiameterCm: 20, baseDiameterCm: 20, heightCm: 10 } as const
  const code = (expected: string) => (error: unknown) =>
    error instanceof DomainError && error.code === expected
  assert.throws(() => containerVolume({ shape: { ...shape, heightCm: 0 } }), code('out-of-range'))
  assert.throws(() => containerVolume({ shape, fillHeightCm: 11 }), code('out-of-range'))
  assert.throws(() => heightForVolume({ shape, litres: 4 }), code('out-of-range'))
  assert.throws(() => heightForVolume({ shape, litres: -1 }), code('out-of-range'))
  assert.throws(
    () => areaAt({ shape: { ...shape, kind: 'sock' as 'round' }, zCm: 1 }),
    code('bad-argument'),
  )
})
