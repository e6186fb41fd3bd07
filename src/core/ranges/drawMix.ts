import { convertEc } from '../chemistry'
import { type Component, componentShares, packedYield } from '../media'
import type { Heights } from './heights'
import { type MaterialDraws, materialDraws, normalsFrom } from './materialDraws'

/** The model itself: a perfect recipe would still be off by this, share of air. */
const MODEL_AIR = 0.02
const MODEL_SEED = 0x51ed270b
const AT_10_CM = 10
/** Drier than this a plant finds no water, unless it is told otherwise. */
const DRY_CM = 100
const SAME_AIR = 1e-9

/** The draws of a mix: one entry each. */
export interface Drawn {
  readonly count: number
  readonly air: Float64Array
  readonly water: Float64Array
  /** Water between draining and the suction at which it is watered again, share of the volume. */
  readonly usable: Float64Array
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
  readonly draws: MaterialDraws
}

/** A mix as it would be by each draw of its materials. */
export function drawMix(
  components: readonly Component[],
  pot: Heights,
  count: number,
  seed: number,
  refillSuctionCm = DRY_CM,
): Drawn {
  const shares = componentShares(components)
  // Two parts may be of one material, measured and not: each has its own.
  const present = components.filter((one) => one.parts > 0)
  const parts = shares.map(
    ({ material, share }, index): Part => ({
      share,
      interPorosity: material.interPorosity,
      draws: materialDraws(material, present[index]?.measured ?? {}, count, seed),
    }),
  )
  const alone = new Set(present.map(({ material }) => material.id))
  const isSole = alone.size === 1
  const model = normalsFrom(MODEL_SEED ^ seed)
  const [air, water, usable, porosity, ks, ph, ecSme, off, yields] = Array.from(
    { length: 9 },
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
    Float64Array,
  ]
  for (let i = 0; i < count; i++) {
    const packed = isSole
      ? 1
      : packedYield(
          parts.map(({ share, interPorosity, draws }) => ({
            sizeMm: draws.grainMm[i] as number,
            interPorosity,
            share,
          })),
        )
    yields[i] = packed
    const solids = parts.reduce(
      (sum, { share, draws }) => sum + share * (1 - (draws.porosity[i] as number)),
      0,
    )
    const pores = Math.max(0.05, 1 - solids / packed)
    porosity[i] = pores
    off[i] = MODEL_AIR * model()
    const dry = heldAt(parts, refillSuctionCm, i, pores, packed)
    const { held, above } = heldIn(parts, pot, i, pores, packed, dry)
    const airThere = Math.min(pores, Math.max(0, pores - held + (off[i] as number)))
    air[i] = airThere
    water[i] = pores - airThere
    usable[i] = above
    ks[i] = conductivityOf(parts, i, pores, packed)
    let acidity = 0
    let buffer = 0
    let salts = 0
    for (const { share, draws: of } of parts) {
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
    usable,
    porosity,
    ks,
    ph,
    ecSme,
    airAt: (heights, i) => {
      const pores = porosity[i] as number
      const { held } = heldIn(parts, heights, i, pores, yields[i] as number)
      return pores - held + (off[i] as number)
    },
  }
}

/** Mean water held in a container, and of it what lies above what is left where it is dry, shares of its volume. */
function heldIn(
  parts: readonly Part[],
  { cm, share: of }: Heights,
  i: number,
  pores: number,
  packed: number,
  dry = 0,
): { held: number; above: number } {
  let held = 0
  let above = 0
  for (let h = 0; h < cm.length; h++) {
    const share = of[h] as number
    const there = heldAt(parts, cm[h] as number, i, pores, packed)
    held += share * there
    above += share * Math.max(0, there - dry)
  }
  return { held, above }
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
  for (const { share, draws } of parts) held += share * waterOf(draws, i, suctionCm)
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
  const airOf = ({ draws }: Part) => (draws.porosity[i] as number) - waterOf(draws, i, AT_10_CM)
  let meanAir = 0
  let meanLog = 0
  let low = Number.POSITIVE_INFINITY
  let high = Number.NEGATIVE_INFINITY
  for (const part of parts) {
    const log = part.draws.lnKs[i] as number
    meanAir += part.share * airOf(part)
    meanLog += part.share * log
    low = Math.min(low, log)
    high = Math.max(high, log)
  }
  let together = 0
  let apart = 0
  for (const part of parts) {
    const difference = airOf(part) - meanAir
    together += part.share * difference * ((part.draws.lnKs[i] as number) - meanLog)
    apart += part.share * difference * difference
  }
  const slope = apart < SAME_AIR ? 0 : Math.max(0, together / apart)
  const airOfMix = pores - heldAt(parts, AT_10_CM, i, pores, packed)
  return Math.exp(Math.min(high, Math.max(low, meanLog + slope * (airOfMix - meanAir))))
}
