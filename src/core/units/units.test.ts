import assert from 'node:assert/strict'
import { test } from 'node:test'
import { close } from '../../../testing/tables'
import { DomainError } from '../errors'
import { formatMeasure, parseQuantity } from './index'

test('quantities are read as people say them', () => {
  const litres = (text: string) => parseQuantity({ text, dimension: 'volume' }).value
  close(litres('2 1/2 cups'), 2.5 * 0.2365882365, 1e-9)
  close(litres('1.5 cu ft'), 42.475, 1e-3)
  close(litres('3 gal'), 11.356, 1e-3)
  close(litres('1,5 l'), 1.5, 1e-12)
  close(litres('½ bucket'), 5, 1e-12)
  close(litres('3/4 scoop'), 0.75, 1e-12)
  close(litres('750 mL'), 0.75, 1e-12)
  close(litres('12'), 12, 1e-12)
  close(litres('.5 l'), 0.5, 1e-12)
  close(parseQuantity({ text: '500 g', dimension: 'mass' }).value, 500, 1e-12)
  close(parseQuantity({ text: '2 lb', dimension: 'mass' }).value, 907.18474, 1e-5)
  close(parseQuantity({ text: '8"', dimension: 'length' }).value, 20.32, 1e-9)
})

test('what is no quantity is refused with a sentence', () => {
  const refused = (text: string, code: string) =>
    assert.throws(
      () => parseQuantity({ text, dimension: 'volume' }),
      (error) => error instanceof DomainError && error.code === code,
      text,
    )
  refused('', 'bad-argument')
  refused('lots', 'bad-argument')
  refused('12 parsecs', 'bad-argument')
  refused('12 kg', 'bad-argument')
  refused('1/0 l', 'bad-argument')
  refused('-3 l', 'out-of-range')
  refused('−3 l', 'out-of-range')
  refused('1 2 3', 'bad-argument')
})

test('litres in buckets, scoops and cups', () => {
  assert.equal(formatMeasure(23), '2 buckets + 3 scoops')
  assert.equal(formatMeasure(6.5), '6 1/2 scoops')
  assert.equal(formatMeasure(10), '1 bucket')
  assert.equal(formatMeasure(1.125), '4 1/2 cups')
  assert.equal(formatMeasure(0.125), '1/2 cup')
  assert.equal(formatMeasure(0), 'none')
})
