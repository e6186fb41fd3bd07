import assert from 'node:assert/strict'
import { test } from 'node:test'
import { close } from '../../../testing/tables'
import { DomainError } from '../errors'
import {
  extraterrestrialRadiation,
  referenceEvapotranspiration,
} from './referenceEvapotranspiration'
import { weeklyTemperatures } from './weeklyTemperatures'

test('radiation above the air as in the published example (20° S, 3 September: 32.2 MJ)', () => {
  const mm = extraterrestrialRadiation({ latitudeDeg: -20, dayOfYear: 246 })
  close(mm / 0.408, 32.2, 0.05)
})

test('evapotranspiration: more in summer, none in polar night, none without a warm noon', () => {
  const at = (dayOfYear: number, tMinC: number, tMaxC: number) =>
    referenceEvapotranspiration({ latitudeDeg: 50.4, dayOfYear, tMinC, tMaxC })
  const july = at(196, 14, 21)
  // 0.0023 · 16.4 mm · 35.3 · √7
  close(
    july,
    0.0023 * extraterrestrialRadiation({ latitudeDeg: 50.4, dayOfYear: 196 }) * 35.3 * Math.sqrt(7),
    1e-9,
  )
  assert.ok(july > 3 && july < 4.5)
  assert.ok(at(15, 4, 9) < 0.7)
  assert.equal(at(196, 15, 15), 0)
  assert.equal(
    referenceEvapotranspiration({ latitudeDeg: 80, dayOfYear: 1, tMinC: -30, tMaxC: -20 }),
    0,
  )
  assert.throws(
    () => at(196, 20, 10),
    (error) => error instanceof DomainError && error.code === 'out-of-range',
  )
})

test('each week takes the month of its middle day', () => {
  const monthlyMeanTempC = [1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12]
  assert.deepEqual(
    weeklyTemperatures({ monthlyMeanTempC, startDate: '2026-01-26', weeks: 3 }),
    [1, 2, 2],
  )
  assert.throws(() =>
    weeklyTemperatures({ monthlyMeanTempC: [1], startDate: '2026-01-01', weeks: 1 }),
  )
  assert.throws(() => weeklyTemperatures({ monthlyMeanTempC, startDate: 'soon', weeks: 1 }))
})
