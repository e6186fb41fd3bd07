import type { ContainerShape } from '../containers'
import { requireNumber } from '../validate'
import { simulateDrainage } from './drainage/simulateDrainage'
import {
  drainedSuctions,
  layeredCapacity,
  layerSuctionAt,
  type MediaLayer,
  requireLayers,
} from './layeredCapacity'
import { waterContent } from './retention'

/** What stands in a container: an inert filler where there is one, then layers from the base up. */
export interface PotFill {
  readonly shape: ContainerShape
  readonly headspaceCm: number
  readonly fillerCm?: number
  readonly layers: readonly MediaLayer[]
}

/**
 * How a pot stands before it is watered: watered through and left to drain for ten minutes, as a mix is tried, or drained
 * as far as it ever will.
 */
export type WaterStart = 'watered' | 'rested'

/** A drained pot that is watered, and how it stands when all has come to rest. */
export interface WaterRun {
  /** Moments close together at first, where most happens. */
  readonly frames: readonly {
    readonly atS: number
    /** Share of the pores filled, from the base of the media up, in slices of equal height. */
    readonly wetness: readonly number[]
    readonly outMl: number
    readonly pondCm: number
  }[]
  readonly firstDripS: number | null
  /** When `untilMl` had run out; null where it never had. */
  readonly untilS: number | null
  readonly keptMl: number
  readonly overflowMl: number
  readonly pondedS: number
  /** Air and water of each layer at rest, shares of the volume. */
  readonly layers: readonly { readonly air: number; readonly water: number }[]
  /**
   * Suction at the foot of the top layer at rest, cm: as though it stood so high above the base. Less than the height of
   * what lies under it where that stops drawing (a capillary break).
   */
  readonly topStartsAtCm: number
  /** In the top layer: height above the base up to which air is under 2 %, and under 10 %. */
  readonly airlessUpToCm: number
  readonly thinAirUpToCm: number
}

/** Ten minutes: most of what drains has drained, and the next pour is as it would be in the garden. */
export const REST_AFTER_WATERING_S = 600
const SLICES = 60
const LOOK_CM = 0.05

/**
 * Pours water onto a drained pot and tells what runs out, what stays and where it stays; see simulateDrainage.
 * @param millilitres poured within `pourS`
 * @param start how it stands before; watered through ten minutes ago where left out
 * @param untilMl water run out that is waited for; half of what was poured where left out
 * @param onProgress told how much of the time has been worked out, 0 to 1
 * @throws DomainError for impossible fills or pours, `not-converged` where it cannot be worked out
 */
export function waterRun({
  fill: { shape, headspaceCm, fillerCm = 0, layers },
  millilitres,
  untilMl = millilitres / 2,
  start = 'watered',
  pourS = 30,
  endS = 3600,
  moments = 60,
  onProgress,
}: {
  fill: PotFill
  millilitres: number
  untilMl?: number
  start?: WaterStart
  pourS?: number
  endS?: number
  moments?: number
  onProgress?: (share: number) => void
}): WaterRun {
  requireNumber('The water poured in mL', millilitres, { min: 0, max: 200_000 })
  requireNumber('The water waited for in mL', untilMl, { min: 0 })
  requireLayers(shape, layers, fillerCm)
  const times = Array.from({ length: moments }, (_, i) => endS * (i / (moments - 1)) ** 3)
  const run = simulateDrainage({
    shape,
    layers,
    headspaceCm,
    pours: [{ atS: 0, millilitres, durationS: pourS }],
    initial:
      start === 'watered' ? { kind: 'watered', restS: REST_AFTER_WATERING_S } : { kind: 'drained' },
    endS,
    profileTimesS: times,
    ...(fillerCm > 0 ? { baseOffsetCm: fillerCm } : {}),
    ...(onProgress ? { onProgress } : {}),
  })
  // At rest the base of the media has no suction, whatever stands below it.
  const rest = layeredCapacity({
    shape,
    layers,
    ...(fillerCm > 0 ? { baseOffsetCm: fillerCm } : {}),
  })
  return {
    frames: run.profiles.map(({ tS, z, theta, pondCm, drainedMl }) => ({
      atS: tS,
      wetness: slicesOf(z, theta, layers, fillerCm),
      outMl: drainedMl,
      pondCm,
    })),
    firstDripS: run.firstDripS,
    untilS: untilMl > 0 && untilMl <= millilitres ? run.timeToMl(untilMl) : null,
    keptMl: run.retainedMl,
    overflowMl: run.overflowMl,
    pondedS: run.pondedS,
    layers: rest.layerMeanTheta.map((water, i) => ({
      water,
      air: Math.max(0, (layers[i] as MediaLayer).curve.thetaS - water),
    })),
    topStartsAtCm: drainedSuctions(layers, fillerCm).at(-1)?.startCm ?? 0,
    airlessUpToCm: airUpTo(layers, fillerCm, 0.02),
    thinAirUpToCm: airUpTo(layers, fillerCm, 0.1),
  }
}

/** Cells differ in height from layer to layer; the picture wants slices of one height. */
function slicesOf(
  z: readonly number[],
  theta: readonly number[],
  layers: readonly MediaLayer[],
  fillerCm: number,
): number[] {
  const height = layers.reduce((sum, { thicknessCm }) => sum + thicknessCm, 0)
  let cell = 0
  return Array.from({ length: SLICES }, (_, i) => {
    const at = fillerCm + ((i + 0.5) / SLICES) * height
    while (
      cell < z.length - 1 &&
      Math.abs((z[cell + 1] as number) - at) <= Math.abs((z[cell] as number) - at)
    ) {
      cell++
    }
    const { curve } = layerAt(layers, at - fillerCm)
    return Number(Math.min(1, (theta[cell] as number) / curve.thetaS).toFixed(3))
  })
}

function layerAt(layers: readonly MediaLayer[], aboveBaseCm: number): MediaLayer {
  let top = 0
  for (const layer of layers) {
    top += layer.thicknessCm
    if (aboveBaseCm <= top) return layer
  }
  return layers.at(-1) as MediaLayer
}

/** Height up to which the top layer holds less air than that; its own base where it holds more from there on. */
function airUpTo(layers: readonly MediaLayer[], fillerCm: number, share: number): number {
  const top = drainedSuctions(layers, fillerCm).at(-1)
  const { curve } = layers.at(-1) as MediaLayer
  if (!top) return fillerCm
  for (let z = top.fromCm; z < top.toCm; z += LOOK_CM) {
    if (curve.thetaS - waterContent(curve, layerSuctionAt(top, z)) > share) return z
  }
  return top.toCm
}
