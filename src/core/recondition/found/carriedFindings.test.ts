import assert from 'node:assert/strict'
import { test } from 'node:test'
import fc from 'fast-check'
import { close, problem } from '../../../../testing/tables'
import { addDays } from '../../units'
import {
  type CarriedFinding,
  carriedFindings,
  type FindingOfLot,
  type LotFlow,
} from './carriedFindings'

const CLUBROOT = problem('clubroot')
const day = (n: number) => addDays('2026-01-01', n)
const flow = (
  fromLotId: number | null,
  toLotId: number,
  litres: number,
  on: number,
  toLitresAfter: number,
): LotFlow => ({
  fromLotId,
  toLotId,
  litres,
  on: day(on),
  toLitresAfter,
})
const found = (lotId: number, on: number, more: Partial<FindingOfLot> = {}): FindingOfLot => ({
  id: 7,
  lotId,
  problem: CLUBROOT,
  seenOn: day(on),
  ...more,
})
const carried = (
  lotId: number,
  flows: readonly LotFlow[],
  findings: readonly FindingOfLot[],
  cleansed: readonly { lotId: number; problemId: string; on: string }[] = [],
) => carriedFindings({ lotId, flows, findings, cleansed, today: day(600) })

// A lot goes into a heap of 49, and 49 pots are filled from it; clubroot is written on the lot afterwards.
const HEAP = [
  ...Array.from({ length: 49 }, (_, i) => flow(i + 1, 100, 20, 10, 20 * (i + 1))),
  ...Array.from({ length: 49 }, (_, i) => flow(100, 200 + i, 20, 20, 20)),
]

test('written on a lot after it went into a heap, it bears on the heap and on every pot filled from it', () => {
  const late = [found(3, 30, { since: day(0) })]
  const [heap] = carried(100, HEAP, late)
  assert.deepEqual([heap?.certainty, heap?.on, heap?.viaLotIds], ['carried', day(10), [3]])
  close(heap?.share ?? 0, 1 / 49, 1e-9)
  for (const pot of [200, 224, 248]) {
    const [row] = carried(pot, HEAP, late)
    close(row?.share ?? 0, 1 / 49, 1e-9)
    assert.deepEqual([row?.on, row?.viaLotIds], [day(20), [100]])
  }
  assert.deepEqual(carried(5, HEAP, late), [], 'the other lots of the heap stay clean')
  assert.deepEqual(
    carried(100, HEAP, [{ ...found(3, 30, { since: day(0) }), takenBack: true }]),
    [],
  )
})

test('a lot whose litres went there before is looked at, without a share', () => {
  const [row] = carried(100, HEAP, [found(210, 60)])
  assert.deepEqual([row?.certainty, row?.share, row?.on], ['look', 0, day(20)])
  assert.deepEqual(carried(100, HEAP, [found(210, 20 + 366)]), [], 'longer than a year ago')
})

test('thin contaminants are left out, living problems are not; conditions never travel', () => {
  const thin = [flow(1, 2, 1, 5, 100)]
  const as = (id: string) => carried(2, thin, [found(1, 0, { problem: problem(id) })]).length
  assert.equal(as('clubroot'), 1)
  assert.equal(as('pyralid-residue'), 0)
  assert.equal(as('salt-crust'), 0)
})

test('heat ends it in its own lot and in what was filled after, not before', () => {
  const flows = [flow(1, 2, 10, 5, 10), flow(1, 3, 10, 50, 10)]
  const heated = [{ lotId: 1, problemId: 'clubroot', on: day(40) }]
  assert.equal(carried(2, flows, [found(1, 0)], heated).length, 1)
  assert.equal(carried(3, flows, [found(1, 0)], heated).length, 0)
  const heatedThere = [{ lotId: 2, problemId: 'clubroot', on: day(40) }]
  assert.equal(carried(2, flows, [found(1, 0)], heatedThere).length, 0)
})

/** Every litre by itself: each lot is a bag of so many drops, ill or not, as shares in exact halves. */
function slowly(
  lotId: number,
  flows: readonly LotFlow[],
  one: FindingOfLot,
  ends: readonly { lotId: number; on: string }[],
) {
  const since = one.since ?? one.seenOn
  const s = new Map<number, number>()
  let first: string | null = null
  let via = new Set<number>()
  let isOwn = true
  for (let at = 0; at <= 600; at++) {
    const today = day(at)
    if (today === since) s.set(one.lotId, 1)
    if (today < since) continue
    for (const end of ends.filter(({ on }) => on === today)) {
      s.set(end.lotId, 0)
      if (end.lotId === one.lotId) isOwn = false
      if (end.lotId === lotId) {
        first = null
        via = new Set()
      }
    }
    for (const { fromLotId, toLotId, litres, toLitresAfter } of flows.filter(
      ({ on }) => on === today,
    )) {
      const of = (lot: number | null) => (lot === null ? 0 : (s.get(lot) ?? 0))
      if (toLotId === lotId && of(fromLotId) > 0 && fromLotId !== null) via.add(fromLotId)
      if (toLotId === one.lotId && isOwn) continue
      s.set(
        toLotId,
        (of(toLotId) * (toLitresAfter - litres) + of(fromLotId) * litres) / toLitresAfter,
      )
      if (toLotId === lotId && first === null && of(lotId) >= 0.001) first = today
    }
  }
  const share = s.get(lotId) ?? 0
  return share >= 0.001 && first !== null
    ? { share, on: first, via: [...via].sort((a, b) => a - b) }
    : null
}

test('random histories against a walk through every day and every litre', () => {
  const histories = fc.record({
    steps: fc.array(
      fc.record({
        from: fc.option(fc.integer({ min: 1, max: 6 }), { nil: null }),
        to: fc.integer({ min: 1, max: 6 }),
        litres: fc.double({ min: 0.5, max: 20, noNaN: true }),
        on: fc.integer({ min: 0, max: 500 }),
      }),
      { maxLength: 40 },
    ),
    ill: fc.integer({ min: 1, max: 6 }),
    since: fc.integer({ min: 0, max: 400 }),
    ends: fc.array(
      fc.record({ lotId: fc.integer({ min: 1, max: 6 }), on: fc.integer({ min: 0, max: 500 }) }),
      { maxLength: 2 },
    ),
  })
  fc.assert(
    fc.property(histories, ({ steps, ill, since, ends }) => {
      const litres = new Map<number, number>()
      const flows = [...steps]
        .filter(({ from, to }) => from !== to)
        .sort((a, b) => a.on - b.on)
        .map(({ from, to, litres: amount, on }) => {
          const after = (litres.get(to) ?? 0) + amount
          litres.set(to, after)
          return flow(from, to, amount, on, after)
        })
      const one = found(ill, since + 50, { since: day(since) })
      const cleansed = ends.map(({ lotId, on }) => ({ lotId, problemId: 'clubroot', on: day(on) }))
      for (let lot = 1; lot <= 6; lot++) {
        if (lot === ill) continue
        const expected = slowly(lot, flows, one, cleansed)
        const row: CarriedFinding | undefined = carried(lot, flows, [one], cleansed)[0]
        if (!expected) {
          assert.notEqual(row?.certainty, 'carried')
          continue
        }
        assert.equal(row?.certainty, 'carried')
        close(row.share, expected.share, 1e-9)
        assert.equal(row.on, expected.on)
        assert.deepEqual(row.viaLotIds, expected.via)
      }
    }),
    { numRuns: 300 },
  )
})

test('what is no history is refused', () => {
  const refused = (more: object, code: string) =>
    assert.throws(
      () =>
        carriedFindings({
          lotId: 1,
          flows: [],
          findings: [],
          cleansed: [],
          today: day(1),
          ...more,
        } as never),
      { code },
    )
  refused({ flows: 'none' }, 'bad-argument')
  refused({ today: 'now' }, 'bad-argument')
  refused({ flows: [flow(1, 2, -1, 1, 1)] }, 'out-of-range')
  refused({ flows: [flow(1, 2, Number.NaN, 1, 1)] }, 'not-finite')
  refused({ findings: [found(1, 1, { affectedShare: 2 })] }, 'out-of-range')
  refused({ findings: [found(1, 1, { since: 'May' })] }, 'bad-argument')
})
