import assert from 'node:assert/strict'
import { test } from 'node:test'
import { formatFor } from './format'

test('numbers, litres and days follow the locale and the unit setting', () => {
  const metric = formatFor({
    locale: 'de-DE',
    unitSystem: 'metric',
    currency: 'EUR',
    timeZone: 'UTC',
  })
  assert.equal(metric.plain(metric.litres(27.44)), '27,4 L')
  assert.equal(metric.plain(metric.litres(1390)), '1.390 L')
  assert.match(metric.money(2.5), /2,50/)
  const litres = [0, 0.0021, -0.0021, 0.05, 0.996, 99.96].map((one) =>
    metric.plain(metric.litres(one)),
  )
  assert.deepEqual(litres, ['0,0 L', '0,0 L', '0,0 L', '0,05 L', '1,0 L', '100 L'])
  assert.equal(metric.plain(metric.grams(9.96)), '10 g')
  assert.equal(metric.number(-0.4), '0')
  const us = formatFor({ locale: 'en-US', unitSystem: 'us', currency: null, timeZone: 'UTC' })
  assert.equal(us.plain(us.litres(37.85)), '10.0 gal')
  assert.equal(us.plain(us.litres(1)), '4.2 cups')
  assert.equal(us.plain(us.cm(25.4)), '10.0 in')
  assert.equal(us.plain(us.grams(100)), '3.5 oz')
  assert.equal(us.day('2026-11-02'), 'Nov 2, 2026')
})
