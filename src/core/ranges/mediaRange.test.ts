import assert from 'node:assert/strict'
import { test } from 'node:test'
import fc from 'fast-check'
import { close, material, shippedMaterials } from '../../../testing/tables'
import { blendEc, blendPh } from '../chemistry'
import { blendMedia, type Component, containerCapacity } from '../media'
import { materialDraws, normalsFrom } from './materialDraws'
import { mediaRange } from './mediaRange'
import { rangeOf } from './quantiles'
import type { RangeTest } from './weighTests'

const POT = { kind: 'round', topDiameterCm: 20, baseDiameterCm: 15, heightCm: 20 } as const
const container = { shape: POT, fillHeightCm: 17.5 }
const mix = (parts: Readonly<Record<string, number>>): Component[] =>
  Object.entries(parts).map(([id, count]) => ({ material: material(id), parts: count }))
const TROUGH = mix({
  'all-purpose-mix': 4,
  'garden-compost': 2,
  'perlite-coarse': 2,
  'bark-fine': 2,
})
const range = (components: Component[], tests: RangeTest[] = [], more = {}) =>
  mediaRange({ components, container, tests, ...more })
const POROSITY: RangeTest = {
  kind: 'porosity',
  airFraction: 0.15,
  totalPorosity: 0.8,
  columnShape: POT,
  fillHeightCm: 17.5,
}
const width = ({ p10, p90 }: { p10: number; p90: number }) => p90 - p10

test('a bag in a 20 cm pot holds 14 to 29 % air, an old mix of unknown recipe 6 to 22', () => {
  const bag = range(mix({ 'all-purpose-mix': 1 })).airFraction
  close(bag.p10, 0.14, 0.015)
  close(bag.p90, 0.29, 0.015)
  const old = range(mix({ 'spent-mix': 1 })).airFraction
  close(old.p10, 0.06, 0.015)
  close(old.p90, 0.22, 0.03)
})

test('a porosity test makes the air sure to two points, and the pores with it; the speed hardly', () => {
  const before = range(TROUGH)
  const after = range(TROUGH, [POROSITY])
  close(after.airFraction.p50, 0.15, 0.015)
  assert.ok(width(before.airFraction) > 0.08)
  assert.ok(width(after.airFraction) < 0.045, String(width(after.airFraction)))
  assert.ok(width(after.totalPorosity) < width(before.totalPorosity))
  assert.ok(after.effectiveDraws >= 80)
  const timed = range(TROUGH, [{ kind: 'drain', ksCmPerS: 0.05 }])
  const speed = (one: typeof timed) => Math.log(one.ksCmPerS.p90 / one.ksCmPerS.p10)
  assert.ok(speed(timed) < 0.75 * speed(before))
  close(Math.log(timed.ksCmPerS.p50 / 0.05), 0, 0.35)
})

test('a test in another pot tells less than one in the same', () => {
  const tall = { ...POT, heightCm: 60 }
  const near = range(TROUGH, [POROSITY])
  const far = range(TROUGH, [{ ...POROSITY, columnShape: tall, fillHeightCm: 57 } as RangeTest])
  assert.ok(width(far.airFraction) > width(near.airFraction))
})

test('readings narrow what they read, and leave the rest as it was', () => {
  const before = range(TROUGH)
  const after = range(TROUGH, [
    { kind: 'ph', ph: 6.8 },
    { kind: 'ec', ecSme: 1.6 },
  ])
  close(after.ph.p50, 6.8, 0.12)
  assert.ok(width(after.ph) < width(before.ph))
  close(after.ecSme.p50, 1.6, 0.2)
  assert.ok(width(after.ecSme) < width(before.ecSme))
  assert.deepEqual(after.airFraction, before.airFraction)
  const all = range(TROUGH, [
    POROSITY,
    { kind: 'drain', ksCmPerS: 0.05 },
    { kind: 'ph', ph: 6.8 },
    { kind: 'ec', ecSme: 1.6 },
  ])
  assert.ok(all.effectiveDraws >= 80, String(all.effectiveDraws))
})

test('the middle of what is likely is what the mix is predicted to be', () => {
  const { airFraction, usableFraction, totalPorosity, ph, ecSme, ksCmPerS } = range(TROUGH, [], {
    draws: 2000,
  })
  const blend = blendMedia({ components: TROUGH })
  close(totalPorosity.p50, blend.totalPorosity, 0.01)
  // A little lower: grains that are equal in the table pack closer as soon as they are not.
  close(airFraction.p50, containerCapacity({ curve: blend.curve, ...container }).airFraction, 0.03)
  close(Math.log(ksCmPerS.p50 / blend.ksCmPerS), 0, 0.35)
  const capacity = containerCapacity({ curve: blend.curve, ...container })
  const inReach = (capacity.availableLitres / capacity.waterLitres) * capacity.waterFraction
  close(usableFraction.p50, inReach, 0.02)
  assert.ok(usableFraction.p10 < inReach && inReach < usableFraction.p90)
  close(ph.p50, blendPh({ components: TROUGH }).ph, 0.1)
  close(Math.log(ecSme.p50 / blendEc({ components: TROUGH }).ecSme), 0, 0.1)
})

test('the same seed draws the same, another one nearly the same', () => {
  assert.deepEqual(range(TROUGH, [POROSITY]), range(TROUGH, [POROSITY]))
  const other = range(TROUGH, [], { seed: 7 })
  assert.notDeepEqual(other, range(TROUGH))
  close(other.airFraction.p50, range(TROUGH).airFraction.p50, 0.012)
})

test('two mixes of one bag are off together: a test on one tells of the other through its weights', () => {
  const bag = materialDraws(material('all-purpose-mix'), {}, 300, 1)
  assert.deepEqual(materialDraws(material('all-purpose-mix'), {}, 300, 1), bag)
  const more = materialDraws(material('all-purpose-mix'), {}, 600, 1)
  assert.deepEqual(more.alpha.slice(0, 300), bag.alpha)
  const dry: RangeTest = { ...POROSITY, airFraction: 0.3, totalPorosity: undefined }
  const tested = range(mix({ 'all-purpose-mix': 1 }), [dry])
  const { weights } = tested
  const other = materialDraws(material('all-purpose-mix'), {}, weights.length, 1)
  const mean = (of: Float64Array, by: (i: number) => number) =>
    of.reduce((sum, value, i) => sum + value * by(i), 0)
  const plain = mean(other.alpha, () => 1 / weights.length)
  assert.ok(mean(other.alpha, (i) => weights[i] ?? 0) > plain * 1.05, 'coarser than thought')
  close(
    weights.reduce((sum, weight) => sum + weight, 0),
    1,
    1e-9,
  )
})

test('what was measured on a component is not in doubt any more', () => {
  const peat = material('peat-medium')
  const sure = range([{ material: peat, parts: 1, measured: { pH: 4.4 } }])
  assert.equal(sure.ph.p10, 4.4)
  close(sure.ph.p90, 4.4, 1e-9)
})

test('any mix of shipped materials: ranges are in order and within bounds', () => {
  fc.assert(
    fc.property(
      fc.array(
        fc.record({
          material: fc.constantFrom(...shippedMaterials),
          parts: fc.integer({ min: 1, max: 9 }),
        }),
        { minLength: 1, maxLength: 5 },
      ),
      (components) => {
        const found = range(components, [], { draws: 60 })
        const ranges = ['airFraction', 'waterFraction', 'totalPorosity', 'ksCmPerS', 'ph', 'ecSme']
        for (const name of ranges) {
          const { p10, p50, p90 } = found[name as 'ph']
          assert.ok(p10 <= p50 && p50 <= p90, name)
          assert.ok(Number.isFinite(p10) && p10 >= 0, name)
        }
        assert.ok(found.airFraction.p90 <= found.totalPorosity.p90)
      },
    ),
    { numRuns: 100 },
  )
})

test('normal numbers are normal, and weighted quantiles are those of the weights', () => {
  const normal = normalsFrom(3)
  const values = Float64Array.from({ length: 20_000 }, normal)
  const mean = values.reduce((sum, value) => sum + value, 0) / values.length
  const variance = values.reduce((sum, value) => sum + (value - mean) ** 2, 0) / values.length
  close(mean, 0, 0.02)
  close(variance, 1, 0.03)
  const { p10, p90 } = rangeOf(values, new Float64Array(values.length).fill(1))
  close(p90, 1.2816, 0.04)
  close(p10, -1.2816, 0.04)
  const skewed = rangeOf(Float64Array.of(1, 2, 3), Float64Array.of(0, 1, 0))
  close(skewed.p50, 2, 1e-9)
})

test('impossible questions are refused', () => {
  const refused = (more: object, code: string) =>
    assert.throws(() => range(TROUGH, [], more), { code })
  refused({ draws: 3 }, 'out-of-range')
  refused({ seed: -1 }, 'out-of-range')
  refused({ container: { shape: POT, fillHeightCm: 30 } }, 'out-of-range')
  refused({ components: mix({ 'bark-fine': 0 }) }, 'too-few')
  refused(
    { tests: [{ kind: 'porosity', airFraction: 3, columnShape: POT, fillHeightCm: 9 }] },
    'out-of-range',
  )
  refused({ tests: [{ kind: 'smell' }] }, 'bad-argument')
  refused({ tests: [{ kind: 'ph', ph: Number.NaN }] }, 'not-finite')
})
