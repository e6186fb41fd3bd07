import assert from 'node:assert/strict'
import { test } from 'node:test'
import fc from 'fast-check'
import { type CostedEntry, costOfLine, lotCost } from './lotCost'

let number = 0
const entry = (
  kind: CostedEntry['kind'],
  litres: number,
  cost: number | null = null,
  reversesId: number | null = null,
): CostedEntry => {
  number += 1
  return { id: number, reversesId, kind, litres, cost }
}

test('40 L for 8, sunk to 36, half thrown away: what is left cost 4', () => {
  const { total, perLitre, unknownLitres } = lotCost([
    entry('filled', 40, 8),
    entry('settled', -4),
    entry('discarded', -18),
  ])
  assert.ok(Math.abs(total - 4) < 1e-12)
  assert.ok(Math.abs(perLitre - 4 / 18) < 1e-12)
  assert.equal(unknownLitres, 0)
})

test('what was reversed never happened, whichever way', () => {
  const lost = entry('lost', -10)
  const more = entry('topped-up', 5, 3)
  const { total } = lotCost([
    entry('filled', 20, 6),
    lost,
    entry('reversed', 10, null, lost.id),
    more,
    entry('reversed', -5, null, more.id),
  ])
  assert.equal(total, 6)
})

test('litres without a price are told, and go with what goes', () => {
  const { total, unknownLitres } = lotCost([
    entry('filled', 10, null),
    entry('topped-up', 10, 2),
    entry('lost', -10),
  ])
  assert.equal(unknownLitres, 5)
  assert.equal(total, 1)
})

test('an emptied lot holds no money; what its last litre cost is still known', () => {
  const { total, perLitre } = lotCost([entry('filled', 10, 3), entry('emptied', -10)])
  assert.equal(total, 0)
  assert.equal(perLitre, 0.3)
})

test('no order of taking away makes money: it is never above what came in, never below nothing', () => {
  const change = fc.oneof(
    fc.record({
      litres: fc.double({ min: 0.1, max: 50, noNaN: true }),
      cost: fc.double({ min: 0, max: 20, noNaN: true }),
    }),
    fc.record({ share: fc.double({ min: 0, max: 1, noNaN: true }), settles: fc.boolean() }),
  )
  fc.assert(
    fc.property(fc.array(change, { maxLength: 30 }), (changes) => {
      let there = 0
      let paid = 0
      const entries = changes.map((one) => {
        if ('cost' in one) {
          there += one.litres
          paid += one.cost
          return entry('topped-up', one.litres, one.cost)
        }
        const out = there * one.share
        there -= out
        return entry(one.settles ? 'settled' : 'lost', -out)
      })
      const { total } = lotCost(entries)
      assert.ok(total >= -1e-9 && total <= paid + 1e-9)
    }),
  )
})

test('a line costs what is measured out; one price that is missing makes it unknown', () => {
  const priceOf = {
    litre: (id: string) => (id === 'bark' ? 0.25 : id === 'own compost' ? 0 : null),
    gram: (id: string) => (id === 'lime' ? 0.001 : null),
  }
  const line = (ids: readonly string[], dose: readonly string[] = []) => ({
    components: ids.map((materialId) => ({ materialId, litres: 8 })),
    doses: dose.map((amendmentId) => ({ amendmentId, grams: 100 })),
  })
  assert.equal(costOfLine(line(['bark', 'own compost'], ['lime']), priceOf), 2.1)
  assert.equal(costOfLine(line(['bark', 'moon dust']), priceOf), null)
  assert.equal(costOfLine(line(['bark'], ['potion']), priceOf), null)
})
