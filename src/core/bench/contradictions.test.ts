import assert from 'node:assert/strict'
import { test } from 'node:test'
import { runsDisagree } from './spread'

// Read as a grower would: two runs of one mix, and whether one of them has to be set aside.
const RUNS = [
  [[24, 738], 's', true, 'a clock that ran on'],
  [[95, 110], 's', false, 'a firm hand and a soft one'],
  [[60, 115], 's', false, 'nearly double: still the same mix'],
  [[60, 130], 's', true, 'more than double'],
  [[2, 8], 's', false, 'seconds of a husk mix: the hand on the key'],
  [[5, 40], 's', true, 'a channel beside a slow run'],
  [[70, 80, 300], 's', true, 'one of three'],
  [[0.14, 0.18], 'share', false, 'four points of air'],
  [[0.12, 0.26], 'share', true, 'fourteen points: another mix, or a plug that leaked'],
  [[0.81], 'share', false, 'one run contradicts nothing'],
] as const

for (const [values, unit, disagree, why] of RUNS) {
  test(`${values.join(' and ')} (${unit}): ${why}`, () => {
    assert.equal(runsDisagree(unit, values), disagree)
  })
}
