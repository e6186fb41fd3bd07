import assert from 'node:assert/strict'
import { test } from 'node:test'
import { problem } from '../../../../testing/tables'
import { debrisAsked, foundByLook, mixDropCm } from './potLook'

test('what an answer finds by itself is a problem of the table', () => {
  const all = foundByLook({ smell: 'sour', life: 'much' }, true)
  assert.deepEqual(all, ['water-repellent', 'sour-smell', 'soil-decomposers'])
  for (const id of all) assert.ok(problem(id))
  assert.deepEqual(foundByLook({ smell: 'earth', life: 'little' }, false), [])
  assert.deepEqual(foundByLook({ smell: null, life: null }, false), [])
})

test('mulch is no mix: the mix begins below it', () => {
  assert.equal(mixDropCm(3, { mulchCm: 2 }), 5)
  assert.equal(mixDropCm(3, { mulchCm: 0 }), 3)
})

test('one problem that asks for the bin sends all debris there', () => {
  assert.equal(debrisAsked([null, 'compost', 'bin']), 'bin')
  assert.equal(debrisAsked(['compost', null]), 'compost')
  assert.equal(debrisAsked([null]), null)
  assert.equal(debrisAsked([]), null)
})
