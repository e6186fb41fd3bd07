import { areaAt, type ContainerShape } from '../containers'
import { type RetentionCurve, waterContent } from '../media'

const SLICES = 400

/**
 * Litres between container capacity and the refill point, height by height: a tall pot's top may be drier than that
 * already.
 * @param refillSuctionCm 50, or 100 for plants that like it dry between waterings
 */
export function usableWater({
  curve,
  shape,
  fillHeightCm,
  refillSuctionCm,
}: {
  curve: RetentionCurve
  shape: ContainerShape
  fillHeightCm: number
  refillSuctionCm: number
}): number {
  const atRefill = waterContent(curve, refillSuctionCm)
  const step = fillHeightCm / SLICES
  let ml = 0
  for (let i = 0; i < SLICES; i++) {
    const zCm = (i + 0.5) * step
    ml += Math.max(0, waterContent(curve, zCm) - atRefill) * areaAt({ shape, zCm }) * step
  }
  return ml / 1000
}
