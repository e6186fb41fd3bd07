import assert from 'node:assert/strict'
import { test } from 'node:test'
import { judgedSeedlings, seedlingsByShare } from './seedlingRecord'

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

test('leaves that curl as often in the trusted mix are no sign of a weedkiller', () => {
  const short = { sharePercent: 100, sown: 4, sprouted: 1, heightMm: null, curled: 1 }
  const alike = judgedSeedlings({
    signs: [],
    sownAs: 'legume',
    days: 21,
    pots: [...pots(0, 4), short, short, short],
  })
  assert.equal(alike.answer, 'harmed', 'few came up')
  assert.equal(alike.isCurled, false)
  assert.equal(judged(pots(100, 1)).isCurled, true)
})

test('each share tells what came up, how high it grew where it was measured, and how many leaves curled', () => {
  const tall = (heightMm: number | null) => ({ sharePercent: 0, sown: 4, sprouted: 3, heightMm })
  assert.deepEqual(seedlingsByShare([...pots(50, 2), tall(60), tall(40), tall(null)]), [
    { sharePercent: 0, sproutedShare: 0.75, heightMm: 50, curledCount: 0 },
    { sharePercent: 50, sproutedShare: 1, heightMm: null, curledCount: 6 },
  ])
})
