import assert from 'node:assert/strict'
import { test } from 'node:test'
import { problem, shippedProblems } from '../../../../testing/tables'
import { DomainError } from '../../errors'
import { triage } from './triage'
import type { Triage, TriageDone, TriageFinding } from './triageTypes'

const TODAY = '2026-10-31'
const SEASON = 2027

const judge = (
  found: readonly (string | (Omit<TriageFinding, 'problem'> & { readonly id: string }))[],
  done: Partial<TriageDone> = {},
  options: { canHeat?: boolean; canRest?: boolean } = {},
): Triage =>
  triage({
    findings: found.map((one) =>
      typeof one === 'string' ? { problem: problem(one) } : { ...one, problem: problem(one.id) },
    ),
    done,
    options,
    season: SEASON,
    today: TODAY,
  })

test('what was found decides by the first rule that fits it', () => {
  const cases: readonly [
    name: string,
    result: Triage,
    verdict: Triage['verdict'],
    actions: Triage['actions'],
    mixWith: Triage['mixWith'],
    earliestReuse: string | null,
  ][] = [
    ['nothing found', judge([]), 'reuse', [], 'any', TODAY],
    ['a water mould', judge(['phytophthora-root-rot']), 'discard', ['discard'], 'none', null],
    [
      'rot that heat ends',
      judge(['pythium-root-rot']),
      'treat',
      ['clear-debris', 'heat'],
      'same-problem',
      '2026-11-14',
    ],
    [
      'rot, heated long enough',
      judge(['pythium-root-rot'], { minutesAt60: 30 }),
      'reuse',
      [],
      'any',
      TODAY,
    ],
    [
      'rot, a minute too short',
      judge(['pythium-root-rot'], { minutesAt60: 29 }),
      'treat',
      ['clear-debris', 'heat'],
      'same-problem',
      '2026-11-14',
    ],
    [
      'a gnat, not skimmed',
      judge(['fungus-gnat']),
      'clean',
      ['clear-debris', 'skim'],
      'same-problem',
      TODAY,
    ],
    ['a gnat, skimmed', judge(['fungus-gnat'], { skimmedCm: 5 }), 'reuse', [], 'any', TODAY],
    [
      'a sour smell: a month in the open, kept inside the month',
      judge(['sour-smell']),
      'treat',
      ['aerate'],
      'same-problem',
      '2026-11-30',
    ],
    ['a sour smell, aired', judge(['sour-smell'], { aerated: true }), 'reuse', [], 'any', TODAY],
    ['a dry root ball', judge(['water-repellent']), 'treat', ['rewet'], 'any', TODAY],
    ['salt', judge(['salt-crust']), 'treat', ['skim', 'leach'], 'any', '2026-11-07'],
    [
      'a weedkiller, not asked',
      judge(['pyralid-residue']),
      'restrict',
      ['clear-debris', 'seedling-test'],
      'none',
      '2026-11-28',
    ],
    [
      'a weedkiller that beans show',
      judge(['pyralid-residue'], { seedlingTest: 'harmed' }),
      'restrict',
      ['clear-debris'],
      'none',
      TODAY,
    ],
    [
      'a weedkiller that is gone',
      judge(['pyralid-residue'], { seedlingTest: 'clean' }),
      'reuse',
      [],
      'any',
      TODAY,
    ],
    [
      'drift: what is left of its rest, then beans again',
      judge(['spray-drift'], { seedlingTest: 'harmed', restedMonths: 1 }),
      'restrict',
      ['clear-debris', 'rest', 'seedling-test'],
      'none',
      '2027-02-28',
    ],
    [
      'a death nobody can explain',
      judge(['unknown-death'], { seedlingTest: 'harmed' }),
      'treat',
      ['clear-debris', 'heat', 'seedling-test'],
      'none',
      '2026-12-12',
    ],
    [
      'the same without heat',
      judge(['unknown-death'], { seedlingTest: 'harmed' }, { canHeat: false }),
      'discard',
      ['discard'],
      'none',
      null,
    ],
    [
      'rot without heat: restricted, because it eats everything',
      judge(['pythium-root-rot'], {}, { canHeat: false }),
      'restrict',
      ['clear-debris'],
      'same-problem',
      TODAY,
    ],
    [
      'grubs without heat: rested',
      judge(['vine-weevil'], {}, { canHeat: false }),
      'treat',
      ['clear-debris', 'rest'],
      'same-problem',
      '2027-10-31',
    ],
    [
      'woodsorrel without heat: no rest ends it',
      judge(['woodsorrel'], {}, { canHeat: false }),
      'discard',
      ['discard'],
      'none',
      null,
    ],
    [
      'nematodes on bulbs, neither heat nor rest: their families wait',
      judge(['stem-bulb-nematode'], {}, { canHeat: false, canRest: false }),
      'restrict',
      ['clear-debris'],
      'same-problem',
      TODAY,
    ],
    [
      'a family break that is over',
      judge([{ id: 'common-scab', season: 2022 }]),
      'reuse',
      [],
      'any',
      TODAY,
    ],
    ['nothing affected', judge([{ id: 'clubroot', affectedShare: 0 }]), 'reuse', [], 'any', TODAY],
  ]
  for (const [name, { verdict, actions, mixWith, earliestReuse }, ...expected] of cases) {
    assert.deepEqual([verdict, actions, mixWith, earliestReuse], expected, name)
  }
})

test('families are kept out for their seasons, the ill one alone where a form keeps to it', () => {
  const wilt = judge([{ id: 'fusarium-wilt', season: 2026, rotationGroup: 'solanum' }])
  assert.deepEqual(wilt.notFor, [{ rotationGroup: 'solanum', untilSeason: 2034 }])
  const any = judge([{ id: 'verticillium-wilt', season: 2025 }])
  assert.deepEqual(
    any.notFor.map(({ rotationGroup }) => rotationGroup),
    ['cucurbit', 'daisy', 'lettuce', 'mint', 'rosaceae', 'solanum'],
  )
  assert.ok(any.notFor.every(({ untilSeason }) => untilSeason === 2033))
  const both = judge([
    { id: 'common-scab', season: 2025 },
    { id: 'fusarium-wilt', season: 2026, rotationGroup: 'solanum' },
  ])
  assert.equal(
    both.notFor.find(({ rotationGroup }) => rotationGroup === 'solanum')?.untilSeason,
    2034,
  )
  // Heat ends the bar only of what is not severe.
  const heated = judge(['fusarium-wilt'], { minutesAt71: 30 })
  assert.equal(heated.verdict, 'restrict')
  assert.equal(heated.notFor.length, 11)
  const scab = judge(['common-scab'], { minutesAt71: 30 })
  assert.deepEqual([scab.verdict, scab.notFor], ['reuse', []])
  // A weedkiller seen years ago, but beans curl today.
  const again = judge([{ id: 'pyralid-residue', season: 2020 }], { seedlingTest: 'harmed' })
  assert.ok(again.notFor.every(({ untilSeason }) => untilSeason === SEASON - 1 + 3))
  assert.equal(judge([{ id: 'spray-drift', season: 2026 }]).notFor[0]?.untilSeason, 2027)
})

test('food and seedlings are kept from what harms them', () => {
  const drops = judge(['rodent-bird-droppings'])
  assert.deepEqual([drops.forFood, drops.forSeedlings], [false, false])
  assert.equal(judge(['road-salt']).forFood, true)
  assert.equal(judge(['damping-off']).forSeedlings, false)
  assert.equal(judge(['water-repellent']).forSeedlings, true)
  assert.equal(judge(['sour-smell']).forSeedlings, false)
  const unknown = judge(['unknown-origin'], { seedlingTest: 'clean' })
  assert.deepEqual([unknown.verdict, unknown.forFood], ['restrict', false])
})

test('together the strictest wins, with what each asks for in the order of the work', () => {
  const all = judge(['bindweed', 'pythium-root-rot', 'salt-crust', 'sour-smell', 'water-repellent'])
  assert.equal(all.verdict, 'treat')
  assert.deepEqual(all.actions, ['clear-debris', 'skim', 'rewet', 'aerate', 'leach', 'heat'])
  assert.deepEqual(all.heat, { tempC: 82, minutes: 30 })
  assert.equal(all.skimCm, 2)
  assert.equal(all.debrisTo, 'bin')
  assert.equal(all.earliestReuse, '2026-11-30')
  assert.equal(all.reasons.length, 5)
  const lost = judge(['clubroot', 'salt-crust'])
  assert.deepEqual(
    [lost.verdict, lost.actions, lost.heat, lost.skimCm, lost.debrisTo, lost.earliestReuse],
    ['discard', ['discard'], null, null, null, null],
  )
})

test('every problem gets a verdict that holds together, whatever was done and can be done', () => {
  const verdicts = ['reuse', 'clean', 'treat', 'restrict', 'compost', 'discard']
  for (const one of shippedProblems) {
    for (const canHeat of [true, false]) {
      for (const canRest of [true, false]) {
        for (const restedMonths of [0, 300]) {
          for (const seedlingTest of ['none', 'clean', 'harmed'] as const) {
            const alone = judge([one.id], { restedMonths, seedlingTest }, { canHeat, canRest })
            const worse = judge([one.id, 'sour-smell'], { seedlingTest }, { canHeat, canRest })
            assert.ok(
              verdicts.indexOf(worse.verdict) >= verdicts.indexOf(alone.verdict) ||
                restedMonths > 0,
              one.id,
            )
            const isLost = alone.verdict === 'compost' || alone.verdict === 'discard'
            assert.equal(alone.earliestReuse === null, isLost, one.id)
            assert.ok(!isLost || (!alone.forFood && !alone.forSeedlings), one.id)
            assert.ok(alone.verdict !== 'treat' || alone.actions.length > 0, one.id)
            if (alone.actions.includes('heat')) assert.ok(canHeat && alone.heat, one.id)
            if (alone.actions.includes('rest') && one.action !== 'bioassay') assert.ok(canRest)
          }
        }
      }
    }
    assert.equal(judge([one.id]).reasons[0]?.problemId, one.id)
  }
})

test('what cannot be is refused', () => {
  const refused = (make: () => unknown, code: string) =>
    assert.throws(make, (error) => error instanceof DomainError && error.code === code)
  refused(() => judge(['salt-crust'], { skimmedCm: -1 }), 'out-of-range')
  refused(() => judge(['salt-crust'], { restedMonths: Number.NaN }), 'not-finite')
  refused(() => judge(['salt-crust'], { seedlingTest: 'odd' as 'none' }), 'bad-argument')
  refused(() => judge([{ id: 'salt-crust', affectedShare: 2 }]), 'out-of-range')
  refused(() => triage({ findings: [], season: 2027, today: 'soon' }), 'bad-argument')
  refused(() => triage({ findings: [], season: 2027.5, today: TODAY }), 'bad-argument')
  refused(
    () => triage({ findings: [{} as TriageFinding], season: 2027, today: TODAY }),
    'bad-argument',
  )
})
