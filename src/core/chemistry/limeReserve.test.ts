import assert from 'node:assert/strict'
import { test } from 'node:test'
import { close } from '../../../testing/tables'
import { unreactedLime } from './limeReserve'

const lime = { cce: 1, releaseDays50: 35 }
const sulfur = { cce: -3.12, releaseDays50: 45 }

test('half of a dose is left after its half-time, spread over the litres that are there', () => {
  const events = [
    { daysAgo: 70, litres: 20, doses: [] },
    { daysAgo: 35, litres: 0, doses: [{ amendment: lime, grams: 40 }] },
  ]
  close(unreactedLime({ events }), 1, 1e-12, '40 g, half of it, in 20 L')
})

test('what leaves takes its lime along; what comes in thins it', () => {
  const given = { daysAgo: 0, litres: 0, doses: [{ amendment: lime, grams: 40 }] }
  const start = { daysAgo: 9, litres: 20, doses: [] }
  const after = (litres: number) =>
    unreactedLime({ events: [start, given, { daysAgo: 0, litres, doses: [] }] })
  close(after(0), 2, 1e-12)
  close(after(-10), 2, 1e-12, 'as much in each litre that is left')
  close(after(20), 1, 1e-12)
  assert.equal(after(-20), 0, 'nothing left')
})

test('what acts at once or acidifies leaves no lime; a reversed dose takes it back', () => {
  const start = { daysAgo: 9, litres: 20, doses: [] }
  const dose = (amendment: typeof lime, grams: number) => ({
    daysAgo: 5,
    litres: 0,
    doses: [{ amendment, grams }],
  })
  assert.equal(unreactedLime({ events: [start, dose({ cce: 1.3, releaseDays50: 0 }, 40)] }), 0)
  assert.equal(unreactedLime({ events: [start, dose(sulfur, 40)] }), 0)
  assert.equal(unreactedLime({ events: [start, dose(lime, 40), dose(lime, -40)] }), 0)
  assert.equal(unreactedLime({ events: [] }), 0)
})
