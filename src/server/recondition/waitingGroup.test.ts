import assert from 'node:assert/strict'
import { test } from 'node:test'
import type { LotTriage } from '../../core/recondition'
import type { WaitingState } from '../../messages/recondition/turnover'
import { byWaitingGroup, waitingGroup } from './waitingGroup'

type Judged = Pick<LotTriage, 'verdict' | 'hold' | 'overridden'>
const judged = (verdict: Judged['verdict'], more: Partial<Judged> = {}): Judged => ({
  verdict,
  hold: null,
  overridden: null,
  ...more,
})
const hold = { id: 1, kind: 'rest' as const, since: '2026-10-01', until: '2027-03-01', note: null }
const overridden = { id: 1, verdict: 'discard' as const, reason: 'only flowers', on: '2026-10-01' }

test('a lot stands under what keeps it from its next innings', () => {
  const cases: readonly (readonly [string, WaitingState, Judged | null, string])[] = [
    ['season over, nothing found', 'turn-over', null, 'ready'],
    ['greenfly, which does no harm to the mix', 'turn-over', judged('reuse'), 'ready'],
    ['in the store, nothing found', 'store', null, 'store'],
    ['grubs to be picked out', 'turn-over', judged('clean'), 'treat'],
    ['eelworms in the store, to be heated', 'store', judged('treat'), 'treat'],
    ['rests until March, whatever else', 'turn-over', judged('reuse', { hold }), 'treat'],
    ['club root: never again cabbages, tomatoes today', 'turn-over', judged('restrict'), 'limited'],
    ['white rot in pots', 'turn-over', judged('discard'), 'lost'],
    ['weedkiller, for the compost heap', 'store', judged('compost'), 'lost'],
    ['used all the same', 'turn-over', judged('discard', { overridden }), 'ready'],
    ['short of air under its plants', 'act', null, 'growing'],
    ['given up, but plants stand in it', 'act', judged('discard'), 'growing'],
  ]
  for (const [name, state, triage, group] of cases) {
    assert.equal(waitingGroup(state, triage), group, name)
  }
})

test('lots of one kind stand together, the ready ones first, in the order they came', () => {
  const lots = [
    { id: 1, group: 'growing' as const },
    { id: 2, group: 'ready' as const },
    { id: 3, group: 'lost' as const },
    { id: 4, group: 'ready' as const },
  ]
  assert.deepEqual(
    byWaitingGroup(lots).map(({ id }) => id),
    [2, 4, 3, 1],
  )
})
