import assert from 'node:assert/strict'
import { test } from 'node:test'
import type { RoundPot } from '../../messages/containers/round'
import {
  codeIn,
  goOn,
  goTo,
  matchingPots,
  newRound,
  nextPlace,
  nextPot,
  type Round,
  readRound,
} from './round'

const pot = (id: number, place: string, crops: string[] = []): RoundPot => ({
  id,
  code: `P${String(id).padStart(2, '0')}`,
  name: id === 4 ? 'Tall pot' : 'Stair pot',
  place,
  crops,
})
const pots = [pot(1, 'Door'), pot(2, 'Door', ['Chard']), pot(3, 'Door'), pot(4, 'Wall', ['Bay'])]
const at = (place: string, more: Partial<Round> = {}): Round => ({
  ...newRound('2026-11-02'),
  place,
  ...more,
})

test('a round goes through a place by code and ends when all its pots were seen', () => {
  let round = at('Door')
  const walked: (number | null)[] = []
  for (let stop = 0; stop < 4; stop++) {
    round = goOn(pots, round)
    walked.push(round.potId)
  }
  assert.deepEqual(walked, [1, 2, 3, null])
  assert.equal(nextPlace(pots, round), 'Wall')
  round = goOn(pots, { ...round, place: 'Wall' })
  assert.equal(round.potId, 4)
  assert.equal(nextPlace(pots, goOn(pots, round)), null)
})

test('who begins in the middle comes to the pots before as well; who jumps leaves none out twice', () => {
  let round = goTo(at('Door'), pots[1] as RoundPot)
  assert.equal(nextPot(pots, round)?.id, 3)
  round = goOn(pots, goOn(pots, round))
  assert.equal(round.potId, 1)
  assert.equal(nextPot(pots, round), null)
})

test('a pot is found by its code first, then by its name, place or what grows in it', () => {
  const ids = (typed: string) => matchingPots(pots, typed).map(({ id }) => id)
  assert.deepEqual(ids('p04'), [4])
  assert.deepEqual(ids('P'), [1, 2, 3, 4])
  assert.deepEqual(ids('tall wall'), [4])
  assert.deepEqual(ids('chard'), [2])
  assert.deepEqual(ids('  '), [])
  assert.deepEqual(ids('none of these'), [])
})

test('a label read by the camera gives its code, whatever address it was printed for', () => {
  assert.equal(codeIn('http://192.168.1.5:4321/c/P07'), 'P07')
  assert.equal(codeIn('https://garden.example/c/Tub%20A?x=1'), 'Tub A')
  assert.equal(codeIn(' P07 '), 'P07')
  assert.equal(codeIn('/c/%E0%A4%A'), '/c/%E0%A4%A')
})

test('a round of today goes on after a reload; one of yesterday, or nonsense, begins anew', () => {
  const kept = at('Door', { potId: 2, seen: [1, 2], stays: true })
  assert.deepEqual(readRound(JSON.stringify(kept), '2026-11-02'), kept)
  const tomorrow = readRound(JSON.stringify(kept), '2026-11-03')
  assert.deepEqual([tomorrow.place, tomorrow.seen, tomorrow.stays], [null, [], true])
  for (const odd of [null, '', '{', '[]', '{"day":"2026-11-02","seen":3}', 'null']) {
    assert.deepEqual(readRound(odd, '2026-11-02'), newRound('2026-11-02'), String(odd))
  }
})
