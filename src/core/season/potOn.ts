import { type ContainerShape, containerVolume, requireShape } from '../containers'
import { DomainError } from '../errors'
import { requireNumber } from '../validate'
import { widthOf } from './drainHoles'

export interface PottingOn {
  /** From the rim down to the top of the root ball, cm. */
  readonly gapCm: number
  /** Of coarse mix under it, cm. */
  readonly underlayCm: number
  /** Of new mix under it and at its sides, settled, L. */
  readonly newLitres: number
  /** How much wider the new pot is at its top, cm. */
  readonly widerCm: number
  /** More than two sizes up: what no root reaches stays wet. */
  readonly isMuchWider: boolean
}

const LEAST_GAP_CM = 3
const MOST_GAP_CM = 5
/** Two sizes up are about 4 to 6 cm. */
const TWO_SIZES_CM = 6

/**
 * A root ball into a larger pot: its top ends 3 to 5 cm below the rim, new mix goes under it and around it.
 * @param ball the pot it stood in, with the height and the litres of its mix
 * @param headspaceCm gap to the rim that the new pot is filled to
 * @throws DomainError `out-of-range` where the ball is higher than the new pot, or no mix goes in beside it
 */
export function potOn(
  ball: {
    readonly shape: ContainerShape
    readonly heightCm: number
    readonly litres: number
  },
  shape: ContainerShape,
  headspaceCm: number,
): PottingOn {
  requireShape(shape)
  requireNumber('The height of the root ball in cm', ball.heightCm, { above: 0 })
  requireNumber('The litres of the root ball', ball.litres, { above: 0 })
  const gapCm = Math.min(MOST_GAP_CM, Math.max(LEAST_GAP_CM, headspaceCm))
  const underlayCm = shape.heightCm - gapCm - ball.heightCm
  if (underlayCm < 0) {
    throw new DomainError('out-of-range', 'The root ball is higher than that pot.', {
      field: 'shape',
    })
  }
  const newLitres = containerVolume({ shape, fillHeightCm: shape.heightCm - gapCm }) - ball.litres
  if (!(newLitres > 0)) {
    throw new DomainError('out-of-range', 'That pot holds no more than the root ball.', {
      field: 'shape',
    })
  }
  const widerCm = widthOf(shape) - widthOf(ball.shape)
  return { gapCm, underlayCm, newLitres, widerCm, isMuchWider: widerCm > TWO_SIZES_CM }
}

/** Scratched in between plants that stay, cm. */
export const DRESSING_CM = { least: 1, usual: 3, most: 5 } as const

/**
 * Litres of a layer on the surface of a pot.
 * @param surfaceCm2 where the mix stands
 * @throws DomainError for a depth outside 1 to 5 cm
 * @example topDressing(314, 3) // 0.942
 */
export function topDressing(surfaceCm2: number, depthCm: number): number {
  requireNumber('The surface in cm²', surfaceCm2, { above: 0 })
  requireNumber('The depth in cm', depthCm, { min: DRESSING_CM.least, max: DRESSING_CM.most })
  return (surfaceCm2 * depthCm) / 1000
}
