import assert from 'node:assert/strict'
import { test } from 'node:test'
import fc from 'fast-check'
import type Joi from 'joi'
import {
  cleanText,
  day,
  id,
  key,
  line,
  lines,
  litres,
  litresOrNone,
  moment,
  version,
  zone,
} from './rules'

const taken = (schema: Joi.Schema, value: unknown) => {
  const { error, value: kept } = schema.validate(value, { convert: false })
  return error ? null : kept
}

test('a line of text is trimmed, in one form, on one line; several lines keep their breaks', () => {
  const name = line('The name', 20)
  assert.equal(taken(name, '  Cafe\u0301 tub\t2 '), 'Café tub 2')
  assert.equal(taken(name, 'two\r\nlines'), 'two lines')
  assert.equal(taken(lines('The note', 20), ' one\r\n\ttwo\u2028three '), 'one\n two\nthree')
  assert.equal(taken(name, ' \n '), null, 'blank is empty')
  assert.equal(taken(name.allow(''), '   '), '')
  assert.equal(taken(name, 'x'.repeat(21)), null)
  assert.equal(taken(name, `${'x'.repeat(20)}   `), 'x'.repeat(20), 'measured as it is kept')
})

test('what cannot be kept is refused, whole pairs and other scripts are not', () => {
  for (const text of ['a\0', '\u0007', '\u009f', 'half \ud83c', '\udf31 half']) {
    assert.equal(cleanText(text, 'lines'), null, JSON.stringify(text))
  }
  for (const text of ['🌱 bed', 'Ελιά', '苔', 'naïve', 'a\u200db']) {
    assert.equal(cleanText(text, 'line'), text)
  }
})

test('cleaning a text twice changes nothing more, and never leaves a control character', () => {
  fc.assert(
    fc.property(fc.string({ unit: 'binary' }), (text) => {
      const once = cleanText(text, 'lines')
      if (once === null) return
      assert.equal(cleanText(once, 'lines'), once)
      assert.doesNotMatch(once, /[^\P{Cc}\n]|\p{Cs}/u)
    }),
  )
})

test('days and moments are real ones from 1900 to 2200', () => {
  for (const value of ['1900-01-01', '2024-02-29', '2200-12-31']) {
    assert.equal(taken(day('The day'), value), value)
  }
  for (const value of ['1899-12-31', '2201-01-01', '2026-02-30', '0001-01-01', '26-1-1', '']) {
    assert.equal(taken(day('The day'), value), null, value)
  }
  for (const value of [
    '2026-11-02T10:00:00Z',
    '2026-11-02T10:00:00.123Z',
    '2026-11-02T10:00+02:00',
  ]) {
    assert.equal(taken(moment('The time'), value), value)
  }
  for (const value of [
    '2026-11-02',
    '2026-11-02T25:00:00Z',
    '275760-09-13T00:00:00Z',
    '2026-11-02T10:00:00',
  ]) {
    assert.equal(taken(moment('The time'), value), null, value)
  }
})

test('numbers of rows, keys and zones are such that can be there', () => {
  assert.equal(taken(id('The lot'), 2 ** 31 - 1), 2 ** 31 - 1)
  for (const value of [0, -1, 1.5, 2 ** 31, '7']) assert.equal(taken(id('The lot'), value), null)
  // The version that follows has to fit into its column.
  assert.equal(taken(version(), 2 ** 31 - 2), 2 ** 31 - 2)
  assert.equal(taken(version(), 2 ** 31 - 1), null)
  assert.equal(taken(key('The crop'), 'dwarf-bean'), 'dwarf-bean')
  for (const value of ['', '../etc', 'a b', '<b>', 'x'.repeat(61)]) {
    assert.equal(taken(key('The crop'), value), null, value)
  }
  assert.equal(taken(zone('The zone'), 'Pacific/Auckland'), 'Pacific/Auckland')
  assert.equal(taken(zone('The zone'), 'Moon/Crater'), null)
})

test('litres are none or at least a millilitre', () => {
  assert.equal(taken(litres('The litres', 'Say how much'), 0), null)
  assert.equal(taken(litresOrNone('The litres', 'Say how much'), 0), 0)
  for (const value of [1e-320, 0.0001, 100_001, Number.NaN, Number.POSITIVE_INFINITY]) {
    assert.equal(taken(litresOrNone('The litres', 'Say how much'), value), null, String(value))
  }
})
