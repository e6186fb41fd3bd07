import assert from 'node:assert/strict'
import { test } from 'node:test'
import { amountOf, likelyText, sideOf } from './AgainstWanted'
import { formatFor } from './format'

const WANTED = { airMin: 0.12, airMax: 0.25, pHLow: 5.5, pHHigh: 6.5, ecMaxSme: 2.3 }

test('a value lies below, within or above what is wanted; without a limit on no side', () => {
  assert.equal(sideOf('air', 0.11, WANTED), 'low')
  assert.equal(sideOf('air', 0.12, WANTED), null)
  assert.equal(sideOf('ph', 6.6, WANTED), 'high')
  assert.equal(sideOf('ec', 0, WANTED), null, 'salts have no lower limit')
  assert.equal(sideOf('ec', 2.4, WANTED), 'high')
  assert.equal(sideOf('ec', 9, { ...WANTED, ecMaxSme: null }), null)
})

test('where a value likely lies is said in its own unit, once', () => {
  const format = formatFor({
    locale: 'en-GB',
    unitSystem: 'metric',
    currency: null,
    timeZone: 'UTC',
  })
  assert.equal(likelyText('air', { p10: 0.07, p90: 0.12 }, format), 'likely 7 to 12 %')
  assert.equal(likelyText('ph', { p10: 5.9, p90: 6.44 }, format), 'likely 5.9 to 6.4')
  assert.match(likelyText('ec', { p10: 0.8, p90: 1.9 }, format), /^likely 0\.8 to 1\.9 dS\/m$/)
  assert.equal(amountOf('ph', 6.26, format).unit, '')
})
