import assert from 'node:assert/strict'
import { test } from 'node:test'
import { close } from '../../../../testing/tables'
import { mayMix } from '../triage/mayMix'
import type { Triage } from '../triage/triageTypes'
import type { MixHistory } from './blendHistories'
import { familiesIn, unitedHeritage } from './heritage'

const BARE: MixHistory = {
  families: [],
  problems: [],
  unreactedLimeGPerL: 0,
  starterNMgPerL: 0,
  ecSme: 0,
}
const season = (rotationGroup: string, year: number) => ({
  rotationGroup,
  season: year,
  startedOn: `${year}-05-01`,
})

test('what a lot served itself counts whole, the newest first', () => {
  const found = familiesIn([season('brassica', 2024), season('legume', 2026)], null)
  assert.deepEqual(
    found.map(({ rotationGroup, season: year, share }) => [rotationGroup, year, share]),
    [
      ['legume', 2026, 1],
      ['brassica', 2024, 1],
    ],
  )
})

test('after two lots came together each family counts by its litres; what is grown later counts whole', () => {
  const heritage = unitedHeritage(
    [
      { ...BARE, litres: 30, families: [{ rotationGroup: 'brassica', season: 2025, share: 1 }] },
      { ...BARE, litres: 10, families: [{ rotationGroup: 'allium', season: 2025, share: 1 }] },
    ],
    '2026-02-01',
  )
  const found = familiesIn([season('brassica', 2025), season('legume', 2026)], heritage)
  const shareOf = (group: string) =>
    found.find(({ rotationGroup }) => rotationGroup === group)?.share ?? -1
  close(shareOf('brassica'), 0.75, 1e-12)
  close(shareOf('allium'), 0.25, 1e-12)
  assert.equal(shareOf('legume'), 1)
  assert.equal(found.length, 3, 'its own season before the day is not told twice')
})

test('lots come together three times: shares are of all that came, none is lost', () => {
  let heritage = unitedHeritage([{ ...BARE, litres: 1, families: [] }], '2026-01-01')
  let litres = 1
  for (let year = 2000; year < 2020; year++) {
    heritage = unitedHeritage(
      [
        { ...BARE, ...heritage, litres },
        { ...BARE, litres: 1, families: [{ rotationGroup: 'beet', season: year, share: 1 }] },
      ],
      '2026-01-02',
    )
    litres += 1
  }
  assert.equal(heritage.families.length, 20)
  for (const { share } of heritage.families) close(share, 1 / 21, 1e-12)
})

test('a doubtful lot joins only one with the very same problems, and a lot under stop none', () => {
  const judged = (mixWith: Triage['mixWith'], ...problems: string[]) =>
    ({
      mixWith,
      reasons: problems.map((problemId) => ({ problemId, rule: 'living', verdict: 'treat' })),
    }) as unknown as Triage
  assert.equal(mayMix(null, null), true)
  assert.equal(mayMix(judged('any', 'aphids'), null), true)
  assert.equal(mayMix(judged('same-problem', 'clubroot'), null), false)
  assert.equal(mayMix(null, judged('same-problem', 'clubroot')), false)
  assert.equal(mayMix(judged('same-problem', 'clubroot'), judged('same-problem', 'clubroot')), true)
  assert.equal(
    mayMix(judged('same-problem', 'clubroot'), judged('same-problem', 'clubroot', 'wilt')),
    false,
  )
  assert.equal(mayMix(judged('none', 'herbicide'), judged('none', 'herbicide')), false)
})
