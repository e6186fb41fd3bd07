import { areaAtUnchecked, type ContainerShape, requireShape } from '../containers'
import { DomainError } from '../errors'
import { requireNumber } from '../validate'
import { suctionAtConductivity } from './conductivity'
import { type RetentionCurve, requireCurve, waterContent } from './retention'

/** A layer of a fill; layers are told from the base up. */
export interface MediaLayer {
  readonly thicknessCm: number
  readonly curve: RetentionCurve
  /** Saturated hydraulic conductivity, cm/s. */
  readonly ksCmPerS: number
  /** Of one coarse material: suction past which it takes no water from what lies above, cm; blends have none. */
  readonly entryCm?: number | null
}

export interface LayeredCapacity {
  /** Mean water content of each layer, m³ m⁻³, base up. */
  readonly layerMeanTheta: readonly number[]
  /** Whether a layer stops the pull of those below it: water hangs above it. */
  readonly isBreak: readonly boolean[]
  readonly waterLitres: number
  readonly airLitres: number
}

/** Slower than this nothing moves that a grower would notice: about a tenth of a millimetre in an hour. */
const STILL_CM_PER_S = 3e-6
const POINTS = 96

/** The drained suction along a layer: rises with height until the layer conducts no more. */
export interface LayerSuction {
  readonly fromCm: number
  readonly toCm: number
  readonly startCm: number
  readonly stillCm: number
  readonly isBreak: boolean
}

/**
 * Suction in each layer of a fill after free drainage: zero at the base; a layer passes up the smaller of the suction
 * at its own top and the suction at which it conducts 3e-6 cm/s (a capillary break where that is the smaller).
 */
export function drainedSuctions(
  layers: readonly MediaLayer[],
  baseOffsetCm = 0,
): readonly LayerSuction[] {
  let fromCm = baseOffsetCm
  let startCm = 0
  return layers.map(({ thicknessCm, curve, ksCmPerS, entryCm = null }) => {
    const toCm = fromCm + thicknessCm
    const stillCm = Math.max(
      startCm,
      suctionAtConductivity(curve, ksCmPerS, STILL_CM_PER_S, entryCm),
    )
    const topCm = startCm + thicknessCm
    const layer = { fromCm, toCm, startCm, stillCm, isBreak: stillCm < topCm }
    fromCm = toCm
    startCm = Math.min(topCm, stillCm)
    return layer
  })
}

/** Suction at a height inside a layer, cm. */
export function layerSuctionAt({ fromCm, startCm, stillCm }: LayerSuction, zCm: number): number {
  return Math.min(stillCm, startCm + (zCm - fromCm))
}

/**
 * The drained state of a layered fill at once, without simulating it. Agrees with a day of drainage where every layer
 * conducts at least 2e-4 cm/s; slower soils have not drained in a day.
 * @param layers from the base up
 * @throws DomainError for impossible layers, or more than the container holds
 */
export function layeredCapacity({
  shape,
  layers,
  baseOffsetCm = 0,
}: {
  readonly shape: ContainerShape
  readonly layers: readonly MediaLayer[]
  readonly baseOffsetCm?: number
}): LayeredCapacity {
  requireLayers(shape, layers, baseOffsetCm)
  let waterMl = 0
  let poresMl = 0
  const suctions = drainedSuctions(layers, baseOffsetCm)
  const layerMeanTheta = suctions.map((layer, index) => {
    const { curve } = layers[index] as MediaLayer
    const heightCm = layer.toCm - layer.fromCm
    let water = 0
    let volume = 0
    for (let i = 0; i < POINTS; i++) {
      // Slices grow with height: a coarse material empties within a finger's breadth above its base.
      const from = (i / POINTS) ** 2
      const to = ((i + 1) / POINTS) ** 2
      const z = layer.fromCm + 0.5 * (from + to) * heightCm
      const slice = areaAtUnchecked(shape, z) * (to - from) * heightCm
      volume += slice
      water += waterContent(curve, layerSuctionAt(layer, z)) * slice
    }
    waterMl += water
    poresMl += curve.thetaS * volume
    return water / volume
  })
  return {
    layerMeanTheta,
    isBreak: suctions.map(({ isBreak }) => isBreak),
    waterLitres: waterMl / 1000,
    airLitres: (poresMl - waterMl) / 1000,
  }
}

/** @throws DomainError when a layer is impossible or the fill is higher than the container */
export function requireLayers(
  shape: ContainerShape,
  layers: readonly MediaLayer[],
  baseOffsetCm: number,
): void {
  requireShape(shape)
  requireNumber('The filler’s height in cm', baseOffsetCm, { min: 0, below: shape.heightCm })
  if (!Array.isArray(layers) || layers.length === 0) {
    throw new DomainError('too-few', 'A fill needs at least one layer.', { field: 'layers' })
  }
  let heightCm = baseOffsetCm
  for (const { thicknessCm, curve, ksCmPerS, entryCm = null } of layers) {
    requireNumber('A layer’s thickness in cm', thicknessCm, { above: 0 })
    requireCurve(curve)
    requireNumber('The conductivity in cm/s', ksCmPerS, { above: 0 })
    if (entryCm !== null) requireNumber('The entry suction in cm', entryCm, { above: 0 })
    heightCm += thicknessCm
  }
  if (heightCm > shape.heightCm * (1 + 1e-9)) {
    throw new DomainError('out-of-range', 'The layers are higher than the container.', {
      field: 'layers',
      heightCm,
    })
  }
}
