import assert from 'node:assert/strict'
import { test } from 'node:test'
import { close } from '../../../testing/tables'
import { meterReading } from './meterReading'
import { type PenCalibration, penSlope, penTrust } from './penTrust'

/** An electrode at 95 % of the ideal: 56.2 mV a pH at 25 °C. */
const GOOD: PenCalibration = {
  daysAgo: 3,
  tempC: 25,
  buffers: [
    { ph: 4.01, millivolts: 168 },
    { ph: 7, millivolts: 0 },
  ],
}

test('a slope is told in per cent of the ideal at its temperature', () => {
  close(penSlope(GOOD) ?? 0, (100 * (168 / 2.99)) / 59.16, 0.01)
  const cold = penSlope({ ...GOOD, tempC: 5 })
  assert.ok((cold ?? 0) > (penSlope(GOOD) ?? 0))
  assert.equal(penSlope({ ...GOOD, buffers: GOOD.buffers.slice(0, 1) }), null)
})

test('a pen is trusted for 14 days after two buffers with a sound slope', () => {
  const doubts = (change: Partial<PenCalibration> | null, ph = 6) =>
    penTrust({ calibration: change && { ...GOOD, ...change }, ph }).doubts
  assert.deepEqual(doubts({}), [])
  assert.deepEqual(doubts({ daysAgo: 14 }), [])
  assert.deepEqual(doubts({ daysAgo: 15 }), ['too long ago'])
  assert.deepEqual(doubts(null), ['never calibrated'])
  assert.deepEqual(doubts({ buffers: [{ ph: 7, millivolts: 0 }] }), ['one buffer'])
  assert.deepEqual(
    doubts({
      buffers: [
        { ph: 4.01, millivolts: 140 },
        { ph: 7, millivolts: 0 },
      ],
    }),
    ['slope'],
  )
  // A pen that tells no millivolts can still be trusted by its two buffers.
  assert.deepEqual(
    doubts({
      buffers: [
        { ph: 4.01, millivolts: null },
        { ph: 7, millivolts: null },
      ],
    }),
    [],
  )
  assert.deepEqual(doubts({}, 8.2), ['alkaline'])
  assert.deepEqual(doubts({ buffers: [...GOOD.buffers, { ph: 10.01, millivolts: -169 }] }, 8.2), [])
})

test('a conductivity is kept at 25 °C and told by every method, the water taken off', () => {
  const reading = meterReading({
    method: '1:2',
    ph: 6.1,
    ecDsPerM: 0.9,
    tempC: 15,
    compensated: false,
    waterEcDsPerM: 0.3,
    calibration: GOOD,
  })
  const at25 = 0.9 / (1 - 0.19)
  close(reading.ecAt25 ?? 0, at25, 1e-12)
  close(reading.ecBy?.['1:2'] ?? 0, at25, 1e-12)
  // 0.811 dS/m above the water lies between the knots 0.75 (SME 2.0) and 1.25 (SME 3.5).
  close(reading.ecBy?.SME ?? 0, 2 + ((at25 - 0.3 - 0.75) / 0.5) * 1.5, 1e-9)
  assert.equal(reading.band, 'normal')
  assert.equal(reading.trust?.trusted, true)
  const compensated = meterReading({
    method: 'SME',
    ph: null,
    ecDsPerM: 2,
    tempC: 10,
    compensated: true,
    waterEcDsPerM: 0,
    calibration: null,
  })
  assert.deepEqual([compensated.ecAt25, compensated.trust], [2, null])
})

test('pH 15, and nothing read at all, are refused', () => {
  const read = (ph: number | null) =>
    meterReading({
      method: '1:2',
      ph,
      ecDsPerM: null,
      tempC: 20,
      compensated: true,
      waterEcDsPerM: 0,
      calibration: null,
    })
  assert.throws(() => read(15), { code: 'out-of-range' })
  assert.throws(() => read(null), { code: 'too-few' })
})
