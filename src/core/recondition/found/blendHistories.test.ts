import assert from 'node:assert/strict'
import { test } from 'node:test'
import { between, drawFrom, pick } from '../../../../testing/random'
import { close } from '../../../../testing/tables'
import { DomainError } from '../../errors'
import { blendHistories, type MixHistory } from './blendHistories'

const BARE: MixHistory = {
  families: [],
  problems: [],
  unreactedLimeGPerL: 0,
  starterNMgPerL: 0,
  ecSme: 0,
}
const part = (litres: number, more: Partial<MixHistory> = {}) => ({ litres, ...BARE, ...more })

test('numbers are the mean by litres', () => {
  const mixed = blendHistories({
    parts: [
      part(30, { unreactedLimeGPerL: 1, starterNMgPerL: 90, ecSme: 2 }),
      part(10, { unreactedLimeGPerL: 0, starterNMgPerL: 10, ecSme: 0.4 }),
    ],
  })
  close(mixed.unreactedLimeGPerL, 0.75, 1e-12)
  close(mixed.starterNMgPerL, 70, 1e-12)
  close(mixed.ecSme, 1.6, 1e-12)
})

test('families and problems of all parents go on, the same of a season as one, however little', () => {
  const beans = (share: number, season = 2026) => ({ rotationGroup: 'beans', season, share })
  const mixed = blendHistories({
    parts: [
      part(39.9, { families: [beans(1), beans(1, 2025)] }),
      part(60, { families: [beans(0.5)] }),
      part(0.1, { problems: [{ problem: 'clubroot', season: 2026, share: 1 }] }),
    ],
  })
  assert.equal(mixed.families.length, 2)
  close(mixed.families[0]?.share ?? 0, 0.399 + 0.3, 1e-12)
  close(mixed.families[1]?.share ?? 0, 0.399, 1e-12)
  assert.deepEqual(
    mixed.problems.map(({ problem }) => problem),
    ['clubroot'],
  )
  close(mixed.problems[0]?.share ?? 0, 0.001, 1e-12)
})

test('mixed in two steps or in one, in whatever order: the same history', () => {
  const random = drawFrom(8)
  const drawn = () =>
    part(between(random, 1, 40), {
      families: Array.from({ length: between(random, 0, 3) }, () => ({
        rotationGroup: pick(random, ['beans', 'cabbages', 'potatoes']),
        season: pick(random, [2024, 2025, 2026]),
        share: random() / 3,
      })),
      unreactedLimeGPerL: random(),
      starterNMgPerL: 100 * random(),
      ecSme: 4 * random(),
    })
  for (let round = 0; round < 50; round++) {
    const [a, b, c] = [drawn(), drawn(), drawn()]
    const first = { litres: a.litres + b.litres, ...blendHistories({ parts: [a, b] }) }
    const steps = blendHistories({ parts: [first, c] })
    const once = blendHistories({ parts: [c, b, a] })
    close(steps.ecSme, once.ecSme, 1e-9)
    close(steps.unreactedLimeGPerL, once.unreactedLimeGPerL, 1e-9)
    const shares = ({ families }: MixHistory) =>
      new Map(families.map((one) => [`${one.rotationGroup} ${one.season}`, one.share]))
    const expected = shares(once)
    assert.equal(shares(steps).size, expected.size)
    for (const [key, share] of shares(steps)) close(share, expected.get(key) ?? -1, 1e-9, key)
  }
})

test('a part of no litres brings nothing; nothing to mix and impossible numbers are refused', () => {
  const ghost = part(0, { families: [{ rotationGroup: 'beans', season: 2026, share: 1 }] })
  assert.deepEqual(blendHistories({ parts: [part(5), ghost] }), BARE)
  const code = (wanted: string) => (error: unknown) =>
    error instanceof DomainError && error.code === wanted
  assert.throws(() => blendHistories({ parts: [] }), code('too-few'))
  assert.throws(() => blendHistories({ parts: [part(0)] }), code('too-few'))
  assert.throws(() => blendHistories({ parts: [part(-1)] }), code('out-of-range'))
  const over = [{ rotationGroup: 'beans', season: 2026, share: 1.5 }]
  assert.throws(
    () => blendHistories({ parts: [part(1, { families: over })] }),
    code('out-of-range'),
  )
})
