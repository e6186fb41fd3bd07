import assert from 'node:assert/strict'
import { test } from 'node:test'
import fc from 'fast-check'
import { close } from '../../../testing/tables'
import { DomainError } from '../errors'
import { blockAnova, compareToControl, maxTAgainstControl } from '.'
import { countArrangements, eachArrangement } from './arrangements'
import { Permuter } from './permuter'

const refuses = (code: string, call: () => unknown) =>
  assert.throws(call, (error: unknown) => error instanceof DomainError && error.code === code)

/** Family-wise p by the definition, every arrangement written out. */
function byHand(groups: readonly (readonly number[])[]): number[] {
  const pots = groups.flat()
  const labels = groups.flatMap((group, at) => group.map(() => at))
  const uOf = (order: readonly number[]) => {
    const split = groups.map((_, at) => pots.filter((_one, pot) => order[pot] === at))
    const mean = split.map((one) => one.reduce((sum, value) => sum + value, 0) / one.length)
    const within = split.reduce(
      (sum, one, at) => sum + one.reduce((part, value) => part + (value - (mean[at] ?? 0)) ** 2, 0),
      0,
    )
    return split.slice(1).map((one, at) => {
      const apart = ((mean[at + 1] ?? 0) - (mean[0] ?? 0)) ** 2
      const beside = within * (1 / one.length + 1 / (split[0]?.length ?? 1))
      return apart + beside > 1e-18 ? apart / (apart + beside) : 0
    })
  }
  const orders = new Set<string>()
  const permute = (rest: readonly number[], done: readonly number[]): void => {
    if (rest.length === 0) orders.add(done.join())
    for (const label of new Set(rest)) {
      const at = rest.indexOf(label)
      permute([...rest.slice(0, at), ...rest.slice(at + 1)], [...done, label])
    }
  }
  permute(labels, [])
  const all = [...orders].map((order) => Math.max(...uOf(order.split(',').map(Number))))
  return uOf(labels).map((u) => all.filter((most) => most >= u - 1e-10).length / all.length)
}

test('three pots a side never go below two in twenty', () => {
  const told = maxTAgainstControl([
    [1, 2, 3],
    [11, 12, 13],
  ])
  assert.deepEqual([told.p, told.method, told.arrangements, told.draws], [[0.1], 'exact', 20, 0])
  close(told.t[0] ?? 0, 10 / Math.sqrt(2 / 3), 1e-9)
})

test('exact p as every arrangement written out gives it', () => {
  const pots = (n: number) =>
    fc.array(fc.integer({ min: 0, max: 12 }), { minLength: n, maxLength: n })
  fc.assert(
    fc.property(pots(3), pots(2), pots(2), (...groups) => {
      const told = maxTAgainstControl(groups)
      byHand(groups).forEach((p, at) => {
        close(told.p[at] ?? -1, p, 1e-12)
      })
      return told.p.every((p) => p > 0 && p <= 1)
    }),
    { numRuns: 60 },
  )
})

test('ties and groups that do not vary are decided alike everywhere', () => {
  assert.deepEqual(
    maxTAgainstControl([
      [5, 5, 5],
      [5, 5, 5],
    ]).p,
    [1],
  )
  const apart = maxTAgainstControl([
    [1, 1, 1],
    [2, 2, 2],
  ])
  assert.deepEqual([apart.p, apart.t], [[0.1], [Number.POSITIVE_INFINITY]])
  assert.deepEqual(
    maxTAgainstControl([
      [2, 2, 2],
      [1, 1, 1],
    ]).t,
    [Number.NEGATIVE_INFINITY],
  )
})

test('pots that are not used are not permuted', () => {
  const told = maxTAgainstControl([
    [1, 2, 3, null],
    [11, null, 12, 13],
  ])
  assert.equal(told.arrangements, 20)
})

test('drawn arrangements: the same seed gives the same p, near what all of them give', () => {
  const groups = [
    [10, 12, 11, 13, 12, 10, 11],
    [12, 13, 12, 14, 13, 12, 11],
    [10, 11, 12, 12, 13, 10, 11],
  ]
  const told = maxTAgainstControl(groups, { seed: 7 })
  assert.deepEqual([told.method, told.draws], ['montecarlo', 50_000])
  assert.deepEqual(maxTAgainstControl(groups, { seed: 7 }), told)
  assert.notDeepEqual(maxTAgainstControl(groups, { seed: 8 }).p, told.p)
  // Six a side can be written out: drawing them comes near.
  const two = [groups[0]?.slice(0, 6) ?? [], groups[1]?.slice(0, 6) ?? []]
  const exact = maxTAgainstControl(two)
  assert.equal(exact.arrangements, 924)
  assert.ok((exact.p[0] ?? 1) > 0.01)
})

test('in whole blocks t is that of the analysis with blocks, and labels stay in their block', () => {
  const table = [
    [10, 12],
    [14, 17],
    [9, 10],
    [20, 22],
  ]
  const groups = [0, 1].map((at) => table.map((row) => row[at] as number))
  const blocks = groups.map(() => ['a', 'b', 'c', 'd'])
  const told = maxTAgainstControl(groups, { blocks })
  assert.equal(told.arrangements, 16)
  close((told.t[0] ?? 0) ** 2, blockAnova(table).treatment.F ?? 0, 1e-9)
  // Every block says the same: 2 of 16.
  assert.deepEqual(told.p, [2 / 16])
  const unblocked = maxTAgainstControl(groups)
  assert.ok((unblocked.p[0] ?? 0) > 0.3, 'without its blocks the difference drowns')
  refuses('bad-argument', () => maxTAgainstControl(groups, { blocks: [['a', 'b']] }))
})

test('what cannot be judged is refused', () => {
  refuses('too-few', () => maxTAgainstControl([[1, 2, 3]]))
  refuses('too-few', () =>
    maxTAgainstControl([
      [1, 2, 3],
      [4, null],
    ]),
  )
  refuses('bad-argument', () =>
    maxTAgainstControl(
      [
        [1, 2],
        [3, 4],
      ],
      { draws: 10 },
    ),
  )
  refuses('not-finite', () =>
    maxTAgainstControl([
      [1, 2],
      [3, Number.NaN],
    ]),
  )
  const told = compareToControl([1, 2, 3], [11, 12, 13])
  assert.ok(told.p !== null)
})

test('as many arrangements are visited as there are, each once', () => {
  const exchanges = [
    { from: 0, to: 4, ofGroup: [2, 1, 1] },
    { from: 4, to: 6, ofGroup: [1, 0, 1] },
  ]
  const seen = new Set<string>()
  // Powers of two: a sum tells which pots are in it.
  const values = Float64Array.from([1, 2, 4, 8, 16, 32])
  eachArrangement(exchanges, values, (sums) => seen.add(sums.join()))
  assert.equal(countArrangements(exchanges), 24)
  assert.equal(seen.size, 24)
  for (const sums of seen) {
    assert.equal(
      sums.split(',').reduce((sum, one) => sum + Number(one), 0),
      63,
    )
  }
})

test('each way to share pots out is drawn as often as any other', () => {
  const values = Float64Array.from([1, 2, 4, 8, -15])
  const exchanges = [{ from: 0, to: 5, ofGroup: [2, 2, 1] }]
  const permuter = new Permuter(values, exchanges, 3, 11)
  const seen = new Map<string, number>()
  const draws = 30_000
  for (let nth = 0; nth < draws; nth++) {
    const key = permuter.next().join()
    seen.set(key, (seen.get(key) ?? 0) + 1)
  }
  assert.equal(seen.size, 30)
  const chi = [...seen.values()].reduce(
    (sum, count) => sum + (count - draws / 30) ** 2 / (draws / 30),
    0,
  )
  // Chi-square of 29 degrees of freedom: above 58 once in a thousand seeds.
  assert.ok(chi < 58, `${chi}`)
})
