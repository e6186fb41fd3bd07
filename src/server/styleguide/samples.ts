import type { ContainerShape } from '../../core/containers'
import { blendMedia, type Component, containerCapacity, type Material } from '../../core/media'
import type { InningsMark } from '../../messages/media/lotViews'
import type { PotView } from '../../messages/media/potViews'
import { strataOf } from '../lots'

export const POT: ContainerShape = {
  kind: 'round',
  topDiameterCm: 26,
  baseDiameterCm: 19,
  heightCm: 24,
}
export const TROUGH: ContainerShape = {
  kind: 'rectangular',
  topLengthCm: 80,
  topWidthCm: 34,
  baseLengthCm: 74,
  baseWidthCm: 28,
  heightCm: 20,
}

export const INNINGS: readonly InningsMark[] = [
  { number: 1, cropName: 'Beetroot', season: 2023, outcome: 'well', open: false },
  { number: 2, cropName: 'Chard', season: 2024, outcome: 'fair', open: false },
  { number: 3, cropName: 'Potato', season: 2025, outcome: 'poor', open: false },
  { number: 4, cropName: 'Strawberry', season: 2026, outcome: null, open: true },
]

/** Parts by volume of shipped materials, as a mix. */
export function mixer(materials: ReadonlyMap<string, Material>) {
  return (parts: Readonly<Record<string, number>>): Component[] =>
    Object.entries(parts).map(([id, amount]) => {
      const material = materials.get(id)
      if (!material) throw new Error(`The shipped materials have no ${id}.`)
      return { material, parts: amount }
    })
}

export function potOf(
  components: readonly Component[],
  shape: ContainerShape,
  surfaceCm: number,
  rootDepthCm: number | null,
): PotView {
  const { curve } = blendMedia({ components })
  const capacity = containerCapacity({ curve, shape, fillHeightCm: surfaceCm })
  return {
    shape,
    headspaceCm: shape.heightCm - surfaceCm,
    surfaceCm,
    curve,
    strata: strataOf(components),
    lowAirDepthCm: capacity.lowAirDepthCm,
    airFraction: capacity.airFraction,
    rootDepthCm,
  }
}
