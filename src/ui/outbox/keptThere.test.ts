import assert from 'node:assert/strict'
import { test } from 'node:test'
import type { Entry } from './entry'
import { keptThere, withVersionOf } from './keptThere'

const STEP = {
  version: 4,
  doneOn: null,
  amounts: [
    { id: 'leaf-mould', unit: 'L', actual: 9.5 },
    { id: 'garden-lime', unit: 'g', actual: null },
  ],
}
const refused = (body: object, step?: unknown): Entry =>
  ({ body, problem: { current: step === undefined ? {} : { step } } }) as unknown as Entry

test('an amount somebody else entered is told in its unit, one that stands as planned too', () => {
  const both = { actuals: { 'leaf-mould': 8, 'garden-lime': 30 }, version: 3 }
  assert.equal(keptThere(refused(both, STEP)), '9.5 L, as planned')
  assert.equal(keptThere(refused({ actuals: { 'leaf-mould': 8 } }, STEP)), '9.5 L')
})

test('a tick is told by whether the step is done meanwhile', () => {
  assert.match(keptThere(refused({ done: true }, STEP)) ?? '', /not done/i)
  assert.match(keptThere(refused({ done: false }, { ...STEP, doneOn: '2 Nov' })) ?? '', /2 Nov/)
})

test('where nothing else stands there, nothing is told and the entry is sent as it was', () => {
  const entry = refused({ done: true, version: 3 })
  assert.equal(keptThere(entry), null)
  assert.equal(withVersionOf(entry), entry.body)
  assert.equal(keptThere(refused({ done: true }, { version: 'x', amounts: [] })), null)
})

test('kept all the same, it is a change of what stands there now', () => {
  assert.deepEqual(withVersionOf(refused({ done: true, version: 3 }, STEP)), {
    done: true,
    version: 4,
  })
})
