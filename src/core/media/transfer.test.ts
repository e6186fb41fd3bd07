import assert from 'node:assert/strict'
import { test } from 'node:test'
import { between, drawFrom } from '../../../testing/random'
import { DomainError } from '../errors'
import { contentsOf, requireBalanced } from './ledger'
import { transferLines } from './transfer'

const contents = {
  litres: 40,
  components: [
    { materialId: 'peat-medium', litres: 30 },
    { materialId: 'perlite-coarse', litres: 10 },
  ],
}
const doses = [{ amendmentId: 'ground-limestone', grams: 80, mixedOn: '2026-03-01' }]
const asked = { contents, litres: 10, doses, isNew: false, note: null }

test('a part takes its share of every material and of what was weighed in', () => {
  const { litres, out, into } = transferLines(asked)
  assert.equal(litres, 10)
  assert.deepEqual(into.components, [
    { materialId: 'peat-medium', litres: 7.5 },
    { materialId: 'perlite-coarse', litres: 2.5 },
  ])
  assert.deepEqual(into.doses, [{ ...doses[0], grams: 20 }])
  assert.deepEqual(out.doses, [], 'the litres that left have taken them along')
  assert.equal(out.litres, -10)
  assert.deepEqual([out.kind, into.kind], ['split', 'merged'])
  assert.equal(transferLines({ ...asked, isNew: true }).into.kind, 'split')
})

test('all of it leaves nothing behind, whether said or as good as measured', () => {
  for (const litres of [null, 40, 39.9995, 40.0005]) {
    const { out, into } = transferLines({ ...asked, litres })
    assert.equal(contentsOf([{ components: contents.components }, out]).litres, 0)
    assert.equal(into.litres, 40)
    assert.deepEqual(into.doses[0]?.grams, 80)
  }
})

test('more than is there, nothing and what is no number are refused', () => {
  const refused = (litres: number, code: string) =>
    assert.throws(
      () => transferLines({ ...asked, litres }),
      (error) => error instanceof DomainError && error.code === code,
    )
  refused(40.01, 'not-enough')
  refused(0, 'too-few')
  refused(-3, 'out-of-range')
  refused(Number.NaN, 'not-finite')
  assert.throws(
    () => transferLines({ ...asked, contents: { litres: 0, components: [] } }),
    /This lot is empty/,
  )
})

test('whatever is moved to and fro, every material keeps its litres', () => {
  const random = drawFrom(7)
  let here: { materialId: string; litres: number }[][] = [[...contents.components], []]
  const start = contents.components
  for (let step = 0; step < 1000; step++) {
    const [from, to] = random() < 0.5 ? [0, 1] : [1, 0]
    const there = contentsOf(
      here.map((components, i) => ({ components: i === from ? components : [] })),
    )
    if (!(there.litres > 0.01)) continue
    const share = between(random, 1, 100) / 100
    const { out, into } = transferLines({
      ...asked,
      contents: there,
      litres: share === 1 ? null : there.litres * share,
    })
    requireBalanced([{ components: there.components }], [out])
    here = here.map((components, i) => [
      ...contentsOf([{ components }, i === from ? out : i === to ? into : { components: [] }])
        .components,
    ])
  }
  const all = contentsOf(here.map((components) => ({ components })))
  for (const { materialId, litres } of start) {
    const now = all.components.find((one) => one.materialId === materialId)?.litres ?? 0
    assert.ok(Math.abs(now - litres) < 1e-9, `${materialId}: ${now} instead of ${litres}`)
  }
})
