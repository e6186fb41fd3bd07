import { DomainError } from '../errors'
import { requireNumber, requireObject } from '../validate'

/** Cylinders and grow bags have equal diameters. */
export interface RoundShape {
  readonly kind: 'round'
  readonly topDiameterCm: number
  readonly baseDiameterCm: number
  readonly heightCm: number
}

/** Troughs and boxes: both sides change linearly with height. */
export interface RectangularShape {
  readonly kind: 'rectangular'
  readonly topLengthCm: number
  readonly topWidthCm: number
  readonly baseLengthCm: number
  readonly baseWidthCm: number
  readonly heightCm: number
}

/** Hanging baskets: a spherical cap, its deepest point down. */
export interface BowlShape {
  readonly kind: 'bowl'
  readonly rimDiameterCm: number
  readonly heightCm: number
}

export type ContainerShape = RoundShape | RectangularShape | BowlShape

/**
 * Checks every dimension of a container.
 * @throws DomainError `bad-argument` for an unknown kind, `not-finite` or `out-of-range` for a dimension
 */
export function requireShape(shape: ContainerShape): ContainerShape {
  requireObject('The container', shape)
  requireNumber('The container height in cm', shape.heightCm, { above: 0 })
  switch (shape.kind) {
    case 'round':
      requireNumber('The top diameter in cm', shape.topDiameterCm, { above: 0 })
      requireNumber('The base diameter in cm', shape.baseDiameterCm, { above: 0 })
      return shape
    case 'rectangular':
      requireNumber('The top length in cm', shape.topLengthCm, { above: 0 })
      requireNumber('The top width in cm', shape.topWidthCm, { above: 0 })
      requireNumber('The base length in cm', shape.baseLengthCm, { above: 0 })
      requireNumber('The base width in cm', shape.baseWidthCm, { above: 0 })
      return shape
    case 'bowl':
      requireNumber('The rim diameter in cm', shape.rimDiameterCm, { above: 0 })
      return shape
    default:
      throw new DomainError('bad-argument', 'A container is round, rectangular or a bowl.')
  }
}
