import assert from 'node:assert/strict'
import { test } from 'node:test'
import { nextCodes } from './nextCodes'

test('codes go on after the highest, whatever other codes there are', () => {
  assert.deepEqual(nextCodes(new Set(), 2), ['P01', 'P02'])
  assert.deepEqual(nextCodes(new Set(['P09', 'KA47', 'Tub 300', 'P3']), 2), ['P10', 'P11'])
  // A number that cannot be counted on is left alone, and nothing is given out twice.
  const odd = new Set(['P07', 'P100000000000000000000', 'P999999999', 'P1000000000'])
  assert.deepEqual(nextCodes(odd, 2), ['P1000000001', 'P1000000002'])
})
