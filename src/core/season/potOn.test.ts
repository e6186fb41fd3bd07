import assert from 'node:assert/strict'
import { test } from 'node:test'
import fc from 'fast-check'
import { type ContainerShape, containerVolume } from '../containers'
import { DomainError } from '../errors'
import { potOn, topDressing } from './potOn'

const round = (top: number, base: number, height: number): ContainerShape => ({
  kind: 'round',
  topDiameterCm: top,
  baseDiameterCm: base,
  heightCm: height,
})
const SMALL = round(20, 15, 18)
const BALL = { shape: SMALL, heightCm: 16, litres: 3.7 }

test('an 18 cm ball into a pot 24 cm high: 5 cm under it, its top 3 cm below the rim', () => {
  const on = potOn(BALL, round(24, 18, 24), 2.5)
  assert.equal(on.gapCm, 3)
  assert.equal(on.underlayCm, 5)
  assert.equal(on.widerCm, 4)
  assert.equal(on.isMuchWider, false)
  const filled = containerVolume({ shape: round(24, 18, 24), fillHeightCm: 21 })
  assert.ok(Math.abs(on.newLitres - (filled - 3.7)) < 1e-9)
})

test('three sizes up is told; the gap is never above 5 cm', () => {
  const on = potOn(BALL, round(40, 32, 38), 8)
  assert.equal(on.isMuchWider, true)
  assert.equal(on.gapCm, 5)
})

test('too low a pot, one that holds no more, and a ball that is none are refused', () => {
  assert.throws(() => potOn(BALL, round(40, 36, 18), 2), DomainError)
  assert.throws(() => potOn({ ...BALL, litres: 40 }, round(24, 18, 24), 2), DomainError)
  assert.throws(() => potOn({ ...BALL, heightCm: 0 }, round(24, 18, 24), 2), DomainError)
})

test('ball, underlay and gap make the height; ball and new mix make what the pot holds', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 20, max: 60, noNaN: true }),
      fc.double({ min: 20, max: 60, noNaN: true }),
      fc.double({ min: 0.5, max: 8, noNaN: true }),
      (width, height, headspaceCm) => {
        const shape = round(width, width * 0.8, height)
        try {
          const on = potOn(BALL, shape, headspaceCm)
          assert.ok(Math.abs(on.gapCm + on.underlayCm + BALL.heightCm - height) < 1e-9)
          assert.ok(on.newLitres > 0 && on.underlayCm >= 0)
        } catch (error) {
          assert.ok(error instanceof DomainError)
        }
      },
    ),
  )
})

test('3 cm on a surface of 300 cm² are 0.9 L; a depth that buries crowns is refused', () => {
  assert.equal(topDressing(300, 3), 0.9)
  assert.throws(() => topDressing(300, 6), DomainError)
  assert.throws(() => topDressing(300, 0), DomainError)
})
