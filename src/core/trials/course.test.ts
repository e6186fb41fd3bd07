import assert from 'node:assert/strict'
import { test } from 'node:test'
import {
  type ControlOutcome,
  controlReached,
  potValue,
  suspectedEffects,
  type TrialMeasure,
  trialChecks,
} from '.'

const SINCE = '2026-05-01'
const height = (on: string, value: number) => ({ on, measure: 'height' as const, value })
const POT = {
  records: [height('2026-05-29', 30), height('2026-05-15', 10)],
  excludedFrom: null,
}

test('a pot’s number is its last reading by that day; what is picked adds up', () => {
  const at = (on: string) => potValue(POT, { measure: 'height', on, since: SINCE })
  assert.deepEqual([at('2026-05-14'), at('2026-05-15'), at('2026-05-30')], [null, 10, 30])
  const picked = ['2026-07-01', '2026-07-08'].map((on) => ({
    on,
    measure: 'picked' as const,
    value: 40,
  }))
  const pot = { records: [...picked, height('2026-07-08', 90)], excludedFrom: null }
  const total = (on: string) => potValue(pot, { measure: 'picked', on, since: SINCE })
  assert.deepEqual([total('2026-07-01'), total('2026-08-01')], [40, 80])
  assert.equal(potValue(POT, { measure: 'leaves', on: '2026-08-01', since: SINCE }), null)
})

test('a pot that was left out counts up to that day, and not from then on', () => {
  const pot = { ...POT, excludedFrom: '2026-05-20' }
  const at = (on: string) => potValue(pot, { measure: 'height', on, since: SINCE })
  assert.deepEqual([at('2026-05-19'), at('2026-05-20'), at('2026-05-29')], [10, null, null])
})

test('dead plants score 1 and give no harvest; their height is nobody’s, what came up stays counted', () => {
  const records = [
    ...POT.records,
    { on: '2026-05-15', measure: 'vigour' as const, value: 4 },
    { on: '2026-05-10', measure: 'emerged' as const, value: 3 },
  ]
  const pot = { records, excludedFrom: null, diedOn: '2026-05-20' }
  const at = (measure: TrialMeasure, on = '2026-06-01') =>
    potValue(pot, { measure, on, since: SINCE })
  assert.deepEqual([at('vigour'), at('harvest'), at('height'), at('emerged')], [1, 0, null, 3])
  assert.equal(at('height', '2026-05-19'), 10)
})

test('the area under the curve is by trapezoids, and a day read twice counts as read last', () => {
  const area = (records: typeof POT.records) =>
    potValue(
      { records, excludedFrom: null },
      { measure: 'height', on: '2026-06-01', since: SINCE, summary: 'area' },
    )
  assert.equal(area(POT.records), 14 * 20)
  assert.equal(area([...POT.records, height('2026-05-29', 50)]), 14 * 30)
  assert.equal(area([height('2026-05-15', 10)]), null)
})

test('a look belongs to the nearest check, and a check is over once all pots were looked at', () => {
  const checks = [
    { day: 14, on: '2026-05-15' },
    { day: 28, on: '2026-05-29' },
    { day: 42, on: '2026-06-12' },
    { day: 56, on: '2026-06-26' },
  ]
  const states = trialChecks({
    checks,
    looks: [
      { pot: 1, on: '2026-05-16' },
      { pot: 2, on: '2026-05-18' },
      { pot: 1, on: '2026-05-30' },
    ],
    pots: 2,
    today: '2026-06-12',
  })
  assert.deepEqual(
    states.map(({ state, looked, doneOn }) => [state, looked, doneOn]),
    [
      ['done', 2, '2026-05-18'],
      ['late', 1, '2026-05-30'],
      ['due', 0, null],
      ['to-come', 0, null],
    ],
  )
  const later = trialChecks({
    checks,
    looks: [{ pot: 1, on: '2026-06-12' }],
    pots: 2,
    today: '2026-06-13',
  })
  assert.deepEqual(
    later.map(({ state }) => state),
    ['missed', 'missed', 'late', 'to-come'],
  )
  const looks = [{ pot: 1, on: '2026-05-16' }]
  assert.deepEqual(trialChecks({ checks: [], looks, pots: 1, today: SINCE }), [])
})

test('a control that did not reach what it had to is told, with what it came to', () => {
  const outcome: ControlOutcome = {
    sown: 20,
    emerged: 15,
    planted: 6,
    alive: 5,
    vigour: [3, 4, 2],
    weeds: 4,
  }
  const reached = (must: Parameters<typeof controlReached>[0], value: number, more: object = {}) =>
    controlReached(must, value, { ...outcome, ...more })
  assert.deepEqual(reached('germination', 80), { value: 75, isReached: false })
  assert.deepEqual(reached('germination', 75), { value: 75, isReached: true })
  assert.equal(reached('survival', 80)?.isReached, true)
  assert.deepEqual(reached('vigour', 3), { value: 3, isReached: true })
  assert.equal(reached('weeds', 5)?.isReached, false)
  assert.equal(reached('germination', 80, { emerged: null }), null)
})

test('what struck a whole treatment and no other may be its effect', () => {
  const treatmentOf = new Map([
    [1, 0],
    [2, 0],
    [3, 1],
    [4, 1],
  ])
  const told = (events: readonly (readonly [number, string])[]) =>
    suspectedEffects(
      events.map(([pot, kind]) => ({ pot, kind })),
      treatmentOf,
    )
  assert.deepEqual(told([[3, 'broken']]), [])
  assert.deepEqual(
    told([
      [3, 'bolted'],
      [4, 'bolted'],
      [1, 'bolted'],
    ]),
    [{ treatment: 1, kind: 'bolted' }],
  )
  assert.deepEqual(told([1, 2, 3, 4].map((pot) => [pot, 'frost'] as const)), [])
})
