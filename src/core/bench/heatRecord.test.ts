import assert from 'node:assert/strict'
import { test } from 'node:test'
import { close } from '../../../testing/tables'
import { heatRecord } from './heatRecord'

const at = (...pairs: [minute: number, tempC: number][]) =>
  pairs.map(([minute, tempC]) => ({ minute, tempC }))
const DOSE = { tempC: 60, minutes: 30 }

test('minutes at or above a temperature are read along straight lines', () => {
  // Up from 20 to 80 in 60 min: 60 °C is crossed at minute 40; held to 70; down to 40 by 90, crossing 60 at 80.
  const record = heatRecord({ readings: at([0, 20], [60, 80], [70, 80], [90, 40]), dose: DOSE })
  close(record.minutesAt60, 40, 1e-9)
  close(record.minutesAt71, 60 - 51 + 10 + 4.5, 1e-9)
  assert.equal(record.minutesAt82, 0)
  assert.equal(record.verdict, 'done')
  assert.equal(record.tooHot, false)
})

test('the verdict says how many minutes are still to go, or that it has cooled', () => {
  const warm = heatRecord({ readings: at([0, 20], [20, 60], [30, 66]), dose: DOSE })
  assert.equal(warm.verdict, 'continue')
  close(warm.missingMinutes, 20, 1e-9)
  const cooled = heatRecord({ readings: at([0, 20], [20, 60], [30, 66], [40, 50]), dose: DOSE })
  assert.equal(cooled.verdict, 'warm up')
  assert.equal(heatRecord({ readings: at([0, 95]), dose: DOSE }).tooHot, true)
  assert.equal(heatRecord({ readings: at([0, 95]), dose: null }).verdict, 'no dose')
})

test('readings in reverse are refused in words; one minute twice, or none at all, too', () => {
  assert.throws(() => heatRecord({ readings: at([60, 70], [30, 70], [0, 20]), dose: DOSE }), {
    code: 'bad-argument',
    message: /minute 30 stands after the one at minute 60: put them in the order they were read/,
  })
  assert.throws(() => heatRecord({ readings: at([5, 20], [5, 30]), dose: DOSE }), {
    code: 'bad-argument',
  })
  assert.throws(() => heatRecord({ readings: [], dose: DOSE }), { code: 'too-few' })
  assert.throws(() => heatRecord({ readings: at([0, 400]), dose: DOSE }), { code: 'out-of-range' })
})
