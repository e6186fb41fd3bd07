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
  let ml = 0
  for (let i = 0; i < SLICES; i++) {
    // Slices grow with height: grit and gravel empty within a finger's breadth above the base.
    const from = (i / SLICES) ** 2 * fillHeightCm
    const to = ((i + 1) / SLICES) ** 2 * fillHeightCm
    const zCm = 0.5 * (from + to)
    ml += Math.max(0, waterContent(curve, zCm) - atRefill) * areaAt({ shape, zCm }) * (to - from)
  }
  return ml / 1000
}
