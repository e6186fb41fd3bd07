import assert from 'node:assert/strict'
import { test } from 'node:test'
import { potsSentence } from './potsSentence'

const format = { number: (value: number) => value.toLocaleString('en-GB') }

test('pots open with what is to be done, in words a grower would use', () => {
  const cases: readonly (readonly [number, number, number, number, string, string])[] = [
    // growing, waiting, empty, tired mixes
    [
      19,
      35,
      6,
      11,
      'Eleven mixes are tired, six pots are empty.',
      '19 pots with plants, 35 filled and not planted.',
    ],
    [60, 0, 0, 0, 'Something grows in all 60 pots.', ''],
    [0, 12, 0, 12, 'Twelve mixes are tired.', 'Twelve filled and not planted.'],
    [0, 0, 8, 0, 'All eight pots are empty.', ''],
    [10, 0, 2, 0, 'Two pots are empty.', 'Ten pots with plants.'],
    [10, 3, 0, 0, 'Three pots are filled and not planted.', 'Ten pots with plants.'],
    [1, 0, 0, 0, 'Something grows in the one pot.', ''],
    [1, 0, 0, 1, 'One mix is tired.', 'One pot with plants.'],
    [0, 1, 0, 0, 'One pot is filled and not planted.', ''],
    [0, 0, 1, 0, 'The one pot is empty.', ''],
    [
      2000,
      1300,
      12,
      120,
      '120 mixes are tired, twelve pots are empty.',
      '2,000 pots with plants, 1,300 filled and not planted.',
    ],
  ]
  for (const [growing, waiting, empty, tiredLots, strong, rest] of cases) {
    assert.deepEqual(
      potsSentence({ asked: {}, counts: { growing, waiting, empty }, tiredLots }, format),
      {
        strong,
        rest,
      },
    )
  }
})

test('of a part that was looked for, and of a place without pots, nothing is said', () => {
  const counts = { growing: 1, waiting: 0, empty: 0 }
  assert.equal(potsSentence({ asked: { find: 'bean' }, counts, tiredLots: 13 }, format), null)
  const none = { growing: 0, waiting: 0, empty: 0 }
  assert.equal(potsSentence({ asked: {}, counts: none, tiredLots: 0 }, format), null)
})
