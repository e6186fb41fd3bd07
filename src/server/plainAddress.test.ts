import assert from 'node:assert/strict'
import { test } from 'node:test'
import fc from 'fast-check'
import { plainAddress } from './plainAddress'

test('every spelling of an address is read as one', () => {
  for (const spelling of [
    '/access',
    '//access',
    '/%61ccess',
    '/./access',
    '/lots/../access',
    '/lots/%2e%2e/access',
    '/access/',
    '/access//',
    '///lots//..//access/.',
  ]) {
    assert.equal(plainAddress(spelling), '/access', spelling)
  }
  assert.equal(plainAddress('//pots/3/?tab=log&to=//x'), '/pots/3?tab=log&to=//x')
  assert.equal(plainAddress('/'), '/')
  assert.equal(plainAddress('/..'), '/')
})

test('what is no code is written as one, so that nothing below falls over it', () => {
  assert.equal(plainAddress('/%'), '/%25')
  assert.equal(plainAddress('/lots/%zz?find=50%'), '/lots/%25zz?find=50%')
  assert.equal(plainAddress('/%C3'), '/%25C3')
  assert.equal(plainAddress('/c/%c3%a4'), '/c/%C3%A4')
  assert.equal(plainAddress('/a%2fb'), '/a%2Fb')
  assert.equal(plainAddress('/\\elsewhere'), '/%5Celsewhere')
})

test('read twice, it is the same, and it can be decoded', () => {
  fc.assert(
    fc.property(
      fc.array(fc.constantFrom('/', '.', '%', '2', 'e', 'c3', '%2F', '%61', 'x', '\\')),
      (parts) => {
        const plain = plainAddress(`/${parts.join('')}`)
        assert.equal(plainAddress(plain), plain)
        assert.doesNotMatch(plain, /\/\/|\/\.\.?(\/|$)/)
        decodeURIComponent(plain)
      },
    ),
  )
})
