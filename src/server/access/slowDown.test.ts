import assert from 'node:assert/strict'
import { test } from 'node:test'
import { createSlowDown, slowedAs } from './slowDown'

function fromTime() {
  let ms = 1_000_000
  const guesses = createSlowDown(() => ms)
  return { guesses, pass: (seconds: number) => (ms += seconds * 1000) }
}

test('five wrong ones cost nothing; from then on each next one waits twice as long, up to a quarter of an hour', () => {
  const { guesses, pass } = fromTime()
  const waits: number[] = []
  for (let guess = 0; guess < 18; guess++) {
    waits.push(guesses.waitMs('a') / 1000)
    pass(guesses.waitMs('a') / 1000)
    guesses.begin('a')
  }
  const doubled = [1, 2, 4, 8, 16, 32, 64, 128, 256, 512]
  assert.deepEqual(waits, [0, 0, 0, 0, 0, ...doubled, 900, 900, 900])
})

test('another device is not slowed, and after the right one or an hour all is forgotten', () => {
  const { guesses, pass } = fromTime()
  for (let guess = 0; guess < 9; guess++) guesses.begin('a')
  assert.ok(guesses.waitMs('a') > 0)
  assert.equal(guesses.waitMs('b'), 0)
  guesses.succeed('a')
  assert.equal(guesses.waitMs('a'), 0)
  for (let guess = 0; guess < 20; guess++) guesses.begin('b')
  pass(3601)
  guesses.begin('b')
  assert.equal(guesses.waitMs('b'), 0)
})

test('a thousand guesses from a thousand addresses are slowed too, yet nobody is locked out for long', () => {
  const { guesses, pass } = fromTime()
  let looked = 0
  for (let second = 0; second < 1000; second++) {
    const address = `10.0.${second % 250}.${Math.floor(second / 250)}`
    if (guesses.waitMs(address) === 0) {
      guesses.begin(address)
      looked += 1
    }
    pass(1)
  }
  assert.ok(looked < 60 + 1000 / 4, `${looked} were looked at`)
  assert.ok(guesses.waitMs('owner') <= 5000)
})

test('whoever changes the lower half of an IPv6 address is still the same', () => {
  assert.equal(slowedAs('2001:db8:1:2:aaaa::1'), '2001:db8:1:2')
  assert.equal(slowedAs('2001:db8:1:2:bbbb:1:2:3'), '2001:db8:1:2')
  assert.equal(slowedAs('fe80::1'), 'fe80:0:0:0')
  assert.equal(slowedAs('::ffff:10.0.0.1'), '::ffff:10.0.0.1')
  assert.equal(slowedAs('192.168.1.7'), '192.168.1.7')
})
