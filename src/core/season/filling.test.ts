import assert from 'node:assert/strict'
import { test } from 'node:test'
import { close } from '../../../testing/tables'
import type { ContainerShape } from '../containers'
import { DomainError } from '../errors'
import { drainHoles, emitters } from './drainHoles'
import { settlingTopUp, usualHeadspaceCm } from './filling'

const round = (top: number, base: number, height = 25): ContainerShape => ({
  kind: 'round',
  topDiameterCm: top,
  baseDiameterCm: base,
  heightCm: height,
})
const trough: ContainerShape = {
  kind: 'rectangular',
  topLengthCm: 100,
  topWidthCm: 30,
  baseLengthCm: 90,
  baseWidthCm: 24,
  heightCm: 28,
}

test('one hole for each 100 cm² of the base, four at least, one in the middle of a small pot', () => {
  assert.deepEqual(drainHoles(round(13, 10)).positions, [{ xCm: 0, yCm: 0 }])
  assert.equal(drainHoles(round(20, 15)).count, 4)
  // 30 cm across the base are 707 cm².
  assert.equal(drainHoles(round(38, 30)).count, 8)
  assert.ok(drainHoles(trough).count >= 22)
  assert.equal(drainHoles({ kind: 'bowl', rimDiameterCm: 35, heightCm: 18 }).diameterMm, 12)
})

test('holes lie on the base, none on another, and their middle is the middle of the base', () => {
  for (const shape of [round(20, 15), round(38, 30), round(60, 50), trough]) {
    const { positions } = drainHoles(shape)
    const middle = (of: 'xCm' | 'yCm') =>
      positions.reduce((sum, spot) => sum + spot[of], 0) / positions.length
    close(middle('xCm'), 0, 1e-9)
    close(middle('yCm'), 0, 1e-9)
    for (const [index, { xCm, yCm }] of positions.entries()) {
      if (shape.kind === 'round') assert.ok(Math.hypot(xCm, yCm) < shape.baseDiameterCm / 2 - 0.6)
      if (shape.kind === 'rectangular') {
        assert.ok(Math.abs(xCm) < shape.baseLengthCm / 2 - 0.6)
        assert.ok(Math.abs(yCm) < shape.baseWidthCm / 2 - 0.6)
      }
      for (const other of positions.slice(index + 1)) {
        assert.ok(Math.hypot(xCm - other.xCm, yCm - other.yCm) > 3, 'room for the drill')
      }
    }
  }
})

test('one emitter for each 300 cm² of the top, round a ring or along a trough', () => {
  assert.deepEqual(emitters(round(18, 14), 2), {
    count: 1,
    positions: [{ xCm: 0, yCm: 0 }],
    litresPerHour: 2,
  })
  const tub = emitters(round(40, 32), 2)
  assert.equal(tub.count, 4)
  assert.equal(tub.litresPerHour, 8)
  for (const { xCm, yCm } of tub.positions) close(Math.hypot(xCm, yCm), 12, 1e-9)
  assert.equal(emitters(trough, 1).count, 10)
  assert.throws(() => emitters(trough, 0), DomainError)
})

test('the gap to the rim goes by the width; what sinks is topped up with what sinks in its turn', () => {
  assert.deepEqual(
    [12, 15, 30, 31].map((top) => usualHeadspaceCm(round(top, top))),
    [1.5, 2.5, 2.5, 4],
  )
  close(settlingTopUp(20, 8), 20 * (0.08 / 0.92), 1e-12)
  close((20 + settlingTopUp(20, 8)) * 0.92, 20, 1e-12)
  assert.equal(settlingTopUp(20, 0), 0)
  assert.throws(() => settlingTopUp(20, 100), DomainError)
  assert.throws(() => settlingTopUp(-1, 8), DomainError)
})
