import assert from 'node:assert/strict'
import { test } from 'node:test'
import { amendment, close, crop, material } from '../../../testing/tables'
import { nitrogenBudget } from '../chemistry'
import type { Component } from '../media'
import { nitrogenRange } from './nitrogenRange'
import { phWidth } from './phWidth'

const mix = (parts: Readonly<Record<string, number>>): Component[] =>
  Object.entries(parts).map(([id, count]) => ({ material: material(id), parts: count }))

test('the middle of the nitrogen drawn is the budget’s, and sources that differ even out', () => {
  const of = (ids: readonly string[]) => ({
    components: mix({ 'all-purpose-mix': 1 }),
    crop: crop('tomato-tall'),
    amendments: ids.map((id) => ({ amendment: amendment(id), gPerL: 4 / ids.length })),
  })
  const one = of(['granular-444'])
  const { p10, p50, p90 } = nitrogenRange(one)
  close(p50, nitrogenBudget(one).coverage, 0.03)
  assert.ok(p10 < p50 && p50 < p90 && p90 <= 1)
  const two = nitrogenRange(of(['granular-444', 'granular-436']))
  assert.ok((two.p90 - two.p10) / two.p50 < (p90 - p10) / p50)
  assert.deepEqual(nitrogenRange(one), nitrogenRange(one))
})

test('a pH that was measured is not in doubt; of several parts less than of one', () => {
  const [bag] = mix({ 'all-purpose-mix': 1 }) as [Component]
  close(phWidth([{ ...bag, measured: { pH: 6.1 } }]), 0, 1e-9)
  close(phWidth([bag]), 2 * 1.2816 * 0.4, 0.15)
  const several = mix({ 'all-purpose-mix': 1, 'leaf-mould': 1, 'bark-fine': 1 })
  assert.ok(phWidth(several) < 0.8 * phWidth([bag]))
  // A measured part and an unmeasured one of the same row are two.
  const half = [{ ...bag, measured: { pH: 6.1 } }, bag]
  close(phWidth(half), phWidth([bag]) / 2, 0.15)
})
