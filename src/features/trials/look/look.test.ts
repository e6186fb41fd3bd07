import assert from 'node:assert/strict'
import { test } from 'node:test'
import type { LookPot } from '../../../messages/trials/lookViews'
import { bodyOf, nextOpen, pressed, readTyped, stateOfPot, typedOf, withEntered } from './look'

const pot = (id: number, more: Partial<LookPot> = {}): LookPot => ({
  id,
  code: `P${id}`,
  containerId: id,
  block: null,
  cropName: null,
  treatmentName: null,
  leftOut: null,
  diedOn: null,
  before: {},
  values: {},
  note: '',
  events: [],
  ...more,
})
const OUT = { on: '2026-05-01', happened: 'animal' as const, why: '' }

test('keys write digits, one point and no second; a score is one digit', () => {
  const typed = (keys: readonly Parameters<typeof pressed>[1][], measure = 'height' as const) =>
    keys.reduce((text, key) => pressed(text, key, measure), '')
  assert.equal(typed(['1', '2', '.', '.', '5']), '12.5')
  assert.equal(typed(['.', '5']), '0.5')
  assert.equal(typed(['0', '7']), '7')
  assert.equal(typed(['1', '2', 'wipe']), '1')
  assert.equal(pressed('3', '5', 'vigour'), '5')
  assert.equal(pressed('4', '.', 'leaves'), '4')
})

test('what cannot be is told at its number; a comma is a point', () => {
  assert.equal(readTyped('height', '12,5', 0).value, 12.5)
  assert.equal(readTyped('height', '', 0).value, null)
  assert.match(readTyped('height', '-3', 0).problem ?? '', /number/)
  assert.match(readTyped('height', '1e3', 0).problem ?? '', /number/)
  assert.match(readTyped('height', '900', 0).problem ?? '', /600 cm/)
  assert.match(readTyped('vigour', '6', 0).problem ?? '', /1 and 5/)
  assert.match(readTyped('leaves', '3.5', 0).problem ?? '', /whole/i)
  assert.match(readTyped('emerged', '6', 5).problem ?? '', /Only 5/)
  assert.equal(readTyped('emerged', '6', 0).value, 6)
})

test('a pot is sent whole: nothing entered is nothing, something wrong is not sent, what was read can be taken away', () => {
  const at = { on: null, seeds: 0 }
  const measures = ['height', 'vigour'] as const
  assert.equal(bodyOf(pot(1), { values: {}, note: '  ' }, measures, at), null)
  assert.equal(
    bodyOf(pot(1), { values: { height: '12', vigour: '9' }, note: '' }, measures, at),
    null,
  )
  assert.deepEqual(bodyOf(pot(1), { values: { height: '12' }, note: '' }, measures, at)?.values, {
    height: 12,
    vigour: null,
  })
  const read = pot(1, { values: { height: 12 } })
  assert.equal(typedOf(read).values.height, '12')
  const away = bodyOf(read, { values: { height: '' }, note: '' }, measures, at)
  assert.ok(away)
  assert.equal(stateOfPot(withEntered(read, away)), 'open')
})

test('the walk goes on to the next pot that was not looked at, round and round; left out and dead ones are passed', () => {
  const pots = [
    pot(1, { values: { height: 3 } }),
    pot(2, { leftOut: OUT }),
    pot(3, { diedOn: '2026-05-02' }),
    pot(4),
    pot(5),
  ]
  assert.deepEqual(pots.map(stateOfPot), ['looked', 'out', 'dead', 'open', 'open'])
  assert.equal(nextOpen(pots, 1)?.id, 4)
  assert.equal(nextOpen(pots, 4)?.id, 5)
  assert.equal(nextOpen(pots, 5)?.id, 4)
  assert.equal(nextOpen(pots.slice(0, 3), 1), null)
})
