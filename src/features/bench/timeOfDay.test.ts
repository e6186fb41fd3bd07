import assert from 'node:assert/strict'
import { test } from 'node:test'
import { timeOfDay } from './timeOfDay'
import { withTimeOfDay } from './withTimeOfDay'

const ZONES = ['Europe/London', 'America/New_York', 'Pacific/Auckland'] as const

test('a time corrected across midnight stays within the day around it', () => {
  for (const zone of ZONES) {
    for (const [at, typed] of [
      ['2026-07-02T', '00:00:10'],
      ['2026-12-30T', '23:59:50'],
    ] as const) {
      for (let hour = 0; hour < 24; hour++) {
        const moment = `${at}${String(hour).padStart(2, '0')}:17:05.000Z`
        const corrected = withTimeOfDay(moment, typed, zone) as string
        assert.equal(timeOfDay(corrected, zone), typed)
        const hours = Math.abs(Date.parse(corrected) - Date.parse(moment)) / 3_600_000
        assert.ok(hours <= 12, `${zone} ${moment} -> ${corrected}`)
      }
    }
  }
})

test('a second after midnight is not a day before', () => {
  const late = '2026-07-02T22:59:55.000Z'
  assert.equal(timeOfDay(late, 'Europe/London'), '23:59:55')
  assert.equal(withTimeOfDay(late, '00:00:01', 'Europe/London'), '2026-07-02T23:00:01.000Z')
  assert.equal(withTimeOfDay(late, '23:59:40', 'Europe/London'), '2026-07-02T22:59:40.000Z')
})

/** Changes of summer time: a moment shortly before or after, what is typed, and when that was. */
const CHANGES = [
  // Clocks go forward at 01:00: 02:10 is a quarter of an hour after 00:55.
  ['Europe/London', '2026-03-29T00:55:00.000Z', '02:10:00', '2026-03-29T01:10:00.000Z'],
  // And back at 02:00: from the second 01:05, 00:50 is an hour and a quarter ago.
  ['Europe/London', '2026-10-25T01:05:00.000Z', '00:50:00', '2026-10-24T23:50:00.000Z'],
  ['America/New_York', '2026-03-08T06:58:00.000Z', '03:04:00', '2026-03-08T07:04:00.000Z'],
  ['Pacific/Auckland', '2026-04-04T14:10:00.000Z', '01:40:00', '2026-04-04T12:40:00.000Z'],
] as const

test('a time corrected across a change of summer time is right', () => {
  for (const [zone, at, typed, expected] of CHANGES) {
    assert.equal(withTimeOfDay(at, typed, zone), expected, `${zone} ${at}`)
  }
})

test('of an hour that comes twice the nearer one is meant', () => {
  const zone = 'Europe/London'
  assert.equal(
    withTimeOfDay('2026-10-25T00:20:00.000Z', '01:10:00', zone),
    '2026-10-25T00:10:00.000Z',
  )
  assert.equal(
    withTimeOfDay('2026-10-25T01:20:00.000Z', '01:10:00', zone),
    '2026-10-25T01:10:00.000Z',
  )
})

test('an hour that is left out is no time', () => {
  assert.equal(withTimeOfDay('2026-03-29T00:55:00.000Z', '01:30:00', 'Europe/London'), null)
  assert.equal(withTimeOfDay('2026-03-29T00:55:00.000Z', 'later', 'Europe/London'), null)
})
