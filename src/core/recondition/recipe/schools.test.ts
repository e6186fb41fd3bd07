import assert from 'node:assert/strict'
import { test } from 'node:test'
import { aggregateHabit, cleaningLoss, DEFAULT_SCHOOLS, heatBeforeSeed } from './schools'

test('what is taken out is lost: sieving takes more than leaving fine roots in', () => {
  const loss = (roots: 'leave-fine' | 'sieve' | 'take-wood') => cleaningLoss('dense', { roots })
  assert.equal(loss('leave-fine'), 0.1)
  assert.ok(loss('take-wood') > loss('leave-fine') && loss('sieve') > loss('take-wood'))
  assert.ok(cleaningLoss('woody', { roots: 'sieve' }) <= 0.5)
})

test('a habit fixes the coarse share; without it the share is worked out', () => {
  assert.equal(aggregateHabit(DEFAULT_SCHOOLS), undefined)
  const share = aggregateHabit({ aggregate: 'habit' }) ?? 0
  assert.ok(share >= 0.15 && share <= 0.3)
})

test('heat before seed only where seed is sown and that is the custom', () => {
  const before = { heat: 'before-seed' } as const
  assert.equal(heatBeforeSeed(null, { kind: 'vegetable' }, before), null)
  assert.equal(heatBeforeSeed(null, { kind: 'seedling' }, DEFAULT_SCHOOLS), null)
  assert.deepEqual(heatBeforeSeed(null, { kind: 'seedling' }, before), {
    actions: ['heat'],
    heat: { tempC: 60, minutes: 30 },
  })
  // What was found asks for more: that stays.
  const hotter = { actions: ['heat'] as const, heat: { tempC: 82, minutes: 30 } }
  assert.deepEqual(heatBeforeSeed(hotter, { kind: 'seedling' }, before), hotter)
})
