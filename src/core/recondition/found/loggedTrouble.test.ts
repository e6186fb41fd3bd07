import assert from 'node:assert/strict'
import { test } from 'node:test'
import { crop } from '../../../../testing/tables'
import { cropAfterTrouble, daysAfterTrouble, troubleAgain } from './loggedTrouble'

test('once is the weather, twice is the pot, both together say nothing', () => {
  assert.equal(troubleAgain({ staysWet: 1, driesFast: 0 }), null)
  assert.equal(troubleAgain({ staysWet: 2, driesFast: 1 }), 'wet')
  assert.equal(troubleAgain({ staysWet: 0, driesFast: 3 }), 'dry')
  assert.equal(troubleAgain({ staysWet: 2, driesFast: 2 }), null)
})

test('where it stayed wet the next recipe aims higher, never out of the band of the crop', () => {
  const chard = crop('chard')
  const wet = { staysWet: 2, driesFast: 0 }
  const aimed = cropAfterTrouble(chard, wet)
  assert.ok(aimed.airMinPercent > chard.airMinPercent)
  assert.ok(aimed.airMinPercent <= chard.airMaxPercent - 3)
  assert.equal(aimed.airMaxPercent, chard.airMaxPercent)
  assert.equal(cropAfterTrouble(chard, { staysWet: 1, driesFast: 0 }), chard)
  const narrow = { ...chard, airMinPercent: 20, airMaxPercent: 22 }
  assert.equal(cropAfterTrouble(narrow, wet), narrow)
})

test('where it dried out too fast it should last a quarter longer, in whole days', () => {
  const dry = { staysWet: 0, driesFast: 2 }
  assert.equal(daysAfterTrouble(0.6, dry), 1)
  assert.equal(daysAfterTrouble(2, dry), 3)
  assert.equal(daysAfterTrouble(2, { staysWet: 2, driesFast: 0 }), null)
  assert.equal(daysAfterTrouble(0, dry), null)
})
