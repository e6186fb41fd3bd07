import assert from 'node:assert/strict'
import { test } from 'node:test'
import { crop, problem, shippedProblems } from '../../../../testing/tables'
import type { Found } from '../found/lotFound'
import { cropBars } from './cropBars'
import { mayMix } from './mayMix'
import type { Treatment, TreatmentKind } from './treatments'
import { triageHistory } from './triageHistory'
import { triageOfLot } from './triageOfLot'

const PROBLEMS = new Map(shippedProblems.map((one) => [one.id, one]))
const ms = (on: string) => Date.parse(`${on}T12:00:00Z`)
const seen = (problemId: string, on: string, more: Partial<Found> = {}): Found => ({
  kind: 'problem',
  state: 'trouble',
  problemId,
  numbers: {},
  at: ms(on),
  on,
  origin: { kind: 'seen', id: 1, note: null },
  season: Number(on.slice(0, 4)),
  rotationGroup: null,
  ...more,
})
let nextId = 1
const did = (kind: TreatmentKind, on: string, more: Partial<Treatment> = {}): Treatment => ({
  id: nextId++,
  kind,
  at: ms(on) + 1,
  on,
  until: null,
  endedOn: null,
  skimCm: null,
  note: null,
  problemIds: [],
  ...more,
})
const judge = (found: readonly Found[], treatments: readonly Treatment[], today: string) =>
  triageOfLot({ found, treatments, problems: PROBLEMS, season: Number(today.slice(0, 4)), today })

test('a rest counts from the day it began, and the judgement changes by itself on the day it is over', () => {
  const found = [seen('root-aphid', '2026-10-20')]
  assert.equal(problem('root-aphid').restMonths, 12)
  const before = judge(found, [], '2026-11-10')
  assert.deepEqual([before?.verdict, before?.actions.includes('rest')], ['treat', true])
  assert.equal(before?.hold, null, 'nobody laid it to rest yet')
  const rest = did('rest', '2026-11-10')
  for (const today of ['2026-11-10', '2026-11-25', '2027-05-31', '2027-11-09']) {
    const during = judge(found, [rest], today)
    assert.equal(during?.verdict, 'treat', today)
    assert.deepEqual([during?.hold?.kind, during?.hold?.until], ['rest', '2027-11-10'], today)
    assert.equal(during?.earliestReuse, '2027-11-10', today)
    assert.deepEqual(cropBars(during, crop('chard')), [
      { kind: 'held', why: 'rest', until: '2027-11-10' },
    ])
  }
  const after = judge(found, [rest], '2027-11-10')
  assert.deepEqual([after?.verdict, after?.hold], ['reuse', null])
  assert.deepEqual(cropBars(after, crop('chard')), [])
})

test('a month after the last of a long month is the last of a short one', () => {
  const rest = did('rest', '2026-08-31')
  const found = [seen('root-mealybug', '2026-08-30')]
  assert.equal(problem('root-mealybug').restMonths, 6)
  assert.equal(judge(found, [rest], '2027-02-27')?.verdict, 'treat')
  assert.equal(judge(found, [rest], '2027-02-28')?.verdict, 'reuse')
})

test('a rest that is broken off stops counting; a new finding begins it anew', () => {
  const found = [seen('root-aphid', '2026-01-10')]
  const broken = did('rest', '2026-02-01', { endedOn: '2026-06-01' })
  assert.equal(judge(found, [broken], '2027-12-31')?.verdict, 'treat')
  const rest = did('rest', '2026-02-01')
  const again = [...found, seen('carrot-fly', '2026-09-01')]
  assert.equal(judge(again, [rest], '2026-10-01')?.hold?.until, '2027-09-01')
})

test('what was done before a finding does not count against it', () => {
  const found = [seen('salt-crust', '2026-10-01')]
  assert.equal(judge(found, [did('leach', '2026-09-30')], '2026-10-02')?.verdict, 'treat')
  assert.equal(judge(found, [did('leach', '2026-10-02')], '2026-10-03')?.verdict, 'reuse')
})

test('two thin tops come to one thick one', () => {
  const found = [seen('annual-weeds', '2026-10-01')]
  const one = did('skim', '2026-10-02', { skimCm: 2 })
  const two = did('skim', '2026-10-03', { skimCm: 1 })
  assert.equal(judge(found, [one], '2026-10-05')?.verdict, 'clean')
  assert.equal(judge(found, [one, two], '2026-10-05')?.verdict, 'reuse')
})

test('a quarantine keeps a healthy lot apart until its day, with its reason', () => {
  const quarantine = did('quarantine', '2026-11-01', { until: '2026-12-01', note: 'asked the lab' })
  const during = judge([], [quarantine], '2026-11-30')
  assert.deepEqual(
    [during?.verdict, during?.hold?.kind, during?.hold?.note, during?.earliestReuse],
    ['reuse', 'quarantine', 'asked the lab', '2026-12-01'],
  )
  assert.equal(mayMix(during, null), false, 'it joins nothing meanwhile')
  assert.equal(judge([], [quarantine], '2026-12-01'), null)
  const ended = { ...quarantine, endedOn: '2026-11-10' }
  assert.equal(judge([], [ended], '2026-11-15'), null)
})

test('an override lifts waits and families, not what makes food unsafe nor what it may be mixed with', () => {
  const wilt = [seen('fusarium-wilt', '2026-09-01', { rotationGroup: 'solanum' })]
  const override = did('override', '2026-11-01', {
    note: 'other pots in reach are full',
    problemIds: ['fusarium-wilt'],
  })
  const judged = judge(wilt, [override], '2026-11-02')
  assert.deepEqual(
    [judged?.verdict, judged?.notFor, judged?.actions, judged?.overridden?.verdict],
    ['reuse', [], [], 'restrict'],
  )
  assert.equal(judged?.overridden?.reason, 'other pots in reach are full')
  assert.equal(judged?.mixWith, 'same-problem')
  const poison = judge(
    [seen('systemic-insecticide', '2026-09-01')],
    [did('override', '2026-11-01', { note: 'flowers', problemIds: ['systemic-insecticide'] })],
    '2026-11-02',
  )
  assert.deepEqual([poison?.verdict, poison?.forFood, poison?.mixWith], ['reuse', false, 'none'])
})

test('something else found later asks again, whatever was decided before', () => {
  const override = did('override', '2026-11-01', { note: 'x', problemIds: ['salt-crust'] })
  const found = [seen('salt-crust', '2026-10-01')]
  assert.equal(judge(found, [override], '2026-11-05')?.verdict, 'reuse')
  const more = [...found, seen('vine-weevil', '2026-11-04')]
  const judged = judge(more, [override], '2026-11-05')
  assert.deepEqual([judged?.verdict, judged?.overridden], ['treat', null])
})

test('what changed is told with its day and its cause', () => {
  const found = [
    seen('root-aphid', '2026-10-20'),
    seen('common-scab', '2026-10-25', { rotationGroup: 'solanum' }),
  ]
  const changes = triageHistory({
    found,
    treatments: [did('rest', '2026-11-10')],
    mixedAt: null,
    mixedOn: null,
    problems: PROBLEMS,
    from: '2026-01-01',
    today: '2031-03-01',
  })
  assert.deepEqual(
    changes.map(({ on, before, after, because }) => [on, before, after, because.kind]),
    [
      ['2026-10-20', 'reuse', 'treat', 'found'],
      ['2026-10-25', 'treat', 'restrict', 'found'],
      ['2026-11-10', 'restrict', 'restrict', 'done'],
      ['2027-11-10', 'restrict', 'restrict', 'time'],
      ['2030-11-10', 'restrict', 'reuse', 'time'],
    ],
  )
  const [, barred, , , freed] = changes
  assert.ok(barred?.barred.includes('solanum'))
  assert.ok(freed?.freed.includes('solanum'))
})

test('nothing found, nothing done: nothing changed', () => {
  const none = { found: [], treatments: [], mixedAt: null, mixedOn: null, problems: PROBLEMS }
  assert.deepEqual(triageHistory({ ...none, from: '2026-01-01', today: '2026-12-31' }), [])
})
