import assert from 'node:assert/strict'
import { test } from 'node:test'
import { DEFAULT_MEASURES as measures } from '../../core/units'
import { READING_DEFAULTS, type ReadingValues, readingBody } from './readingValues'

const sent = (values: Partial<ReadingValues>) =>
  readingBody({ ...READING_DEFAULTS, ...values }, measures) as Record<string, unknown>

test('a pH is sent as a number, with a decimal comma too', () => {
  assert.deepEqual(sent({ kind: 'ph', value: ' 6,2 ' }), { kind: 'ph', method: '1:2', value: 6.2 })
})

test('what is no number goes empty, so that its field is named', () => {
  assert.equal(sent({ kind: 'ph', value: 'sour' }).value, null)
})

test('salts are sent in dS/m and °C whatever unit was typed', () => {
  const { value, tempC, method } = sent({ kind: 'ec', value: '1200 µS/cm', tempC: '68 °F' })
  assert.equal(value, 1.2)
  assert.equal(tempC, 20)
  assert.equal(method, '1:2')
})

test('salts that cannot be read go as they were typed: refused, not dropped', () => {
  assert.equal(sent({ kind: 'ec', value: 'a lot' }).value, 'a lot')
  assert.equal(sent({ kind: 'ec', value: ' ' }).value, null)
})

test('a strip measures no salts: its way of wetting is taken', () => {
  assert.equal(sent({ kind: 'ec', method: 'strip', value: '1.1' }).method, '1:2')
})

test('jars without a pH at the end were not made; at least three are asked for', () => {
  const jars = ['5.1', '5.8', '6.4', ''].map((ph, at) => ({ key: `${at}`, gPerL: `${at}`, ph }))
  const points = (of: ReadingValues['jars']) =>
    sent({ kind: 'jar', amendmentId: 'garden-lime', target: '6.2', jars: of }).points
  assert.deepEqual(points(jars), [
    { gPerL: 0, ph: 5.1 },
    { gPerL: 1, ph: 5.8 },
    { gPerL: 2, ph: 6.4 },
  ])
  // One that was left out in the middle is asked for, not skipped.
  assert.deepEqual(points(jars.map((jar, at) => ({ ...jar, ph: at === 3 ? '6.9' : '' }))), [
    { gPerL: 0, ph: null },
    { gPerL: 1, ph: null },
    { gPerL: 2, ph: null },
    { gPerL: 3, ph: 6.9 },
  ])
  assert.equal((points(jars.map((jar) => ({ ...jar, ph: '' }))) as unknown[]).length, 3)
})
