import assert from 'node:assert/strict'
import { test } from 'node:test'
import { close } from '../../../testing/tables'
import { weedCount, weedsInAll } from './weedCount'

test('weeds per 100 cm² with the exact interval of a count', () => {
  const five = weedCount({ tray: { areaCm2: 500, count: 5 }, untreated: null })
  close(five.per100Cm2, 1, 1e-12)
  // Garwood's limits for five: 1.6235 and 11.6683.
  close(five.interval[0], 1.6235 / 5, 1e-4)
  close(five.interval[1], 11.6683 / 5, 1e-4)
  const none = weedCount({ tray: { areaCm2: 100, count: 0 }, untreated: null })
  assert.equal(none.interval[0], 0)
  close(none.interval[1], 3.6889, 1e-4)
})

test('against an untreated tray, area for area, with its exact interval', () => {
  const { ratio } = weedCount({
    tray: { areaCm2: 400, count: 4 },
    untreated: { areaCm2: 200, count: 16 },
  })
  close(ratio?.value ?? 0, 0.125, 1e-12)
  // Clopper-Pearson of 4 in 20: 0.0573 to 0.4366, as odds times the areas' ratio.
  close(ratio?.interval[0] ?? 0, (0.5 * 0.0573) / 0.9427, 2e-4)
  close(ratio?.interval[1] ?? 0, (0.5 * 0.4366) / 0.5634, 2e-4)
  assert.equal(
    weedCount({ tray: { areaCm2: 1, count: 3 }, untreated: { areaCm2: 1, count: 0 } }).ratio,
    null,
  )
})

test('counts are whole, areas are above nothing, and there is at least one count', () => {
  assert.throws(() => weedCount({ tray: { areaCm2: 0, count: 1 }, untreated: null }), {
    code: 'out-of-range',
  })
  assert.throws(() => weedCount({ tray: { areaCm2: 10, count: 1.5 }, untreated: null }), {
    code: 'bad-argument',
  })
  assert.equal(weedsInAll([{ count: 3 }, { count: 2 }]), 5)
  assert.throws(() => weedsInAll([]), { code: 'too-few' })
})
