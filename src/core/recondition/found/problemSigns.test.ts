import assert from 'node:assert/strict'
import { test } from 'node:test'
import { shippedProblems } from '../../../../testing/tables'
import { problemsShownBy, SIGNS } from './problemSigns'

test('every problem of the table can be found by what is seen, and no sign leads to what is not there', () => {
  const shown = SIGNS.flatMap((sign) => problemsShownBy(sign))
  const ids = shippedProblems.map(({ id }) => id)
  assert.deepEqual(
    ids.filter((id) => !shown.includes(id)),
    [],
  )
  assert.deepEqual(
    shown.filter((id) => !ids.includes(id)),
    [],
  )
  for (const sign of SIGNS) {
    const its = problemsShownBy(sign)
    assert.equal(new Set(its).size, its.length, sign)
  }
})
