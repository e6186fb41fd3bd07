import assert from 'node:assert/strict'
import { test } from 'node:test'
import fc from 'fast-check'
import { close, material, mostMisfit, shippedMaterials } from '../../../testing/tables'
import { ageMedia } from './ageMedia'
import { blendMedia } from './blendMedia'
import type { Component } from './material'
import { waterContent } from './retention'
import { packedYield } from './volumeYield'

// Mixes worked out a second time, from the formulas as they are printed and by the plainest means: bisection, sums.

const number = (min: number, max: number) => fc.double({ min, max, noNaN: true })
const mixes = fc
  .uniqueArray(fc.constantFrom(...shippedMaterials), {
    minLength: 2,
    maxLength: 5,
    selector: ({ id }) => id,
  })
  .chain((materials) =>
    fc.tuple(
      ...materials.map((one) => fc.record({ material: fc.constant(one), parts: number(0.05, 6) })),
    ),
  )

const sharesOf = (components: readonly Component[]) => {
  const total = components.reduce((sum, { parts }) => sum + parts, 0)
  return components.map(({ material, parts }) => ({ one: material, f: parts / total }))
}

/** Compressible packing, its root by bisection. */
function yieldOnPaper(components: readonly Component[]): number {
  const K = 4.1
  const classes = sharesOf(components)
    .map(({ one, f }) => ({ d: one.grainMm, alpha: 1 - one.interPorosity, f }))
    .sort((a, b) => b.d - a.d)
  const solids = classes.reduce((sum, { f, alpha }) => sum + f * alpha, 0)
  const y = classes.map(({ f, alpha }) => (f * alpha) / solids)
  const beta = classes.map(({ alpha }) => alpha * (1 + 1 / K))
  const gamma = classes.map(({ d }, i) => {
    const betaI = beta[i] as number
    let rest = 1
    for (const [j, other] of classes.entries()) {
      if (j === i) continue
      const [betaJ, yJ] = [beta[j] as number, y[j] as number]
      if (j < i) {
        const wall = 1 - (1 - d / other.d) ** 1.5
        rest -= (1 - betaI + wall * betaI * (1 - 1 / betaJ)) * yJ
      } else {
        const loosening = Math.sqrt(1 - (1 - other.d / d) ** 1.02)
        rest -= (1 - (loosening * betaI) / betaJ) * yJ
      }
    }
    return betaI / rest
  })
  const compaction = (g: number) =>
    y.reduce(
      (sum, one, i) => sum + one / (beta[i] as number) / (1 / g - 1 / (gamma[i] as number)),
      0,
    )
  let [low, high] = [1e-9, Math.min(...gamma) * (1 - 1e-15)]
  for (let step = 0; step < 200; step++) {
    const middle = (low + high) / 2
    if (compaction(middle) < K) low = middle
    else high = middle
  }
  return Math.min(1, solids / low)
}

test('the volume of a mix is the one of the packing model, whatever is in it', () => {
  fc.assert(
    fc.property(mixes, (components) => {
      close(blendMedia({ components }).volumeYield, yieldOnPaper(components), 1e-9, 'yield')
    }),
    { numRuns: 400 },
  )
})

test('asked for other grains in between, the same grains pack alike', () => {
  fc.assert(
    fc.property(mixes, mixes, (one, other) => {
      const before = blendMedia({ components: one }).volumeYield
      blendMedia({ components: other })
      assert.equal(blendMedia({ components: one }).volumeYield, before)
      const [turned] = [[...one].reverse()]
      close(blendMedia({ components: turned }).volumeYield, before, 1e-12, 'in another order')
    }),
    { numRuns: 200 },
  )
})

test('more grain sizes than anybody mixes still pack', () => {
  const grains = Array.from({ length: 40 }, (_, at) => ({
    sizeMm: 0.1 * 1.2 ** at,
    interPorosity: 0.45,
    share: 1 / 40,
  }))
  const packed = packedYield(grains)
  assert.ok(packed > 0.4 && packed < 0.9, String(packed))
  assert.equal(packedYield(grains), packed)
  assert.equal(packedYield(grains.slice(0, 1).map((one) => ({ ...one, share: 1 }))), 1)
})

test('solids and held water are conserved; what shrinkage takes is air', () => {
  fc.assert(
    fc.property(mixes, (components) => {
      const blend = blendMedia({ components })
      const shares = sharesOf(components)
      const mean = (of: (one: Component['material']) => number) =>
        shares.reduce((sum, { one, f }) => sum + f * of(one), 0)
      const V = blend.volumeYield
      close(blend.totalPorosity, 1 - mean((one) => 1 - one.totalPorosity) / V, 1e-9, 'pores')
      close(blend.bulkDensity, mean((one) => one.bulkDensity) / V, 1e-9, 'density')
      close(blend.curve.thetaS, blend.totalPorosity, 1e-12, 'saturated')
      // The fitted curve stays near what is held, by its own word.
      const suctions = [1, 2, 3, 5, 7.5, 10, 15, 20, 30, 50, 75, 100]
      const off = suctions.map((h) => {
        const held = Math.min(blend.totalPorosity, mean((one) => waterContent(one.curve, h)) / V)
        return (waterContent(blend.curve, h) - held) ** 2
      })
      const rmse = Math.sqrt(off.reduce((sum, one) => sum + one, 0) / suctions.length)
      // Of squares: the misfit comes out of a difference, which leaves the last digits of what is nearly nothing.
      close(rmse ** 2, blend.fitRmse ** 2, 1e-15, 'misfit squared')
      const most = mostMisfit(components.map(({ material }) => material.id))
      assert.ok(rmse < most, `misfit ${rmse}`)
      assert.equal(blend.roughFit, blend.fitRmse > 0.015)
    }),
    { numRuns: 200 },
  )
})

test('conductivity goes with the large pores that are left, inside what its parts have', () => {
  fc.assert(
    fc.property(mixes, (components) => {
      const blend = blendMedia({ components })
      const shares = sharesOf(components)
      const mean = (of: (one: Component['material']) => number) =>
        shares.reduce((sum, { one, f }) => sum + f * of(one), 0)
      const large = (one: Component['material']) => one.totalPorosity - waterContent(one.curve, 10)
      const [A, lnK] = [mean(large), mean((one) => Math.log(one.ksCmPerS))]
      const spread = mean((one) => (large(one) - A) ** 2)
      const together = mean((one) => (large(one) - A) * (Math.log(one.ksCmPerS) - lnK))
      const slope = spread < 1e-9 ? 0 : Math.max(0, together / spread)
      const held = Math.min(
        blend.totalPorosity,
        mean((one) => waterContent(one.curve, 10)) / blend.volumeYield,
      )
      const all = shares.map(({ one }) => Math.log(one.ksCmPerS))
      const told = lnK + slope * (blend.totalPorosity - held - A)
      const expected = Math.min(Math.max(...all), Math.max(Math.min(...all), told))
      close(Math.log(blend.ksCmPerS), expected, 1e-9, 'ln Ks')
    }),
    { numRuns: 200 },
  )
})

test('a mix ages by the rates of its parts: mass lost, fines made, what is left broken up', () => {
  const fines = material('humified-fines')
  fc.assert(
    fc.property(mixes, number(0, 60), number(5, 25), (components, months, meanTempC) => {
      const aged = ageMedia({ components, months, meanTempC, humifiedFines: fines })
      const years = (months / 12) * 2 ** ((meanTempC - 20) / 10)
      let made = 0
      for (const { material: one, parts } of components) {
        const lost = parts * (1 - Math.exp(-one.decayPerYear * years))
        made += (0.45 * lost * one.bulkDensity) / fines.bulkDensity
        if (one.id === fines.id) continue
        const left = aged.components.find((after) => after.material.id === one.id)
        assert.ok(left)
        close(left.parts, parts - lost, 1e-9, `${one.id} left`)
        const worn = one.decayPerYear * years
        close(
          left.material.curve.alpha,
          one.curve.alpha * Math.exp(-1.5 * worn),
          1e-9 * one.curve.alpha,
          'alpha',
        )
        close(left.material.ksCmPerS, one.ksCmPerS * Math.exp(-3 * worn), 1e-9 * one.ksCmPerS, 'Ks')
      }
      const before = components.find(({ material: { id } }) => id === fines.id)
      const keptFines = (before?.parts ?? 0) * Math.exp(-fines.decayPerYear * years)
      const there = aged.components.find((after) => after.material.id === fines.id)
      close(there?.parts ?? 0, keptFines + made, 1e-9 * (1 + made), 'fines')
      const sum = (all: readonly Component[]) => all.reduce((total, { parts }) => total + parts, 0)
      const ratio =
        (sum(aged.components) * blendMedia({ components: aged.components }).volumeYield) /
        (sum(components) * blendMedia({ components }).volumeYield)
      close(aged.volumeRatio, ratio, 1e-9, 'volume')
    }),
    { numRuns: 120 },
  )
})
