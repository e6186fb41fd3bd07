import assert from 'node:assert/strict'
import { test } from 'node:test'
import { judgedSeedlings } from './seedlingRecord'

const pots = (sharePercent: number, curled: number, sprouted = 4) =>
  Array.from({ length: 3 }, () => ({ sharePercent, sown: 4, sprouted, heightMm: null, curled }))

const judged = (rows: ReturnType<typeof pots>, useSharePercent = 100) =>
  judgedSeedlings({
    signs: [],
    sownAs: 'legume',
    days: 21,
    useSharePercent,
    pots: [...pots(0, 0), ...rows],
  })

test('what thins it and is harmed all the same tells harm; what thins it and is well clears nothing', () => {
  assert.equal(judged(pots(50, 3)).answer, 'harmed')
  assert.equal(judged(pots(50, 0)).answer, 'too-weak')
  assert.deepEqual(judged(pots(50, 0)).missing, ['pots', 'seeds'])
})

test('at the share it will be used at a clean answer stands, whatever stronger pots would say', () => {
  assert.equal(judged(pots(50, 0), 50).answer, 'clean')
  assert.equal(judged([...pots(50, 0), ...pots(100, 0)], 50).answer, 'clean')
})

test('leaves ticked as twisted in a test without counts are harm', () => {
  const ticked = judgedSeedlings({
    signs: ['cupped'],
    sownAs: 'legume',
    days: 21,
    pots: [...pots(0, 0), ...pots(100, 0)],
  })
  assert.equal(ticked.answer, 'harmed')
})
