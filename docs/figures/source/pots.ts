import { areaAt, type ContainerShape, containerVolume } from '../../../src/core/containers'
import {
  blendMedia,
  type Component,
  containerCapacity,
  layeredCapacity,
  simulateDrainage,
} from '../../../src/core/media'
import { canopyArea, dryDown } from '../../../src/core/season'
import { crop, material } from '../../../testing/tables'

export const mix = (parts: Readonly<Record<string, number>>): Component[] =>
  Object.entries(parts).map(([id, count]) => ({ material: material(id), parts: count }))
export const round = (topDiameterCm: number, baseDiameterCm: number, heightCm: number) =>
  ({ kind: 'round', topDiameterCm, baseDiameterCm, heightCm }) as const
export const BAG = mix({ 'all-purpose-mix': 1 })
export const POT_20 = round(20, 15, 20)
export const BUCKET = round(27, 20, 24)
export const TRAY = {
  kind: 'rectangular',
  topLengthCm: 50,
  topWidthCm: 30,
  baseLengthCm: 48,
  baseWidthCm: 28,
  heightCm: 5,
} as const
export const FEATHERY = mix({ 'all-purpose-mix': 7, 'wood-fibre': 3 })
const JULY = { latitudeDeg: 50.4, dayOfYear: 196, tMinC: 12.5, tMaxC: 23.5 }

/** Air of a drained mix in a pot, % of its volume. */
export const air = (
  components: readonly Component[],
  shape: ContainerShape,
  fillHeightCm: number,
) =>
  100 *
  containerCapacity({ curve: blendMedia({ components }).curve, shape, fillHeightCm }).airFraction

/** Two litres on a drained bucket of it, and the hour after. */
export function twoLitresOn(components: readonly Component[]) {
  const { curve, ksCmPerS } = blendMedia({ components })
  return simulateDrainage({
    shape: BUCKET,
    layers: [{ thicknessCm: 21.5, curve, ksCmPerS }],
    headspaceCm: 2.5,
    pours: [{ atS: 0, millilitres: 2000, durationS: 30 }],
    initial: { kind: 'drained' },
    endS: 3600,
  })
}

/** A full-grown plant in bag mix, from drained to its next watering. */
export function inJuly(
  cropId: string,
  shape: ContainerShape,
  fillHeightCm: number,
  exposureFactor: number,
) {
  const grown = crop(cropId)
  const { curve, bulkDensity } = blendMedia({ components: BAG })
  const potLitres = containerVolume({ shape, fillHeightCm })
  const rimCm2 = areaAt({ shape, zCm: shape.heightCm })
  return dryDown({
    ...JULY,
    curve,
    bulkDensity,
    shape,
    fillHeightCm,
    kc: grown.kc,
    canopyCm2: canopyArea({ ...grown, potLitres, rimCm2 }).canopyCm2,
    exposureFactor,
    refillSuctionCm: grown.waterPreference === 'dry-between' ? 100 : 50,
  })
}

/** Water that the mix above a layer of gravel holds more than the same height of it with mix below, points. */
export function wetterOverGravel(): number {
  const own = blendMedia({ components: BAG })
  const gravel = blendMedia({ components: mix({ gravel: 1 }) })
  const heldOver = ({ curve, ksCmPerS }: typeof own) =>
    layeredCapacity({
      shape: BUCKET,
      layers: [
        { thicknessCm: 4, curve, ksCmPerS },
        { thicknessCm: 17.5, curve: own.curve, ksCmPerS: own.ksCmPerS },
      ],
    }).layerMeanTheta[1] ?? 0
  return 100 * (heldOver(gravel) - heldOver(own))
}
