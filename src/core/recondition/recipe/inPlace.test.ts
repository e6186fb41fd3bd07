import assert from 'node:assert/strict'
import { test } from 'node:test'
import { isTooFull, shareInPlace, whyTipped } from './inPlace'
import { surplusUse } from './surplus'

const stays = { inOwnPots: true, rootMass: 'fine', actions: [], roots: 'leave-fine' } as const

test('a lot is worked where it stands unless something has to come out of it', () => {
  assert.equal(whyTipped(stays), null)
  assert.equal(whyTipped({ ...stays, inOwnPots: false }), 'other-pots')
  assert.equal(whyTipped({ ...stays, rootMass: 'bound' }), 'roots')
  assert.equal(whyTipped({ ...stays, roots: 'sieve' }), 'sieve')
  assert.equal(whyTipped({ ...stays, actions: ['heat'] }), 'treatment')
  assert.equal(whyTipped({ ...stays, actions: ['skim'] }), null)
})

test('in place no more compost goes in than finds room above the old mix', () => {
  // 50 L of mix make 46 L settled by 8 %; 40 L are there: a fifth is missing.
  assert.ok(Math.abs(shareInPlace(0.3, 40, 46, 0.08) - 0.2) < 1e-9)
  assert.equal(shareInPlace(0.1, 40, 46, 0.08), 0.1)
  assert.equal(shareInPlace(0.3, 60, 46, 0.08), 0)
  assert.equal(isTooFull({ leftoverLitres: 2 }), true)
  assert.equal(isTooFull({ leftoverLitres: 0.2 }), false)
})

test('old mix for the open ground: 30 L mulch a square metre 3 cm deep; dug in, half as much soil', () => {
  const mulch = surplusUse(30, 'mulch')
  assert.ok(mulch.id === 'mulch' && Math.abs(mulch.squareMetres - 1) < 1e-9)
  const bed = surplusUse(30, 'bed')
  assert.ok(bed.id === 'bed' && bed.soilLitres === 15)
})
