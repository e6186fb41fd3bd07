import assert from 'node:assert/strict'
import { test } from 'node:test'
import fc from 'fast-check'
import { close } from '../../../testing/tables'
import { DomainError } from '../errors'
import { waterDrift } from './waterDrift'

const HARD = { alkalinity: 210, mediaLitres: 20, buffer: 1.2 }

test('hard water lifts the pH by half of the lime it brings', () => {
  // 60 L bring 12.6 g; the container takes 24 g for one unit.
  const drift = waterDrift({ ...HARD, litresApplied: 60, ph: 5.6, phHigh: 6 })
  close(drift.limeEquivalentG, 12.6, 1e-9)
  close(drift.deltaPh, 0.2625, 1e-12)
  close(drift.phAfter ?? 0, 5.8625, 1e-12)
  close(drift.monthsToLeave ?? 0, (0.4 / 0.2625) * 6, 1e-9)
  assert.equal(drift.rainShare, 0, 'it stays inside: no rain water needed')
  assert.equal(drift.sulfurGPerL, 0)
})

test('rain water or sulfur hold an acid lover at the top of its band', () => {
  const given = { ...HARD, litresApplied: 200, ph: 5.6, phHigh: 6 }
  const drift = waterDrift(given)
  close(drift.rainShare ?? 0, 1 - 19.2 / 42, 1e-9)
  close(drift.sulfurGPerL ?? 0, (21 - 9.6) / (3.12 * 20), 1e-9)
  const mixed = waterDrift({ ...given, alkalinity: 210 * (1 - (drift.rainShare ?? 0)) })
  close(mixed.phAfter ?? 0, 6, 1e-9, 'with that share of rain')
  const acid = 2 * (drift.sulfurGPerL ?? 0) * 20 * 3.12
  close(waterDrift({ ...given, fertilizerAcidity: acid }).phAfter ?? 0, 6, 1e-9, 'with sulfur')
})

test('what is not known is told as nothing, never guessed', () => {
  const bare = waterDrift({ ...HARD, litresApplied: 60 })
  assert.deepEqual(
    [bare.phAfter, bare.monthsToLeave, bare.rainShare, bare.sulfurGPerL],
    [null, null, null, null],
  )
  const noBand = waterDrift({ ...HARD, litresApplied: 60, ph: 6 })
  assert.equal(noBand.monthsToLeave, null)
  assert.ok(noBand.phAfter)
})

test('the drift stops at the ends; acid feed turns it round; rain water alone needs no share', () => {
  assert.equal(waterDrift({ ...HARD, litresApplied: 9000, ph: 7 }).phAfter, 8)
  assert.equal(waterDrift({ ...HARD, litresApplied: 9000, ph: 8.4 }).phAfter, 8.4)
  const acid = waterDrift({
    ...HARD,
    litresApplied: 10,
    fertilizerAcidity: 900,
    ph: 6,
    phHigh: 6.5,
  })
  assert.ok(acid.deltaPh < 0)
  assert.equal(acid.phAfter, 3.5)
  assert.equal(acid.monthsToLeave, null)
  assert.equal(
    waterDrift({ ...HARD, alkalinity: 0, litresApplied: 50, ph: 6, phHigh: 6.5 }).rainShare,
    0,
  )
  assert.equal(waterDrift({ ...HARD, litresApplied: 50, ph: 7, phHigh: 6.5 }).monthsToLeave, 0)
  assert.throws(
    () => waterDrift({ ...HARD, alkalinity: 1200, litresApplied: 1 }),
    (error) => error instanceof DomainError && error.code === 'out-of-range',
  )
})

test('more buffer drifts less', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 0.2, max: 5, noNaN: true }),
      fc.double({ min: 1.01, max: 4, noNaN: true }),
      fc.double({ min: 0, max: 500, noNaN: true }),
      (buffer, times, litresApplied) => {
        const weak = waterDrift({ ...HARD, buffer, litresApplied })
        const strong = waterDrift({ ...HARD, buffer: buffer * times, litresApplied })
        assert.ok(Math.abs(strong.deltaPh) <= Math.abs(weak.deltaPh) + 1e-12)
      },
    ),
  )
})
