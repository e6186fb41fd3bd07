import { convertEc } from '../chemistry'
import type { ContainerShape } from '../containers'
import { type Component, componentShares, packedYield } from '../media'
import { requireNumber, requireObject, requireOneOf, requireWhole } from '../validate'
import { type Heights, heightsOf } from './heights'
import { type MaterialDraws, materialDraws, normalsFrom } from './materialDraws'
import { type Range, rangeOf } from './quantiles'

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

export interface MediaRange {
  readonly airFraction: Range
  readonly waterFraction: Range
  readonly totalPorosity: Range
  readonly ksCmPerS: Range
  readonly ph: Range
  readonly ecSme: Range
  /** As many equally likely draws would tell as much, of what is known least well. */
  readonly effectiveDraws: number
  /** Of each draw, summing to 1: a mix of the same materials and seed may be weighed by them. */
  readonly weights: readonly number[]
}

/** The model itself: a perfect recipe would still be off by this, share of air. */
const MODEL_AIR = 0.02
const MODEL_SEED = 0x51ed270b
/** What a test is good to. */
const TEST = {
  air: 0.015,
  airPerCm: 0.0003,
  porosity: 0.02,
  lnKs: 0.35,
  ph: 0.15,
  lnEc: 0.15,
} as const
/** With fewer that count, the draws are made anew, twice as many, up to so many times as were asked for. */
const ENOUGH = 80
const MOST_TIMES = 8
const AT_10_CM = 10
const SAME_AIR = 1e-9

/**
 * How sure a mix's numbers are: parameter sets of its materials are drawn from what such materials vary by, each is
 * blended and drained, and tests on the real mix weigh the draws (importance sampling; drawn anew where too few count).
 * Water is taken as held at each height; no curve is fitted.
 * @param container that the air is told for
 * @param draws 50 to 5000
 * @param seed the same one draws the same
 * @throws DomainError for impossible parts, containers or tests
 */
export function mediaRange({
  components,
  container,
  tests = [],
  draws = 400,
  seed = 1,
}: {
  readonly components: readonly Component[]
  readonly container: { readonly shape: ContainerShape; readonly fillHeightCm: number }
  readonly tests?: readonly RangeTest[]
  readonly draws?: number
  readonly seed?: number
}): MediaRange {
  requireObject('The container', container)
  requireWhole('The draws', draws, { min: 50, max: 5000 })
  requireWhole('The seed', seed, { min: 0, max: 2 ** 31 })
  const pot = heightsOf(container.shape, container.fillHeightCm)
  for (const test of tests) {
    requireObject('The test', test)
    requireOneOf('The kind of test', test.kind, ['porosity', 'drain', 'ph', 'ec'] as const)
  }
  // What decides water, acidity and salts is drawn apart, so each is weighed by its own tests.
  const of = (...kinds: readonly RangeTest['kind'][]) =>
    tests
      .filter(({ kind }) => kinds.includes(kind))
      .map((test) => weigherOf(test, container.fillHeightCm))
  const weighers = { water: of('porosity', 'drain'), ph: of('ph'), ec: of('ec') }
  for (let times = 1; ; times *= 2) {
    const drawn = drawAll(components, pot, draws * times, seed)
    const byWater = weigh(drawn, weighers.water)
    const byPh = weigh(drawn, weighers.ph)
    const byEc = weigh(drawn, weighers.ec)
    const effectiveDraws = Math.min(...[byWater, byPh, byEc].map(effectiveOf))
    if (effectiveDraws < ENOUGH && times < MOST_TIMES) continue
    const { air, water, porosity, ks, ph, ecSme } = drawn
    return {
      airFraction: rangeOf(air, byWater),
      waterFraction: rangeOf(water, byWater),
      totalPorosity: rangeOf(porosity, byWater),
      ksCmPerS: rangeOf(ks, byWater),
      ph: rangeOf(ph, byPh),
      ecSme: rangeOf(ecSme, byEc),
      effectiveDraws,
      weights: Array.from(
        normalized(byWater.map((weight, i) => weight * (byPh[i] ?? 0) * (byEc[i] ?? 0))),
      ),
    }
  }
}

/** The draws of a mix: one entry each. */
interface Drawn {
  readonly count: number
  readonly air: Float64Array
  readonly water: Float64Array
  readonly porosity: Float64Array
  readonly ks: Float64Array
  readonly ph: Float64Array
  readonly ecSme: Float64Array
  /** Air in another container, share of the volume. */
  readonly airAt: (heights: Heights, draw: number) => number
}

interface Part {
  readonly share: number
  readonly interPorosity: number
  readonly of: MaterialDraws
}

function drawAll(
  components: readonly Component[],
  pot: Heights,
  count: number,
  seed: number,
): Drawn {
  const measuredOf = new Map(components.map(({ material, measured }) => [material.id, measured]))
  const parts = componentShares(components).map(
    ({ material, share }): Part => ({
      share,
      interPorosity: material.interPorosity,
      of: materialDraws(material, measuredOf.get(material.id) ?? {}, count, seed),
    }),
  )
  const alone = new Set(
    components.filter((one) => one.parts > 0).map(({ material }) => material.id),
  )
  const isSole = alone.size === 1
  const model = normalsFrom(MODEL_SEED ^ seed)
  const [air, water, porosity, ks, ph, ecSme, off, yields] = Array.from(
    { length: 8 },
    () => new Float64Array(count),
  ) as [
    Float64Array,
    Float64Array,
    Float64Array,
    Float64Array,
    Float64Array,
    Float64Array,
    Float64Array,
    Float64Array,
  ]
  for (let i = 0; i < count; i++) {
    const packed = isSole
      ? 1
      : packedYield(
          parts.map(({ share, interPorosity, of }) => ({
            sizeMm: of.grainMm[i] as number,
            interPorosity,
            share,
          })),
        )
    yields[i] = packed
    const solids = parts.reduce(
      (sum, { share, of }) => sum + share * (1 - (of.porosity[i] as number)),
      0,
    )
    const pores = Math.max(0.05, 1 - solids / packed)
    porosity[i] = pores
    off[i] = MODEL_AIR * model()
    const held = heldIn(parts, pot, i, pores, packed)
    const airThere = Math.min(pores, Math.max(0, pores - held + (off[i] as number)))
    air[i] = airThere
    water[i] = pores - airThere
    ks[i] = conductivityOf(parts, i, pores, packed)
    let acidity = 0
    let buffer = 0
    let salts = 0
    for (const { share, of } of parts) {
      const weight = share * (of.buffer[i] as number)
      acidity += weight * (of.ph[i] as number)
      buffer += weight
      salts += share * (of.ec1to2[i] as number)
    }
    ph[i] = acidity / buffer
    ecSme[i] = convertEc({ value: salts / packed, from: '1:2', to: 'SME' })
  }
  return {
    count,
    air,
    water,
    porosity,
    ks,
    ph,
    ecSme,
    airAt: (heights, i) => {
      const pores = porosity[i] as number
      return pores - heldIn(parts, heights, i, pores, yields[i] as number) + (off[i] as number)
    },
  }
}

/** Mean water held in a container, share of its volume. */
function heldIn(
  parts: readonly Part[],
  { cm, share: of }: Heights,
  i: number,
  pores: number,
  packed: number,
): number {
  let mean = 0
  for (let h = 0; h < cm.length; h++) {
    mean += (of[h] as number) * heldAt(parts, cm[h] as number, i, pores, packed)
  }
  return mean
}

/** Water of the parts at a suction: conserved in what is left of the volume, at most all pores. */
function heldAt(
  parts: readonly Part[],
  suctionCm: number,
  i: number,
  pores: number,
  packed: number,
): number {
  let held = 0
  for (const { share, of } of parts) held += share * waterOf(of, i, suctionCm)
  return Math.min(pores, held / packed)
}

function waterOf({ porosity, thetaR, alpha, n }: MaterialDraws, i: number, suctionCm: number) {
  const shape = n[i] as number
  const x = Math.exp(shape * Math.log((alpha[i] as number) * suctionCm))
  const residual = thetaR[i] as number
  return (
    residual + ((porosity[i] as number) - residual) * Math.exp((1 / shape - 1) * Math.log(1 + x))
  )
}

/** By the large pores that are left; see blendMedia. */
function conductivityOf(parts: readonly Part[], i: number, pores: number, packed: number): number {
  const airOf = ({ of }: Part) => (of.porosity[i] as number) - waterOf(of, i, AT_10_CM)
  let meanAir = 0
  let meanLog = 0
  let low = Number.POSITIVE_INFINITY
  let high = Number.NEGATIVE_INFINITY
  for (const part of parts) {
    const log = part.of.lnKs[i] as number
    meanAir += part.share * airOf(part)
    meanLog += part.share * log
    low = Math.min(low, log)
    high = Math.max(high, log)
  }
  let together = 0
  let apart = 0
  for (const part of parts) {
    const difference = airOf(part) - meanAir
    together += part.share * difference * ((part.of.lnKs[i] as number) - meanLog)
    apart += part.share * difference * difference
  }
  const slope = apart < SAME_AIR ? 0 : Math.max(0, together / apart)
  const airOfMix = pores - heldAt(parts, AT_10_CM, i, pores, packed)
  return Math.exp(Math.min(high, Math.max(low, meanLog + slope * (airOfMix - meanAir))))
}

/** Logarithm of how likely a test's result is for a draw. */
type Weigher = (drawn: Drawn, i: number) => number

function weigherOf(test: RangeTest, potHeightCm: number): Weigher {
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
      const told = Math.log(
        requireNumber('The conductivity measured in cm/s', test.ksCmPerS, { above: 0 }),
      )
      return ({ ks }, i) => apart(Math.log(ks[i] as number), told, TEST.lnKs)
    }
    case 'ph': {
      const told = requireNumber('The pH measured', test.ph, { min: 2, max: 12 })
      return ({ ph }, i) => apart(ph[i] as number, told, TEST.ph)
    }
    case 'ec': {
      const told = Math.log(
        requireNumber('The salts measured in dS/m', test.ecSme, { above: 0, max: 50 }),
      )
      return ({ ecSme }, i) => apart(Math.log(Math.max(1e-6, ecSme[i] as number)), told, TEST.lnEc)
    }
  }
}

function effectiveOf(weights: Float64Array): number {
  return 1 / weights.reduce((sum, weight) => sum + weight * weight, 0)
}

function normalized(weights: Float64Array): Float64Array {
  const sum = weights.reduce((total, weight) => total + weight, 0)
  return weights.map((weight) => weight / sum)
}

/** Weights that sum to 1; a test far from every draw leaves the nearest ones. */
function weigh(drawn: Drawn, weighers: readonly Weigher[]): Float64Array {
  const weights = new Float64Array(drawn.count)
  let highest = Number.NEGATIVE_INFINITY
  for (let i = 0; i < drawn.count; i++) {
    const log = weighers.reduce((sum, weigher) => sum + weigher(drawn, i), 0)
    weights[i] = log
    highest = Math.max(highest, log)
  }
  return normalized(weights.map((log) => Math.exp(log - highest)))
}
