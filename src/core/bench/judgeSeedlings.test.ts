import assert from 'node:assert/strict'
import { test } from 'node:test'
import fc from 'fast-check'
import { close } from '../../../testing/tables'
import { judgeSeedlings, type SeedlingPot } from './judgeSeedlings'

const pot = (sharePercent: number, more: Partial<SeedlingPot> = {}): SeedlingPot => ({
  sharePercent,
  sown: 5,
  sprouted: 5,
  heightMm: null,
  ...more,
})
const control = [
  pot(0, { heightMm: 100 }),
  pot(0, { heightMm: 104 }),
  pot(0, { heightMm: 96 }),
  pot(0, { heightMm: 100 }),
]
const tried = (more: Partial<SeedlingPot> = {}) =>
  control.map((one) => ({ ...one, sharePercent: 100, ...more }))
const beans = { herbicideSensitive: true, days: 21 }

// Ten tests as growers make them.
test('three weeks of beans in enough pots, all well: clean', () => {
  const judged = judgeSeedlings({ pots: [...control, ...tried()], ...beans })
  assert.equal(judged.answer, 'clean')
  assert.deepEqual(judged.missing, [])
  close(judged.sprouted?.ratio as number, 1, 1e-12)
})

test('cress, however well it grows, never rules weedkiller out', () => {
  const judged = judgeSeedlings({
    pots: [...control, ...tried()],
    herbicideSensitive: false,
    days: 21,
  })
  assert.deepEqual([judged.answer, judged.missing], ['too-weak', ['species']])
  const asked = {
    pots: [...control, ...tried()],
    herbicideSensitive: false,
    days: 21,
    residue: false,
  }
  assert.equal(judgeSeedlings(asked).answer, 'clean', 'where no residue is doubted it does')
})

test('one bean in one pot rules nothing out', () => {
  const one = { sown: 1, sprouted: 1, heightMm: 90 }
  const judged = judgeSeedlings({ pots: [pot(0, one), pot(100, one)], ...beans })
  assert.equal(judged.answer, 'too-weak')
  for (const lack of ['pots', 'seeds', 'control-pots', 'control-seeds'] as const) {
    assert.ok(judged.missing.includes(lack), lack)
  }
})

test('the control pots alone say nothing of the other mix', () => {
  const judged = judgeSeedlings({ pots: control, ...beans })
  assert.equal(judged.answer, 'too-weak')
  assert.ok(judged.missing.includes('pots'))
  assert.equal(judged.sprouted, null)
})

test('pots at half the share it will be used at do not count for it', () => {
  const half = tried().map((one) => ({ ...one, sharePercent: 50 }))
  assert.equal(judgeSeedlings({ pots: [...control, ...half], ...beans }).answer, 'too-weak')
  assert.equal(
    judgeSeedlings({ pots: [...control, ...half], ...beans, useSharePercent: 50 }).answer,
    'clean',
  )
})

test('two curled seedlings that the control does not show are harm, even in a single pot after a week', () => {
  const judged = judgeSeedlings({ pots: [pot(0), pot(100, { curled: 2 })], ...beans, days: 7 })
  assert.equal(judged.answer, 'harmed')
  const single = judgeSeedlings({
    pots: [...control, ...tried(), pot(100, { curled: 1 })],
    ...beans,
  })
  assert.deepEqual([single.answer, single.missing], ['too-weak', ['leaves']])
  const both = [...control.map((one) => ({ ...one, curled: 1 })), ...tried({ curled: 1 })]
  assert.equal(judgeSeedlings({ pots: both, ...beans }).answer, 'clean', 'the seed is like that')
})

test('half the height is harm, a tenth less is not told by four pots', () => {
  const height = (share: number) =>
    judgeSeedlings({
      pots: [
        ...control,
        ...control.map((one) => ({
          ...one,
          sharePercent: 100,
          heightMm: share * (one.heightMm ?? 0),
        })),
      ],
      ...beans,
    }).answer
  assert.equal(height(0.5), 'harmed')
  assert.equal(height(0.95), 'clean')
  assert.equal(height(0.72), 'harmed')
})

test('a control that hardly comes up makes it void, whatever the rest does', () => {
  const poor = control.map((one) => ({ ...one, sprouted: 3 }))
  const judged = judgeSeedlings({
    pots: [...poor, ...tried({ sprouted: 0, heightMm: null })],
    ...beans,
  })
  assert.equal(judged.answer, 'void')
})

test('two weeks are a week too few', () => {
  const judged = judgeSeedlings({ pots: [...control, ...tried()], ...beans, days: 14 })
  assert.deepEqual([judged.answer, judged.missing], ['too-weak', ['days']])
})

test('half of the seeds not up is harm', () => {
  assert.equal(
    judgeSeedlings({ pots: [...control, ...tried({ sprouted: 2, heightMm: null })], ...beans })
      .answer,
    'harmed',
  )
})

test('the interval of the ratio is the one of Donner and Zou, worked by hand', () => {
  // 16 of 20 against 20 of 20: Wilson at 90 %.
  const { sprouted } = judgeSeedlings({ pots: [...control, ...tried({ sprouted: 4 })], ...beans })
  const z = 1.6448536269514722
  const limits = (p: number, n: number) => {
    const middle = (p + (z * z) / (2 * n)) / (1 + (z * z) / n)
    const half = (z * Math.sqrt((p * (1 - p)) / n + (z * z) / (4 * n * n))) / (1 + (z * z) / n)
    return [middle - half, p === 1 ? 1 : middle + half] as const
  }
  const [l1, u1] = limits(0.8, 20)
  const [l2, u2] = limits(1, 20)
  const low = (0.8 - Math.sqrt(0.64 - l1 * u2 * (1.6 - l1) * (2 - u2))) / (u2 * (2 - u2))
  const high = (0.8 + Math.sqrt(0.64 - u1 * l2 * (1.6 - u1) * (2 - l2))) / (l2 * (2 - l2))
  close(sprouted?.low as number, low, 1e-9)
  close(sprouted?.high as number, high, 1e-9)
})

test('harmless material is seldom called harmed, and what lifts a bar is never less than asked', () => {
  let harmed = 0
  let runs = 0
  let state = 7
  const random = () => {
    state = (state * 1_103_515_245 + 12_345) % 2_147_483_648
    return state / 2_147_483_648
  }
  const grown = (sharePercent: number): SeedlingPot => {
    const sprouted = Array.from({ length: 5 }, () => (random() < 0.92 ? 1 : 0)).reduce<number>(
      (sum, one) => sum + one,
      0,
    )
    const normal = Array.from({ length: 12 }, random).reduce((sum, one) => sum + one, -6)
    return { sharePercent, sown: 5, sprouted, heightMm: sprouted > 0 ? 100 + 12 * normal : null }
  }
  for (let i = 0; i < 2000; i++) {
    const pots = [...[0, 0, 0, 0].map(grown), ...[100, 100, 100, 100].map(grown)]
    const { answer } = judgeSeedlings({ pots, ...beans })
    if (answer === 'void') continue
    runs += 1
    if (answer === 'harmed') harmed += 1
  }
  assert.ok(harmed / runs < 0.04, `${harmed} of ${runs}`)
})

test('whatever is counted: no number is odd, and clean only with all that is asked', () => {
  const pots = fc.array(
    fc
      .record({
        sharePercent: fc.constantFrom(0, 25, 50, 100),
        sown: fc.integer({ min: 1, max: 12 }),
        up: fc.double({ min: 0, max: 1, noNaN: true }),
        bad: fc.double({ min: 0, max: 0.3, noNaN: true }),
        heightMm: fc.option(fc.double({ min: 0, max: 200, noNaN: true }), { nil: null }),
      })
      .map(({ sharePercent, sown, up, bad, heightMm }) => {
        const sprouted = Math.round(sown * up)
        return { sharePercent, sown, sprouted, heightMm, curled: Math.floor(sprouted * bad) }
      }),
    { minLength: 1, maxLength: 12 },
  )
  fc.assert(
    fc.property(
      pots,
      fc.boolean(),
      fc.integer({ min: 0, max: 40 }),
      (rows, herbicideSensitive, days) => {
        const { answer, missing, sprouted, height } = judgeSeedlings({
          pots: rows,
          herbicideSensitive,
          days,
        })
        for (const one of [sprouted, height]) {
          if (!one) continue
          assert.ok(
            Number.isFinite(one.ratio) && Number.isFinite(one.low) && Number.isFinite(one.high),
          )
          assert.ok(one.low <= one.ratio + 1e-9 && one.high >= one.ratio - 1e-9)
        }
        assert.equal(missing.length > 0, answer === 'too-weak')
        if (answer !== 'clean') return
        const used = rows.filter(({ sharePercent }) => sharePercent === 100)
        assert.ok(herbicideSensitive && days >= 21 && used.length >= 3)
        assert.ok(used.reduce((sum, { sown }) => sum + sown, 0) >= 12)
      },
    ),
  )
})

test('pots that do not vary at all tell their height as it is', () => {
  const short = [0, 1, 2].map(() => pot(100, { heightMm: 25 }))
  const tall = [0, 1, 2].map(() => pot(0, { heightMm: 60 }))
  const told = judgeSeedlings({ pots: [...tall, ...short], ...beans })
  assert.equal(told.answer, 'harmed')
  assert.deepEqual(told.height, { ratio: 25 / 60, low: 25 / 60, high: 25 / 60 })
})

test('what is no count is refused', () => {
  const refused = (more: object, code: string) =>
    assert.throws(() => judgeSeedlings({ pots: control, ...beans, ...more } as never), { code })
  refused({ pots: [] }, 'too-few')
  refused({ pots: 'many' }, 'bad-argument')
  refused({ pots: [pot(0, { sprouted: 6 })] }, 'bad-argument')
  refused({ pots: [pot(0, { curled: 6 })] }, 'bad-argument')
  assert.throws(
    () => judgeSeedlings({ pots: [...control, pot(50, { sprouted: 9 })], ...beans }),
    ({ details }) => details.field === `pots.${control.length}.sprouted`,
    'the row it stands in',
  )
  refused({ pots: [pot(0, { sown: 0, sprouted: 0 })] }, 'out-of-range')
  refused({ pots: [pot(120)] }, 'out-of-range')
  refused({ days: Number.NaN }, 'not-finite')
  refused({ days: -1 }, 'out-of-range')
  refused({ useSharePercent: 0 }, 'out-of-range')
  refused({ herbicideSensitive: 'yes' }, 'bad-argument')
})
