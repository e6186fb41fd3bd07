import assert from 'node:assert/strict'
import { test } from 'node:test'
import { addDays, addMonths, daysBetween } from '.'

test('days are counted by the calendar, whatever the clocks do', () => {
  assert.equal(daysBetween('2026-03-28', '2026-03-30'), 2)
  assert.equal(daysBetween('2026-11-02', '2026-10-30'), -3)
  assert.equal(addDays('2028-02-28', 2), '2028-03-01')
  assert.equal(addMonths('2026-01-31', 1), '2026-02-28')
  assert.equal(addMonths('2026-01-31', 1.5), '2026-03-15')
})

test('what is no day is refused, not counted', () => {
  for (const wrong of ['', 'soon', '2026-13-01', '2026-11-02T10:00Z']) {
    assert.throws(() => daysBetween('2026-11-02', wrong), /is not a date/)
    assert.throws(() => daysBetween(wrong, '2026-11-02'), /is not a date/)
    assert.throws(() => addDays(wrong, 1), /is not a date/)
  }
})
