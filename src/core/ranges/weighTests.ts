import type { ContainerShape } from '../containers'
import { requireNumber } from '../validate'
import type { Drawn } from './drawMix'
import { heightsOf } from './heights'
import type { Range } from './quantiles'

/** A test on the real mix, as far as it narrows what its composition lets expect. */
export type RangeTest =
  | {
      readonly kind: 'porosity'
      readonly airFraction: number
      readonly totalPorosity?: number | undefined
      readonly columnShape: ContainerShape
      readonly fillHeightCm: number
    }
  | { readonly kind: 'drain'; readonly ksCmPerS: number }
  | { readonly kind: 'ph'; readonly ph: number }
  | { readonly kind: 'ec'; readonly ecSme: number }

/** What a test is good to. */
const TEST = {
  air: 0.015,
  airPerCm: 0.0003,
  porosity: 0.02,
  lnKs: 0.35,
  ph: 0.15,
  lnEc: 0.15,
} as const

const TENTH = 1.2816

/** What is likely where a reading of the mix itself is all there is: four readings in five would lie there. */
export function readingRange(kind: 'ph' | 'ec', value: number): Range {
  const ends =
    kind === 'ph'
      ? [value - TENTH * TEST.ph, value + TENTH * TEST.ph]
      : [value * Math.exp(-TENTH * TEST.lnEc), value * Math.exp(TENTH * TEST.lnEc)]
  return { p10: ends[0] as number, p50: value, p90: ends[1] as number }
}

/** Logarithm of how likely a test's result is for a draw. */
export type Weigher = (drawn: Drawn, i: number) => number

/** @throws DomainError for results that cannot be */
export function weigherOf(test: RangeTest, potHeightCm: number): Weigher {
  const apart = (value: number, told: number, by: number) => -0.5 * ((value - told) / by) ** 2
  switch (test.kind) {
    case 'porosity': {
      const { airFraction, totalPorosity, columnShape, fillHeightCm } = test
      requireNumber('The air measured', airFraction, { min: 0, max: 1 })
      if (totalPorosity !== undefined) {
        requireNumber('The pores measured', totalPorosity, { above: 0, max: 1 })
      }
      const column = heightsOf(columnShape, fillHeightCm)
      const byAir = TEST.air + TEST.airPerCm * Math.abs(fillHeightCm - potHeightCm)
      return ({ airAt, porosity }, i) =>
        apart(airAt(column, i), airFraction, byAir) +
        (totalPorosity === undefined
          ? 0
          : apart(porosity[i] as number, totalPorosity, TEST.porosity))
    }
    case 'drain': {
      const lnKs = Math.log(
        requireNumber('The conductivity measured in cm/s', test.ksCmPerS, { above: 0 }),
      )
      return ({ ks }, i) => apart(Math.log(ks[i] as number), lnKs, TEST.lnKs)
    }
    case 'ph': {
      const measuredPh = requireNumber('The pH measured', test.ph, { min: 2, max: 12 })
      return ({ ph }, i) => apart(ph[i] as number, measuredPh, TEST.ph)
    }
    case 'ec': {
      const lnEc = Math.log(
        requireNumber('The salts measured in dS/m', test.ecSme, { above: 0, max: 50 }),
      )
      return ({ ecSme }, i) => apart(Math.log(Math.max(1e-6, ecSme[i] as number)), lnEc, TEST.lnEc)
    }
  }
}

/** As many equally likely draws would tell as much. */
export function effectiveOf(weights: Float64Array): number {
  return 1 / weights.reduce((sum, weight) => sum + weight * weight, 0)
}

export function normalized(weights: Float64Array): Float64Array {
  const sum = weights.reduce((total, weight) => total + weight, 0)
  return weights.map((weight) => weight / sum)
}

/** Weights that sum to 1; a test far from every draw leaves the nearest ones. */
export function weigh(drawn: Drawn, weighers: readonly Weigher[]): Float64Array {
  const weights = new Float64Array(drawn.count)
  let highest = Number.NEGATIVE_INFINITY
  for (let i = 0; i < drawn.count; i++) {
    const log = weighers.reduce((sum, weigher) => sum + weigher(drawn, i), 0)
    weights[i] = log
    highest = Math.max(highest, log)
  }
  return normalized(weights.map((log) => Math.exp(log - highest)))
}
