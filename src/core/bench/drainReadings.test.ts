import assert from 'node:assert/strict'
import { test } from 'node:test'
import { drainReadings } from './drainReadings'

const OBSERVED = {
  pouredMl: 700,
  firstDripS: 38,
  markMl: 150,
  markS: 98,
  stoppedS: 840,
  endS: 840,
  drainedMl: 610,
}

test('millilitres a minute from the first drip to the mark, and what the mix kept', () => {
  const readings = drainReadings(OBSERVED)
  assert.equal(readings.mlPerMin, 150)
  assert.equal(readings.retainedMl, 90)
  assert.ok(Math.abs(readings.retainedShare - 90 / 700) < 1e-12)
  assert.equal(readings.stalled, false)
})

test('a test in which nothing came, or not to the mark, has stalled', () => {
  const none = drainReadings({
    ...OBSERVED,
    firstDripS: null,
    markS: null,
    stoppedS: null,
    endS: 900,
    drainedMl: 0,
  })
  assert.deepEqual([none.stalled, none.mlPerMin, none.retainedShare], [true, null, 1])
  const some = drainReadings({ ...OBSERVED, markS: null, drainedMl: 90 })
  assert.deepEqual([some.stalled, some.mlPerMin], [true, null])
  // It ran through, only nobody took the time.
  const untimed = drainReadings({ ...OBSERVED, firstDripS: null, markS: null, stoppedS: null })
  assert.deepEqual([untimed.stalled, untimed.mlPerMin], [false, null])
})

test('more drained than poured, and times out of order, are refused at their field', () => {
  const field = (change: Partial<typeof OBSERVED>) => {
    let told: unknown = null
    assert.throws(
      () => drainReadings({ ...OBSERVED, ...change }),
      (error: { code?: string; details?: { field?: unknown } }) => {
        told = error.details?.field
        return error.code === 'bad-argument'
      },
    )
    return told
  }
  assert.equal(field({ drainedMl: 900 }), 'drainedMl')
  assert.equal(field({ markS: 20 }), 'markS')
  assert.equal(field({ stoppedS: 60 }), 'stoppedS')
  assert.equal(field({ endS: 800 }), 'endS')
  // 150 mL were seen to run out.
  assert.equal(field({ drainedMl: 100 }), 'drainedMl')
  assert.throws(() => drainReadings({ ...OBSERVED, pouredMl: 0 }), { code: 'out-of-range' })
})
