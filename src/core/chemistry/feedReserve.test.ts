import assert from 'node:assert/strict'
import { test } from 'node:test'
import { amendment, close, crop, material } from '../../../testing/tables'
import { feedLeft, nitrogenLeft } from './feedReserve'
import { unreactedLime } from './limeReserve'
import { nitrogenBudget } from './nitrogenBudget'
import { reservesIn } from './reserves'

const slow = { ...amendment('granular-444'), id: 'slow', releaseDays50: 70, nReleaseSeason: 0.8 }
const cold = (daysAgo: number) => daysAgo
const start = { daysAgo: 140, litres: 20, doses: [] }
const fed = (grams: number, daysAgo = 70) => ({
  daysAgo,
  litres: 0,
  doses: [{ amendment: slow, grams }],
})
const gPerL = (events: Parameters<typeof feedLeft>[0]['events']) =>
  feedLeft({ events, warmDaysSince: cold })[0]?.gPerL ?? 0

test('after its half-time half of a feed is left, in each litre that is there', () => {
  close(gPerL([start, fed(40)]), 1, 1e-12)
  close(gPerL([start, fed(40), { daysAgo: 1, litres: -10, doses: [] }]), 1, 1e-12, 'half is gone')
  close(gPerL([start, fed(40), { daysAgo: 1, litres: 20, doses: [] }]), 0.5, 1e-12, 'thinned')
  close(
    gPerL([start, fed(40), { daysAgo: 1, litres: -4, keeps: true, doses: [] }]),
    40 / 2 / 16,
    1e-12,
    'what sinks keeps its feed',
  )
  close(gPerL([start, fed(20), fed(20, 140)]), 0.5 + 0.25, 1e-12, 'two seasons add up')
})

test('what is left goes on as if it had been there from the first', () => {
  const setting = {
    components: [{ material: material('all-purpose-mix'), parts: 1 }],
    crop: crop('chard'),
    weeklyMeanTempC: 20,
    initialMgPerL: 0,
    leachPerWeek: 0,
  }
  const whole = nitrogenBudget({
    ...setting,
    amendments: [{ amendment: slow, gPerL: 2 }],
    weeks: 20,
  })
  const sofar = whole.weeks.slice(0, 10).reduce((sum, { released }) => sum + released, 0)
  const rest = nitrogenBudget({
    ...setting,
    feedLeft: feedLeft({ events: [start, fed(40)], warmDaysSince: cold }),
    weeks: 10,
  })
  const own = nitrogenBudget({ ...setting, weeks: 10 })
  const own20 = nitrogenBudget({ ...setting, weeks: 20 })
  const ownLater = own20.releasedMgPerL - own.releasedMgPerL
  close(
    rest.releasedMgPerL - own.releasedMgPerL,
    whole.releasedMgPerL - sofar - ownLater,
    1e-6,
    'the second ten weeks of the same feed',
  )
})

test('what acts at once, brings no nitrogen, or is all set free leaves nothing', () => {
  const events = (of: Partial<typeof slow>, daysAgo = 70) => [
    start,
    { daysAgo, litres: 0, doses: [{ amendment: { ...slow, ...of }, grams: 40 }] },
  ]
  const none = (given: ReturnType<typeof events>) =>
    assert.deepEqual(feedLeft({ events: given, warmDaysSince: cold }), [])
  none(events({ releaseDays50: 0 }))
  none(events({ nPercent: 0 }))
  none(events({}, 3000))
  none([])
  assert.equal(nitrogenLeft([{ amendment: slow, gPerL: 1 }]), 10 * slow.nPercent * 0.8)
})

test('a dose of the lot it was parted from keeps its own day', () => {
  const parted = [{ daysAgo: 5, litres: 10, doses: [{ amendment: slow, grams: 20, daysAgo: 70 }] }]
  close(gPerL(parted), 1, 1e-12)
  assert.deepEqual(reservesIn(parted).reserves[0]?.daysAgo, 70)
})

test('settling keeps lime as well: denser in each litre', () => {
  const lime = { cce: 1, releaseDays50: 35 }
  const events = [
    { daysAgo: 9, litres: 20, doses: [] },
    { daysAgo: 0, litres: 0, doses: [{ amendment: lime, grams: 40 }] },
  ]
  const sunk = { daysAgo: 0, litres: -4, keeps: true, doses: [] }
  close(unreactedLime({ events: [...events, sunk] }), 40 / 16, 1e-12)
})
