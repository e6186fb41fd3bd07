import assert from 'node:assert/strict'
import { test } from 'node:test'
import { close } from '../../../testing/tables'
import { DomainError } from '../errors'
import { DEFAULT_MEASURES, formatMeasure, parseQuantity } from './index'

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
  assert.equal(formatMeasure(1.125), '1 scoop + 1/2 cup')
  assert.equal(formatMeasure(3.875), '3 scoops + 3 1/2 cups')
  assert.equal(formatMeasure(0.5), '2 cups')
  assert.equal(formatMeasure(0.125), '1/2 cup')
  assert.equal(formatMeasure(0), 'none')
})

test('what people say and write is read: bags and halves, feet and inches, sides, degrees, salts', () => {
  const read = (
    text: string,
    dimension: Parameters<typeof parseQuantity>[0]['dimension'],
    more: Partial<Parameters<typeof parseQuantity>[0]> = {},
  ) => Number(parseQuantity({ text, dimension, ...more }).value.toFixed(6))
  assert.equal(read('1 bag', 'volume'), 50)
  assert.equal(read('half a bag', 'volume'), 25)
  assert.equal(read('half a bag', 'volume', { measures: { ...DEFAULT_MEASURES, bagL: 40 } }), 20)
  assert.equal(read('a bucket', 'volume'), 10)
  assert.equal(read('two buckets', 'volume'), 20)
  assert.equal(read('3 imperial gallons', 'volume'), 13.63827)
  assert.equal(read('700', 'volume', { bareUnit: 'ml' }), 0.7)
  assert.equal(read('0.7 L', 'volume', { bareUnit: 'ml' }), 0.7)
  assert.equal(read(`5'6"`, 'length'), 167.64)
  assert.equal(read('5 ft 6 in', 'length'), 167.64)
  assert.equal(read('30 x 20 cm', 'area'), 600)
  assert.equal(read('30 × 20', 'area'), 600)
  assert.equal(read('12 in x 8 in', 'area'), 619.3536)
  assert.equal(read('0.5 m2', 'area'), 5000)
  assert.equal(read('68 °F', 'temperature'), 20)
  assert.equal(read('-4 f', 'temperature'), -20)
  assert.equal(read('20', 'temperature'), 20)
  assert.equal(read('450 µS/cm', 'conductivity'), 0.45)
  assert.equal(read('450 uS', 'conductivity'), 0.45)
  assert.equal(read('1,2 mS', 'conductivity'), 1.2)
  const ppm = (ppmPerDsM: number) => ({ measures: { ...DEFAULT_MEASURES, ppmPerDsM } })
  assert.equal(read('320 ppm', 'conductivity', ppm(640)), 0.5)
  assert.throws(
    () => read('320 ppm', 'conductivity'),
    (error) => error instanceof DomainError && error.details.asksPpm === true,
  )
  assert.throws(() => read('a lot', 'volume'), /does not start|not a unit/)
  assert.throws(() => read('30 x', 'area'), DomainError)
})
