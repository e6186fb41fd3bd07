import assert from 'node:assert/strict'
import { test } from 'node:test'
import { WHY_INPUTS, WHY_RULES, WHY_SOURCES } from '../../core/whyKeys'
import { why } from './why'

/** A sentence or a name, no key that was left standing. */
function requireWords(key: string, words: string): void {
  assert.ok(words.trim().length > 1, key)
  assert.notEqual(words, key)
  assert.doesNotMatch(words, /undefined|TODO/, key)
}

test('every reason the core can give has its sentence', () => {
  for (const key of WHY_RULES) {
    requireWords(key, why.rule(key))
    assert.match(why.rule(key), /[.?]$/, `${key} is a sentence`)
  }
})

test('every input and every source of a number is called something', () => {
  for (const key of WHY_INPUTS) requireWords(key, why.input(key))
  for (const key of WHY_SOURCES) requireWords(key, why.sourceOf(key))
  assert.equal(why.input({ called: 'Long trough' }), 'Long trough')
})
