import assert from 'node:assert/strict'
import { test } from 'node:test'
import fc from 'fast-check'
import { DomainError } from '../errors'
import { aboveFiller } from './aboveFiller'
import { areaAt } from './areaAt'
import { containerVolume } from './containerVolume'
import type { ContainerShape } from './shape'

const POT: ContainerShape = { kind: 'round', topDiameterCm: 30, baseDiameterCm: 20, heightCm: 25 }
const BOX: ContainerShape = {
  kind: 'rectangular',
  topLengthCm: 60,
  topWidthCm: 26,
  baseLengthCm: 50,
  baseWidthCm: 20,
  heightCm: 24,
}

test('a fifth of the height taken by filler: the base is as wide as the pot is there', () => {
  assert.deepEqual(aboveFiller(POT, 5), { ...POT, heightCm: 20, baseDiameterCm: 22 })
  assert.deepEqual(aboveFiller(BOX, 12), {
    ...BOX,
    heightCm: 12,
    baseLengthCm: 55,
    baseWidthCm: 23,
  })
  assert.equal(aboveFiller(POT, 0), POT)
})

test('filler and what is left above it make the whole pot, and its walls go on as they were', () => {
  fc.assert(
    fc.property(
      fc.constantFrom(POT, BOX),
      fc.double({ min: 0.01, max: 0.99, noNaN: true }),
      (shape, share) => {
        const fillerCm = shape.heightCm * share
        const left = aboveFiller(shape, fillerCm)
        const below = containerVolume({ shape, fillHeightCm: fillerCm })
        const whole = containerVolume({ shape })
        assert.ok(Math.abs(containerVolume({ shape: left }) + below - whole) < 1e-9 * whole)
        const up = (left.heightCm * share) as number
        const inPot = areaAt({ shape, zCm: fillerCm + up })
        assert.ok(Math.abs(areaAt({ shape: left, zCm: up }) - inPot) < 1e-9 * inPot)
      },
    ),
  )
})

test('a filler as high as the pot, below nothing, or in a basket is refused', () => {
  for (const fillerCm of [25, 40, -1, Number.NaN]) {
    assert.throws(() => aboveFiller(POT, fillerCm), DomainError)
  }
  const basket: ContainerShape = { kind: 'bowl', rimDiameterCm: 40, heightCm: 18 }
  assert.throws(() => aboveFiller(basket, 3), DomainError)
  assert.equal(aboveFiller(basket, 0), basket)
})
