import assert from 'node:assert/strict'
import { test } from 'node:test'
import { between, drawFrom, pick } from '../../../testing/random'
import { close, material, shippedMaterials } from '../../../testing/tables'
import { FIT_SUCTIONS_CM, fitCurve, fitCurveBySimplex } from './fitCurve'
import { componentShares } from './material'
import { waterContent } from './retention'
import { looseningEffect, volumeYield, wallEffect } from './volumeYield'

const COMPACTION_INDEX = 4.1

/** Shares of a mix of two to six materials, drawn. */
function mixes(count: number) {
  const random = drawFrom(1907)
  return Array.from({ length: count }, () =>
    componentShares(
      Array.from({ length: between(random, 2, 6) }, () => ({
        material: pick(random, shippedMaterials),
        parts: 0.02 + random(),
      })),
    ),
  )
}

test('3,000 mixes are fitted as the slow way fits them', () => {
  let better = 0
  for (const shares of mixes(3000)) {
    const yieldOfMix = volumeYield(shares)
    const sum = (of: (share: (typeof shares)[number]) => number) =>
      shares.reduce((total, share) => total + share.share * of(share), 0) / yieldOfMix
    const thetaS = 1 - sum((one) => 1 - one.material.totalPorosity)
    const held = FIT_SUCTIONS_CM.map((cm) =>
      Math.min(
        thetaS,
        sum((one) => waterContent(one.material.curve, cm)),
      ),
    )
    const fast = fitCurve(thetaS, held)
    const slow = fitCurveBySimplex(thetaS, held)
    assert.ok(fast.fitRmse <= slow.fitRmse + 1e-6, `${fast.fitRmse} against ${slow.fitRmse}`)
    // Where the slow way stays at a bound the fast one is the better fit, and another curve.
    if (fast.fitRmse < slow.fitRmse - 1e-6) {
      better++
      continue
    }
    for (const cm of FIT_SUCTIONS_CM) {
      close(waterContent(fast.curve, cm), waterContent(slow.curve, cm), 1e-4, `at ${cm} cm`)
    }
  }
  assert.ok(better <= 3, `${better} differ`)
})

test('a curve that is asked for comes back, also at the bounds', () => {
  for (const curve of [
    material('peat-medium').curve,
    { thetaS: 0.8, thetaR: 0, alpha: 0.3, n: 1.1 },
    { thetaS: 0.6, thetaR: 0.1, alpha: 50, n: 2 },
    { thetaS: 0.9, thetaR: 0.02, alpha: 0.02, n: 8 },
  ]) {
    const held = FIT_SUCTIONS_CM.map((cm) => waterContent(curve, cm))
    const { fitRmse } = fitCurve(curve.thetaS, held)
    assert.ok(fitRmse < 1e-4, `${JSON.stringify(curve)}: ${fitRmse}`)
  }
})

/** The packing equation solved by halving, as it is written down. */
function yieldByHalving(shares: ReturnType<typeof componentShares>): number {
  const classes = shares
    .map(({ material: { grainMm, interPorosity }, share }) => ({
      d: grainMm,
      phi: 1 - interPorosity,
      v: share * (1 - interPorosity),
    }))
    .sort((a, b) => b.d - a.d)
  const total = classes.reduce((sum, { v }) => sum + v, 0)
  const beta = classes.map(({ phi }) => phi * (1 + 1 / COMPACTION_INDEX))
  const limits = classes.map(({ d }, i) => {
    const loss = classes.reduce((sum, other, j) => {
      const [bi, bj] = [beta[i] as number, beta[j] as number]
      if (j === i) return sum
      const lost =
        j < i
          ? 1 - bi + wallEffect(d, other.d) * bi * (1 - 1 / bj)
          : 1 - (looseningEffect(other.d, d) * bi) / bj
      return sum + (lost * other.v) / total
    }, 0)
    return (beta[i] as number) / (1 - loss)
  })
  let [low, high] = [0, Math.min(...limits)]
  for (let step = 0; step < 200; step++) {
    const gamma = (low + high) / 2
    const index = limits.reduce(
      (sum, limit, i) =>
        sum + (classes[i]?.v ?? 0) / total / (beta[i] as number) / (1 / gamma - 1 / limit),
      0,
    )
    if (index < COMPACTION_INDEX) low = gamma
    else high = gamma
  }
  return Math.min(1, (2 * total) / (low + high))
}

test('the volume of 1,000 mixes is the root of the packing equation', () => {
  for (const shares of mixes(1000)) {
    close(volumeYield(shares), yieldByHalving(shares), 1e-12, 'yield')
  }
})
