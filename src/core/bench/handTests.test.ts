import assert from 'node:assert/strict'
import { test } from 'node:test'
import { close } from '../../../testing/tables'
import { lookOver } from './lookChips'
import { palmTest } from './palmTest'
import { settlingTest } from './settlingTest'
import { sieveTest } from './sieveTest'
import { squeezeTest } from './squeezeTest'
import { wettingTest } from './wettingTest'

test('a handful that crumbles at a flick can be worked; others say what to do first', () => {
  assert.deepEqual(squeezeTest({ ball: 'crumbles', drops: 'none' }), {
    moisture: 'right',
    workable: true,
    manyFines: false,
    dryDays: 0,
  })
  assert.equal(squeezeTest({ ball: 'none', drops: 'none' }).moisture, 'too dry')
  assert.equal(squeezeTest({ ball: 'dents', drops: 'few' }).dryDays, 2)
  assert.equal(squeezeTest({ ball: 'keeps', drops: 'stream' }).moisture, 'too wet')
  // It keeps its shape though hardly a drop comes: fines, not water.
  assert.equal(squeezeTest({ ball: 'keeps', drops: 'none' }).manyFines, true)
  assert.equal(squeezeTest({ ball: 'keeps', drops: 'stream' }).manyFines, false)
  assert.throws(() => squeezeTest({ ball: 'bounces' as never, drops: 'none' }), {
    code: 'bad-argument',
  })
})

test('a pinch in the palm: threads, grit or a stain', () => {
  const mostly = (threads: boolean, grit: boolean, stain: boolean) =>
    palmTest({ threads, grit, stain }).mostly
  assert.equal(mostly(true, false, false), 'fibre')
  assert.equal(mostly(false, true, false), 'sand')
  assert.equal(mostly(false, false, true), 'silt and clay')
  assert.equal(mostly(false, true, true), 'silt and clay')
  assert.equal(mostly(false, false, false), 'nothing in particular')
  assert.equal(palmTest({ threads: true, grit: false, stain: true }).lacks, 'air')
})

test('drops: the median decides, a drop that never went counts as the longest', () => {
  const of = (...dropsS: (number | null)[]) =>
    wettingTest({ dropsS, runsDownSide: false, gapMm: 0 })
  assert.equal(of(1, 2, 30).repellence, 'wets readily')
  assert.equal(of(20, 40).medianS, 30)
  assert.equal(of(20, 40).repellence, 'slightly')
  assert.equal(of(61).repellence, 'strongly')
  assert.equal(of(600).repellence, 'strongly')
  assert.equal(of(null).repellence, 'severely')
  assert.equal(of(10).soakFromBelow, false)
  assert.equal(wettingTest({ dropsS: [1], runsDownSide: true, gapMm: 0 }).soakFromBelow, true)
  assert.equal(wettingTest({ dropsS: [1], runsDownSide: false, gapMm: 4 }).soakFromBelow, true)
  assert.throws(() => of(), { code: 'too-few' })
})

test('settling is counted by volume: a pot that narrows has lost less than its height says', () => {
  const straight = { kind: 'round', topDiameterCm: 20, baseDiameterCm: 20, heightCm: 30 } as const
  const even = settlingTest({ shape: straight, heightsCm: [28, 26.5, 25.2] })
  close(even.settledShare, 0.1, 1e-9)
  close(even.fillFactor, 28 / 25.2, 1e-9)
  const narrow = settlingTest({
    shape: { ...straight, baseDiameterCm: 12 },
    heightsCm: [28, 25.2],
  })
  assert.ok(narrow.settledShare > even.settledShare)
  assert.throws(() => settlingTest({ shape: straight, heightsCm: [20, 25] }), {
    code: 'bad-argument',
  })
  assert.throws(() => settlingTest({ shape: straight, heightsCm: [35, 25] }), {
    code: 'out-of-range',
  })
  assert.throws(() => settlingTest({ shape: straight, heightsCm: [20] }), { code: 'too-few' })
})

test('sieve: loss and wood by volume; more out than in is refused', () => {
  const sieve = sieveTest({ litresIn: 40, litresOut: 34, woodyLitres: 2 })
  close(sieve.lossShare, 0.15, 1e-12)
  close(sieve.woodyShare, 0.05, 1e-12)
  assert.throws(() => sieveTest({ litresIn: 40, litresOut: 44, woodyLitres: 0 }), {
    code: 'bad-argument',
  })
  assert.throws(() => sieveTest({ litresIn: 40, litresOut: 38, woodyLitres: 3 }), {
    code: 'bad-argument',
  })
})

test('a sour smell says no air; gnats and grubs are looked up', () => {
  assert.deepEqual(lookOver({ smell: 'sour', sights: ['worms', 'gnats', 'moss'] }), {
    airless: true,
    ammonia: false,
    pests: ['gnats'],
  })
  assert.equal(lookOver({ smell: 'earthy', sights: [] }).airless, false)
})
