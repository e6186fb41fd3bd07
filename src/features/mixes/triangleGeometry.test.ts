import assert from 'node:assert/strict'
import { test } from 'node:test'
import fc from 'fast-check'
import { close, material } from '../../../testing/tables'
import { cornersOf, pointOf, type Shares, sharesAt, stepped } from './triangleGeometry'

const shares = fc
  .tuple(fc.double({ min: 0, max: 1, noNaN: true }), fc.double({ min: 0, max: 1, noNaN: true }))
  .map(([a, b]): Shares => {
    const [low, high] = a < b ? [a, b] : [b, a]
    return [low, high - low, 1 - high]
  })
const sum = (of: Shares) => of.reduce((total, one) => total + one, 0)

test('a mix drawn as a point is read back as the same mix', () => {
  fc.assert(
    fc.property(shares, (of) => {
      const { x, y } = pointOf(of)
      sharesAt(x, y).forEach((share, i) => {
        close(share, of[i] ?? 0, 1e-9)
      })
    }),
  )
})

test('dragged anywhere, and moved by any key, a mix stays a mix', () => {
  fc.assert(
    fc.property(
      shares,
      fc.integer({ min: -500, max: 900 }),
      fc.integer({ min: -500, max: 900 }),
      fc.constantFrom('ArrowUp', 'ArrowDown', 'ArrowLeft', 'ArrowRight'),
      (of, x, y, key) => {
        for (const next of [sharesAt(x, y), stepped(of, key)]) {
          assert.ok(next)
          close(sum(next), 1, 1e-9)
          assert.ok(next.every((share) => share >= -1e-9 && share <= 1 + 1e-9))
        }
      },
    ),
  )
  assert.equal(stepped([1, 0, 0], 'Enter'), null)
})

test('corners are the largest of each kind in the mix, else the usual ones', () => {
  const mix = (parts: Record<string, number>) =>
    Object.entries(parts).map(([id, amount]) => ({ material: material(id), parts: amount }))
  assert.deepEqual(cornersOf(mix({ 'peat-medium': 2, 'coir-pith': 5, pumice: 1 })), [
    'coir-pith',
    'garden-compost',
    'pumice',
  ])
  assert.deepEqual(cornersOf([]), ['all-purpose-mix', 'garden-compost', 'perlite-coarse'])
})
