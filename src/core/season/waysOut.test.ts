import assert from 'node:assert/strict'
import { test } from 'node:test'
import fc from 'fast-check'
import { type ContainerShape, containerVolume } from '../containers'
import { DomainError } from '../errors'
import { EXPOSURES } from './exposure'
import { nearestPlace, sizeThatDoes } from './waysOut'

const PLACES = [
  { name: 'Hall', exposure: 'indoors' },
  { name: 'Landing', exposure: 'shade' },
  { name: 'Door', exposure: 'open' },
  { name: 'Deck', exposure: 'windy' },
] as const
const POTS: readonly ContainerShape[] = [
  { kind: 'round', topDiameterCm: 30, baseDiameterCm: 22, heightCm: 28 },
  { kind: 'bowl', rimDiameterCm: 40, heightCm: 18 },
  {
    kind: 'rectangular',
    topLengthCm: 60,
    topWidthCm: 25,
    baseLengthCm: 56,
    baseWidthCm: 22,
    heightCm: 24,
  },
]

test('two days on the windy deck: the door is enough for a quarter longer, the hall would be too far', () => {
  const found = nearestPlace(2, 'windy', 2.5, PLACES)
  assert.equal(found?.place.name, 'Door')
  assert.ok(Math.abs((found?.days ?? 0) - 2.6) < 1e-9)
  assert.equal(nearestPlace(2, 'windy', 3, PLACES)?.place.name, 'Landing')
})

test('ten days in the shade: the door dries it sooner; in the sun already nothing is left', () => {
  assert.equal(nearestPlace(10, 'shade', 8, PLACES)?.place.name, 'Door')
  assert.equal(nearestPlace(10, 'windy', 8, PLACES), null)
  assert.equal(nearestPlace(10, 'shade', 8, []), null)
})

test('what is named reaches what is wanted, and nothing nearer would', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 0.2, max: 60, noNaN: true }),
      fc.constantFrom(...EXPOSURES),
      fc.double({ min: 0.3, max: 3, noNaN: true }),
      (days, exposure, times) => {
        const wanted = days * times
        const found = nearestPlace(days, exposure, wanted, PLACES)
        if (!found) return
        assert.ok(times > 1 ? found.days >= wanted : found.days <= wanted)
        for (const place of PLACES) {
          const other = nearestPlace(days, exposure, wanted, [place])
          if (!other) continue
          assert.ok(Math.abs(other.days - days) >= Math.abs(found.days - days) - 1e-9)
        }
      },
    ),
  )
})

test('days that are none are refused', () => {
  assert.throws(() => nearestPlace(0, 'open', 2, PLACES), DomainError)
  assert.throws(() => nearestPlace(2, 'open', Number.NaN, PLACES), DomainError)
})

test('the smallest size that does it, of every form, to a hundredth', () => {
  for (const shape of POTS) {
    const now = containerVolume({ shape })
    const larger = sizeThatDoes(
      shape,
      'larger',
      (one) => containerVolume({ shape: one }) >= 2 * now,
    )
    assert.ok(larger)
    assert.ok(Math.abs(containerVolume({ shape: larger }) / now - 2) < 0.01)
    assert.equal(larger.kind, shape.kind)
    const taller = sizeThatDoes(shape, 'taller', ({ heightCm }) => heightCm >= 1.5 * shape.heightCm)
    assert.ok(Math.abs((taller?.heightCm ?? 0) / shape.heightCm - 1.5) < 0.001)
  }
})

test('only its height grows where it is to be taller; nothing is named where twice the size does not do it', () => {
  const [pot] = POTS
  assert.ok(pot)
  const taller = sizeThatDoes(pot, 'taller', ({ heightCm }) => heightCm > 40)
  assert.deepEqual({ ...taller, heightCm: 0 }, { ...pot, heightCm: 0 })
  assert.equal(
    sizeThatDoes(pot, 'larger', () => false),
    null,
  )
})
