import assert from 'node:assert/strict'
import { test } from 'node:test'
import fc from 'fast-check'
import { close } from '../../../testing/tables'
import { DomainError } from '../errors'
import { finishBatch } from '../recondition'
import {
  contentsOf,
  type LedgerLine,
  proportionalLine,
  requireBalanced,
  reversingLine,
} from './index'

const filled = (materialId: string, litres: number): LedgerLine => ({
  kind: 'filled',
  litres,
  components: [{ materialId, litres }],
  doses: [],
  note: null,
})

test('what is there is what came in less what left', () => {
  const start = [filled('peat-medium', 30), filled('perlite-coarse', 10)]
  const spilled = proportionalLine(contentsOf(start), 'lost', -4)
  requireBalanced(start, [spilled])
  const { litres, components } = contentsOf([...start, spilled])
  close(litres, 36, 1e-12)
  close(components[0]?.litres ?? 0, 27, 1e-12, 'the spill takes its share of each')
})

test('more than is there cannot be taken out', () => {
  const start = [filled('peat-medium', 3)]
  assert.throws(
    () => requireBalanced(start, [proportionalLine(contentsOf(start), 'lost', -5)]),
    (error) =>
      error instanceof DomainError && error.code === 'not-enough' && /3\.0 L/.test(error.message),
  )
})

test('a line whose materials do not add up is refused', () => {
  assert.throws(
    () => requireBalanced([], [{ ...filled('peat-medium', 3), litres: 4 }]),
    (error) => error instanceof DomainError && error.code === 'unbalanced',
  )
})

test('a reversing entry puts everything back', () => {
  const start = [filled('peat-medium', 30), filled('perlite-coarse', 10)]
  const wrong = proportionalLine(contentsOf(start), 'settled', -9)
  const after = contentsOf([...start, wrong, reversingLine(wrong, null)])
  close(after.litres, 40, 1e-9)
})

test('a finished turnover balances whatever was measured out', () => {
  const amounts = fc.record({
    found: fc.double({ min: 1, max: 60, noNaN: true }),
    usedShare: fc.double({ min: 0, max: 1, noNaN: true }),
    compost: fc.double({ min: 0, max: 20, noNaN: true }),
    volumeYield: fc.double({ min: 0.7, max: 1, noNaN: true }),
  })
  fc.assert(
    fc.property(amounts, ({ found, usedShare, compost, volumeYield }) => {
      const before = contentsOf([filled('spent-mix', 40)])
      const used = found * usedShare
      const batch = finishBatch({
        before,
        litresFound: found,
        cleaningLossShare: 0.1,
        settlingShare: 0.08,
        volumeYield,
        amounts: [
          { id: '1', role: 'lot', unit: 'L', planned: used, text: '', actual: null },
          { id: 'leaf-mould', role: 'compost', unit: 'L', planned: 0, text: '', actual: compost },
        ],
      })
      requireBalanced([filled('spent-mix', 40)], batch.lines)
      const settled = (used + compost) * volumeYield * 0.92
      // Leftovers under half a litre are swept up; the tape measure is good to 0.05 L.
      close(batch.after.litres, settled, 0.06, 'the new mix')
      close(contentsOf([filled('spent-mix', 40), ...batch.lines]).litres, batch.after.litres, 1e-9)
    }),
  )
})

test('old mix that was not there cannot have been used', () => {
  assert.throws(
    () =>
      finishBatch({
        before: contentsOf([filled('spent-mix', 40)]),
        litresFound: 22,
        cleaningLossShare: 0.1,
        settlingShare: 0.08,
        volumeYield: 0.9,
        amounts: [{ id: '1', role: 'lot', unit: 'L', planned: 20, text: '', actual: 30 }],
      }),
    (error) =>
      error instanceof DomainError && error.code === 'not-enough' && /22\.0 L/.test(error.message),
  )
})
