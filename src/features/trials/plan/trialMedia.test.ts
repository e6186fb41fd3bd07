import assert from 'node:assert/strict'
import { test } from 'node:test'
import type { MediumBody } from '../../../messages/trials/trials'
import type { NewTrialPage } from '../../../messages/trials/trialViews'
import { chosenOf, mediumName, mediumOf, versionName } from './trialMedia'

const PAGE = {
  choices: { bags: [], lots: [{ id: 7, name: 'Old tubs', litres: 40 }] },
  mixes: [{ id: 3, name: 'House mix', versions: [4, 2, 1] }],
  materials: [{ id: 'seed-mix', name: 'Seed mix' }],
} as unknown as NewTrialPage

const MEDIA: readonly (readonly [chosen: string, medium: MediumBody, name: string])[] = [
  ['lot:7', { kind: 'lot', lotId: 7 }, 'Old tubs'],
  ['mix:3:4', { kind: 'mix', mixId: 3, version: 4 }, 'House mix'],
  ['mix:3:2', { kind: 'mix', mixId: 3, version: 2 }, 'House mix, version 2'],
  ['bag:seed-mix', { kind: 'bag', materialId: 'seed-mix' }, 'Seed mix'],
]

test('what is chosen in a field is what is sent, and comes back as it was chosen', () => {
  for (const [chosen, medium, name] of MEDIA) {
    assert.deepEqual(mediumOf(chosen), medium)
    assert.equal(chosenOf(medium), chosen)
    assert.equal(mediumName(PAGE, chosen), name)
  }
})

test('nothing chosen, or what is not there any more, is nothing', () => {
  assert.equal(chosenOf(null), '')
  for (const odd of ['', 'pot:3', 'nothing']) {
    assert.equal(mediumOf(odd), undefined)
    assert.equal(mediumName(PAGE, odd), '')
  }
  for (const gone of ['lot:99', 'mix:99:1', 'bag:no-bag']) {
    assert.ok(mediumOf(gone), 'it is still asked for: the server says what it is')
    assert.equal(mediumName(PAGE, gone), '')
  }
})

test('the newest version is called by the mix alone', () => {
  const [mix] = PAGE.mixes
  assert.ok(mix)
  assert.equal(versionName(mix, 4), 'House mix')
  assert.equal(versionName(mix, 1), 'House mix, version 1')
})
