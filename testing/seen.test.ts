import assert from 'node:assert/strict'
import { readFileSync } from 'node:fs'
import { test } from 'node:test'
import { SEEN, seenTable } from '../docs/figures/source/seen'

for (const { what, low, high, unit, computed } of SEEN) {
  test(`as it is seen: ${what}`, () => {
    const value = computed()
    assert.ok(value >= low && value <= high, `${value} ${unit}, seen ${low} to ${high}`)
  })
}

test('the table of the document is the one that is computed', () => {
  assert.ok(SEEN.length >= 20)
  assert.ok(readFileSync('docs/models.md', 'utf8').includes(seenTable()), 'run npm run figures')
})
