import assert from 'node:assert/strict'
import { test } from 'node:test'
import { growingMonths, halfAYearOn, isSouthern, monthsAt } from './growingYear'

test('a garden grows by its latitude, not from April to October everywhere', () => {
  assert.deepEqual(growingMonths(50), [4, 5, 6, 7, 8, 9, 10])
  assert.deepEqual(growingMonths(-37), [10, 11, 12, 1, 2, 3, 4])
  assert.equal(growingMonths(5).length, 12)
  assert.equal(growingMonths(-12).length, 12)
  assert.ok(isSouthern(-0.1) && !isSouthern(0))
  assert.throws(() => growingMonths(120), /latitude/)
})

test('sowing months of the tables come half a year later in the south', () => {
  assert.deepEqual(monthsAt('3-5', 50), { from: 3, to: 5 })
  assert.deepEqual(monthsAt('3-5', -37), { from: 9, to: 11 })
  assert.deepEqual(monthsAt('9-11', -37), { from: 3, to: 5 })
  assert.deepEqual(monthsAt('6', -37), { from: 12, to: 12 })
  assert.equal(monthsAt(null, 50), null)
})

test('a year of months turned twice is the year again', () => {
  const months = [1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12]
  assert.deepEqual(halfAYearOn(months).slice(0, 2), [7, 8])
  assert.deepEqual(halfAYearOn(halfAYearOn(months)), months)
})
