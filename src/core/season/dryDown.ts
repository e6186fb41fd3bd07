import { type ContainerShape, containerVolume } from '../containers'
import { containerCapacity, type RetentionCurve } from '../media'
import { requireNumber } from '../validate'
import { referenceEvapotranspiration } from './referenceEvapotranspiration'
import { usableWater } from './usableWater'
import { waterLoss } from './waterLoss'

export interface DryDown {
  readonly et0MmPerDay: number
  /** What the container loses, L a day. */
  readonly lossLPerDay: number
  /** Water between container capacity and the refill point, L. */
  readonly usableLitres: number
  /** Days from capacity to the refill point; null where nothing is lost. */
  readonly days: number | null
  /** Weights to judge by lifting: container, dry mix and its water. */
  readonly heftCapacityKg: number
  readonly heftRefillKg: number
  /** With every pore full: what a shelf or floor has to bear. */
  readonly saturatedKg: number
}

/**
 * How long a watered container lasts, and what it weighs wet and thirsty: reference evapotranspiration (Hargreaves &
 * Samani 1985) times the crop's factor and its canopy, against the water between capacity and the refill point.
 * @param bulkDensity of the dry mix, kg/L
 * @param canopyCm2 of the plants (see canopyArea), never left out: the loss is theirs; at least the rim's area counts
 * @param exposureFactor 0.4 indoors, 0.7 in sheltered shade, 1 in the open, 1.3 windy or on hot paving
 * @param refillSuctionCm 50, or 100 for plants that like it dry between waterings
 * @param containerKg of the empty container
 * @throws DomainError for impossible input
 */
export function dryDown({
  curve,
  bulkDensity,
  shape,
  fillHeightCm,
  latitudeDeg,
  dayOfYear,
  tMinC,
  tMaxC,
  kc,
  canopyCm2,
  exposureFactor = 1,
  refillSuctionCm = 50,
  containerKg = 0,
}: {
  curve: RetentionCurve
  bulkDensity: number
  shape: ContainerShape
  fillHeightCm: number
  latitudeDeg: number
  dayOfYear: number
  tMinC: number
  tMaxC: number
  kc: number
  canopyCm2: number
  exposureFactor?: number
  refillSuctionCm?: number
  containerKg?: number
}): DryDown {
  requireNumber('The bulk density', bulkDensity, { above: 0 })
  requireNumber('The crop factor', kc, { min: 0, max: 3 })
  requireNumber('The canopy in cm²', canopyCm2, { min: 0 })
  requireNumber('The exposure', exposureFactor, { min: 0, max: 5 })
  requireNumber('The refill suction in cm', refillSuctionCm, { above: 0, max: 15_000 })
  requireNumber('The weight of the container', containerKg, { min: 0 })
  const { waterLitres } = containerCapacity({ curve, shape, fillHeightCm })
  const et0MmPerDay = referenceEvapotranspiration({ latitudeDeg, dayOfYear, tMinC, tMaxC })
  const lossLPerDay = waterLoss({ et0MmPerDay, kc, exposureFactor, canopyCm2, shape })
  const usableLitres = usableWater({ curve, shape, fillHeightCm, refillSuctionCm })
  const litres = containerVolume({ shape, fillHeightCm })
  const dryKg = containerKg + bulkDensity * litres
  return {
    et0MmPerDay,
    lossLPerDay,
    usableLitres,
    days: lossLPerDay > 0 ? usableLitres / lossLPerDay : null,
    heftCapacityKg: dryKg + waterLitres,
    heftRefillKg: dryKg + waterLitres - usableLitres,
    saturatedKg: dryKg + curve.thetaS * litres,
  }
}
