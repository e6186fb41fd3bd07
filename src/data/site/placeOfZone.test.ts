import assert from 'node:assert/strict'
import { test } from 'node:test'
import { latitudeOfZone } from './placeOfZone'

test('a new garden begins on the half of the globe its time zone is on', () => {
  for (const zone of ['Europe/London', 'America/New_York', 'Asia/Tokyo', 'Africa/Cairo', 'UTC']) {
    assert.ok(latitudeOfZone(zone) > 0, zone)
  }
  for (const zone of ['Pacific/Auckland', 'Australia/Brisbane', 'America/Lima', 'Africa/Harare']) {
    assert.ok(latitudeOfZone(zone) < 0, zone)
  }
})
