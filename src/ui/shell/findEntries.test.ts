import assert from 'node:assert/strict'
import { test } from 'node:test'
import { AREAS } from './areas'
import { entryKey, findEntries, matchEntries, namesTyped } from './findEntries'

const entries = findEntries({
  lots: [
    { id: 1, name: 'Long trough by the door' },
    { id: 3, name: 'Camellia tub' },
  ],
  pots: [
    {
      id: 4,
      code: 'P04',
      name: 'Oak tub',
      place: 'North landing',
      lotId: 3,
      lotName: 'Camellia tub',
    },
    { id: 14, code: 'P14', name: 'Tall pot', place: 'South wall', lotId: null, lotName: null },
  ],
  places: ['North landing', 'South wall'],
  mixes: [{ id: 2, name: 'Bean mix' }],
  trials: [{ id: 1, name: 'Chard in three mixes' }],
  materials: [{ id: 'grit', name: 'Grit' }],
  orders: [{ id: 9, lotId: 1, lotName: 'Long trough by the door' }],
  tests: [{ id: 4, kind: 'drain', name: 'Camellia tub' }],
})
const first = (typed: string) => matchEntries(entries, typed)[0]

test('a pot is found by its code and leads to its page', () => {
  assert.equal(first('p04')?.address, '/pots/4')
  assert.equal(first('P14')?.address, '/pots/14')
})

test('every word must fit, in any order; nothing fits nonsense', () => {
  assert.equal(first('door long')?.address, '/lots/1')
  assert.equal(first('turn over camellia')?.address, '/turnover/new?lot=3')
  assert.equal(first('go on work order')?.address, '/turnover/orders/9')
  assert.equal(first('test camellia')?.address, '/bench/tests/4')
  assert.equal(first('bean')?.address, '/mixes/design?mix=2')
  assert.equal(first('grit')?.address, '/bench/samples/material/grit')
  assert.deepEqual(matchEntries(entries, 'zeppelin'), [])
  assert.equal(matchEntries(entries, '  ').length, entries.length)
})

test('every area and what can be begun there is found by its name', () => {
  for (const { name, address, actions } of AREAS) {
    for (const place of [{ name, address }, ...actions]) {
      assert.ok(
        matchEntries(entries, place.name).some((entry) => entry.address === place.address),
        place.name,
      )
    }
  }
})

test('no two entries are taken for one another', () => {
  assert.equal(new Set(entries.map(entryKey)).size, entries.length)
})

test('the server is asked for names, not for what is to be done with them', () => {
  assert.equal(namesTyped('Turn over the camellia'), 'camellia')
  assert.equal(namesTyped('go on with'), '')
  assert.equal(namesTyped('P04'), 'P04')
})
