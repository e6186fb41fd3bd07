import assert from 'node:assert/strict'
import { test } from 'node:test'
import fc from 'fast-check'
import { close } from '../../../testing/tables'
import { DomainError } from '../errors'
import { ecAt25 } from './ecAt25'
import { convertEc, EC_METHODS, ecBand } from './salts'

const refused = (code: string) => (error: unknown) =>
  error instanceof DomainError && error.code === code

test('a cold reading is corrected upwards, a warm one downwards', () => {
  close(ecAt25({ ec: 1, tempC: 15 }), 1 / 0.81, 1e-12)
  close(ecAt25({ ec: 1, tempC: 25 }), 1, 1e-12)
  close(ecAt25({ ec: 2, tempC: 35 }), 2 / 1.19, 1e-12)
  assert.throws(() => ecAt25({ ec: -0.1, tempC: 20 }), refused('out-of-range'))
  assert.throws(() => ecAt25({ ec: 1, tempC: 60 }), refused('out-of-range'))
  assert.throws(() => ecAt25({ ec: Number.NaN, tempC: 20 }), refused('not-finite'))
})

test('a value on a knot belongs to the band that starts there', () => {
  assert.equal(ecBand({ value: 2.0, method: 'SME' }), 'normal')
  assert.equal(ecBand({ value: 1.999, method: 'SME' }), 'low')
  assert.equal(ecBand({ value: 0, method: 'pourThrough' }), 'very low')
  assert.equal(ecBand({ value: 1.1, method: '1:5' }), 'extreme')
  assert.equal(ecBand({ value: 99, method: '1:2' }), 'extreme')
  assert.equal(ecBand({ value: 0.35 - 1e-10, method: '1:5' }), 'normal', 'within rounding')
})

test('salty tap water is taken off the dilution methods only', () => {
  assert.equal(ecBand({ value: 0.95, method: '1:2', waterEc: 0.3 }), 'low')
  assert.equal(ecBand({ value: 0.95, method: '1:2' }), 'normal')
  assert.equal(ecBand({ value: 2.1, method: 'SME', waterEc: 0.3 }), 'normal')
})

test('the same reading is in the same band by every method', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 0, max: 8, noNaN: true }),
      fc.constantFrom(...EC_METHODS),
      fc.constantFrom(...EC_METHODS),
      (value, from, to) => {
        const there = convertEc({ value, from, to })
        const back = convertEc({ value: there, from: to, to: from })
        assert.ok(Math.abs(back - value) < 1e-9)
        assert.equal(ecBand({ value: there, method: to }), ecBand({ value, method: from }))
      },
    ),
  )
})
