import assert from 'node:assert/strict'
import { test } from 'node:test'
import { stepDays } from './stepDays'

const step = (startsOn: string, waitDays = 0, doneOn: string | null = null) => ({
  plan: { startsOn, waitDays },
  doneOn,
})

test('a step stands on its day, and a wait is over when its days are', () => {
  const days = stepDays(
    [step('2026-11-02'), step('2026-11-02', 14), step('2026-11-16')],
    '2026-11-02',
  )
  assert.deepEqual(days, [
    { startsOn: '2026-11-02', overOn: '2026-11-02' },
    { startsOn: '2026-11-02', overOn: '2026-11-16' },
    { startsOn: '2026-11-16', overOn: '2026-11-16' },
  ])
})

test('work that began late moves what follows; a wait counts from the step before it', () => {
  const days = stepDays(
    [step('2026-11-02', 0, '2026-11-05'), step('2026-11-02', 14), step('2026-11-16')],
    '2026-11-06',
  )
  assert.deepEqual(
    days.map(({ overOn }) => overOn),
    ['2026-11-02', '2026-11-19', '2026-11-19'],
  )
  const resting = stepDays(
    [step('2026-11-02', 0, '2026-11-02'), step('2026-11-02', 14, null)],
    '2026-11-10',
  )
  assert.equal(resting[1]?.overOn, '2026-11-16', 'the days that have passed count')
})
