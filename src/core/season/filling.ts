import type { ContainerShape } from '../containers'
import { requireNumber } from '../validate'
import { widthOf } from './drainHoles'

/** Gap to the rim that takes a watering: 1.5 cm under 15 cm pots, 2.5 cm to 30 cm, 4 cm above. */
export function usualHeadspaceCm(shape: ContainerShape): number {
  const width = widthOf(shape)
  if (width < 15) return 1.5
  return width <= 30 ? 2.5 : 4
}

/**
 * Loose mix to top up with after the first watering, L: as much as sank, and what of that sinks in its turn.
 * @param litres that were filled in
 * @param settledPercent of it that sank, below 100
 * @throws DomainError for litres below 0 or a share outside 0 to 100
 * @example settlingTopUp(10, 8) // 0.87
 */
export function settlingTopUp(litres: number, settledPercent: number): number {
  requireNumber('The litres filled in', litres, { min: 0 })
  requireNumber('What settled, in percent', settledPercent, { min: 0, below: 100 })
  return (litres * settledPercent) / (100 - settledPercent)
}
