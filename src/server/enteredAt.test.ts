import assert from 'node:assert/strict'
import { test } from 'node:test'
import { enteredAt } from './enteredAt'

const NOW = new Date('2026-11-02T10:00:00Z')
const at = (ago?: string) =>
  enteredAt(
    new Request('http://localhost/', {
      headers: ago === undefined ? {} : { 'entered-ago-ms': ago },
    }),
    NOW,
  ).toISOString()

test('what was entered without a connection counts from when it was entered', () => {
  assert.equal(at(), '2026-11-02T10:00:00.000Z')
  assert.equal(at('0'), '2026-11-02T10:00:00.000Z')
  assert.equal(at('5400000'), '2026-11-02T08:30:00.000Z')
})

test('a time that is none, or from before two months, is refused', () => {
  for (const odd of ['-5', '1e3', 'soon', '99999999999999', String(61 * 86_400_000), '1.5']) {
    assert.throws(() => at(odd), /enter it anew/, odd)
  }
})
