import assert from 'node:assert/strict'
import { test } from 'node:test'
import fc from 'fast-check'
import { shippedMaterials } from '../../../../testing/tables'
import type { ContainerShape } from '../../containers'
import { DomainError } from '../../errors'
import { blendMedia } from '../blendMedia'
import type { DrainageInput } from './drainageInput'
import { simulateDrainage } from './simulateDrainage'

/** A seed is a fill: `npm run test:long` lists the seeds that did not converge, so that each can be run again. */
const FILLS = 1000
const CONVERGED_AT_LEAST = 0.995

const cm = (min: number, max: number) => fc.double({ min, max, noNaN: true })
const round = fc
  .record({ base: cm(6, 45), flare: cm(1, 1.5), heightCm: cm(5, 60) })
  .map(({ base, flare, heightCm }): ContainerShape => {
    return { kind: 'round', baseDiameterCm: base, topDiameterCm: base * flare, heightCm }
  })
const trough = fc
  .record({ length: cm(15, 100), width: cm(10, 40), flare: cm(1, 1.3), heightCm: cm(5, 50) })
  .map(({ length, width, flare, heightCm }): ContainerShape => {
    return {
      kind: 'rectangular',
      baseLengthCm: length,
      baseWidthCm: width,
      topLengthCm: length * flare,
      topWidthCm: width * flare,
      heightCm,
    }
  })
const bowl = fc
  .record({ rim: cm(15, 50), share: cm(0.2, 0.5) })
  .map(({ rim, share }): ContainerShape => {
    return { kind: 'bowl', rimDiameterCm: rim, heightCm: rim * share }
  })
const mix = fc
  .array(fc.tuple(fc.constantFrom(...shippedMaterials), cm(0.5, 10)), {
    minLength: 1,
    maxLength: 4,
  })
  .map((parts) => {
    const components = parts.map(([material, amount]) => ({ material, parts: amount }))
    const { curve, ksCmPerS } = blendMedia({ components })
    return { curve, ksCmPerS }
  })
const initial = fc.oneof(
  fc.constant({ kind: 'drained' } as const),
  cm(0, 300).map((suction) => ({ kind: 'suction', cm: suction }) as const),
  cm(0.02, 0.95).map((fraction) => ({ kind: 'moisture', fraction }) as const),
)
const fill = fc
  .record({
    shape: fc.oneof(round, round, trough, bowl),
    mixes: fc.array(mix, { minLength: 1, maxLength: 3 }),
    full: cm(0.6, 0.95),
    pours: fc.array(fc.record({ millilitres: cm(50, 4000), durationS: cm(1, 120) }), {
      maxLength: 2,
    }),
    initial,
    endS: fc.constantFrom(900, 3600, 86_400),
    holeAreaCm2: fc.option(cm(0.01, 10), { nil: undefined }),
    waterTableCm: fc.option(cm(0, 5), { nil: undefined, freq: 4 }),
  })
  .map(({ shape, mixes, full, pours, holeAreaCm2, waterTableCm, ...rest }): DrainageInput => {
    const heightCm = full * shape.heightCm
    return {
      ...rest,
      shape,
      layers: mixes.map((one) => ({ ...one, thicknessCm: heightCm / mixes.length })),
      headspaceCm: shape.heightCm - heightCm,
      pours: pours.map((pour, i) => ({ ...pour, atS: i * 300 })),
      ...(holeAreaCm2 === undefined ? {} : { holeAreaCm2 }),
      ...(waterTableCm === undefined ? {} : { waterTableCm }),
    }
  })

test('a thousand random fills: nearly all converge, none is unsound, none hangs', (t) => {
  const failed: string[] = []
  let slowestMs = 0
  let slowest = 0
  for (let seed = 1; seed <= FILLS; seed++) {
    const [input] = fc.sample(fill, { seed, numRuns: 1 })
    assert.ok(input)
    const start = performance.now()
    try {
      const run = simulateDrainage(input)
      const numbers = [run.drainedMl, run.overflowMl, run.retainedMl, ...run.layerMeanTheta]
      assert.ok(numbers.every(Number.isFinite), `seed ${seed}`)
      const poured = input.pours.length > 0 || input.waterTableCm === undefined
      if (poured) assert.ok(run.massBalanceError < 1e-3, `seed ${seed}: ${run.massBalanceError}`)
    } catch (error) {
      if (!(error instanceof DomainError) || error.code !== 'not-converged') throw error
      failed.push(`${seed}: ${error.message}`)
    }
    const ms = performance.now() - start
    if (ms > slowestMs) [slowestMs, slowest] = [ms, seed]
  }
  t.diagnostic(`${FILLS - failed.length} of ${FILLS} fills converged.`)
  for (const line of failed) t.diagnostic(`did not converge: ${line}`)
  t.diagnostic(`slowest: seed ${slowest}, ${(slowestMs / 1000).toFixed(1)} s`)
  assert.ok(FILLS - failed.length >= CONVERGED_AT_LEAST * FILLS)
})
