import assert from 'node:assert/strict'
import { test } from 'node:test'
import fc from 'fast-check'
import { close } from '../../../testing/tables'
import { DomainError } from '../errors'
import { jarTest } from './jarTest'
import { limeDose } from './limeDose'

const LIME = { cce: 1, releaseDays50: 35 }
const SULFUR = { cce: -3.12, releaseDays50: 45 }
const JARS = [
  { gPerL: 0, ph: 5.0 },
  { gPerL: 1, ph: 5.6 },
  { gPerL: 2, ph: 6.1 },
  { gPerL: 4, ph: 6.9 },
]
const refused = (code: string) => (error: unknown) =>
  error instanceof DomainError && error.code === code

test('the dose is read between the jars, and the buffer follows from it', () => {
  const { gPerL, buffer, weeks, ph0, monotone } = jarTest({
    points: JARS,
    target: 6,
    material: LIME,
  })
  // 1 g/L and 0.4 of the 0.5 to the next jar.
  close(gPerL, 1.8, 1e-12)
  assert.equal(weeks, 8)
  assert.equal(ph0, 5)
  assert.equal(monotone, true)
  // Four times two weeks of reaction with a half-time of 35 days.
  close(buffer ?? 0, (1 - 0.5 ** (56 / 35)) * 1.8, 1e-12)
})

test('the buffer of a jar test asks limeDose for the same dose', () => {
  const { gPerL, buffer, weeks } = jarTest({ points: JARS, target: 6, material: LIME })
  const dose = limeDose({
    ph: 5,
    target: 6,
    buffer: buffer ?? 0,
    material: { ...LIME, rateHighGPerL: 10 },
    weeks,
  })
  close(dose.neededGPerL, gPerL, 1e-9)
})

test('jars that run the wrong way share their mean, counted by how many they are', () => {
  const { curve, monotone } = jarTest({
    points: [
      { gPerL: 0, ph: 5 },
      { gPerL: 1, ph: 6 },
      { gPerL: 1, ph: 5.8 },
      { gPerL: 2, ph: 5.6 },
      { gPerL: 4, ph: 6.4 },
    ],
    target: 6,
    material: LIME,
  })
  assert.equal(monotone, false)
  // Two jars of 5.9 and one of 5.6: (2 · 5.9 + 5.6) / 3.
  close(curve[1]?.ph ?? 0, 5.8, 1e-12)
  close(curve[2]?.ph ?? 0, 5.8, 1e-12)
})

test('an acidifier is read downwards; an untreated jar that is there already needs nothing', () => {
  const points = [
    { gPerL: 0, ph: 7 },
    { gPerL: 0.5, ph: 6.4 },
    { gPerL: 1, ph: 5.9 },
  ]
  close(jarTest({ points, target: 6.4, material: SULFUR }).gPerL, 0.5, 1e-12)
  const there = jarTest({ points, target: 7.2, material: SULFUR })
  assert.equal(there.gPerL, 0)
  assert.equal(there.buffer, null)
})

test('nothing is read beyond the last jar, nor from too few', () => {
  assert.throws(
    () => jarTest({ points: JARS, target: 7.2, material: LIME }),
    refused('out-of-range'),
  )
  assert.throws(
    () => jarTest({ points: JARS.slice(0, 2), target: 5.5, material: LIME }),
    refused('too-few'),
  )
  assert.throws(
    () => jarTest({ points: JARS.slice(1), target: 6, material: LIME }),
    refused('bad-argument'),
  )
  assert.throws(
    () => jarTest({ points: JARS, target: 6, material: { cce: 0, releaseDays50: 35 } }),
    refused('bad-argument'),
  )
  assert.throws(
    () => jarTest({ points: JARS, target: 6, material: LIME, days: 5 }),
    refused('out-of-range'),
  )
  assert.throws(
    () => jarTest({ points: [{ gPerL: 0, ph: 15 }], target: 6, material: LIME }),
    refused('out-of-range'),
  )
})

test('a farther target never takes less', () => {
  fc.assert(
    fc.property(
      fc.array(fc.double({ min: 4, max: 8, noNaN: true }), { minLength: 3, maxLength: 7 }),
      fc.double({ min: 4, max: 7.5, noNaN: true }),
      fc.double({ min: 0, max: 0.3, noNaN: true }),
      (readings, target, more) => {
        const points = readings.map((ph, gPerL) => ({ gPerL, ph }))
        const dose = (wanted: number) => {
          try {
            return jarTest({ points, target: wanted, material: LIME }).gPerL
          } catch {
            return Number.POSITIVE_INFINITY
          }
        }
        assert.ok(dose(target) <= dose(target + more) + 1e-9)
      },
    ),
  )
})
