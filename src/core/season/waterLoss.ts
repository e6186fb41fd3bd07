import { areaAt, type ContainerShape } from '../containers'

/**
 * What a container loses in a day, L: reference evapotranspiration over the canopy of its plants, at least over its rim.
 * @param et0MmPerDay see referenceEvapotranspiration
 * @param exposureFactor 0.4 indoors, 0.7 in sheltered shade, 1 in the open, 1.3 windy or on hot paving
 * @example waterLoss({ et0MmPerDay: 4, kc: 1, exposureFactor: 1.2, canopyCm2: 1500, shape: { kind: 'round', topDiameterCm: 20, baseDiameterCm: 15, heightCm: 20 } }) // 0.72
 */
export function waterLoss({
  et0MmPerDay,
  kc,
  exposureFactor,
  canopyCm2,
  shape,
}: {
  et0MmPerDay: number
  kc: number
  exposureFactor: number
  canopyCm2: number
  shape: ContainerShape
}): number {
  const rimCm2 = areaAt({ shape, zCm: shape.heightCm })
  return (et0MmPerDay * kc * exposureFactor * Math.max(rimCm2, canopyCm2)) / 10_000
}
