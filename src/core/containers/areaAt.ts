import { requireNumber } from '../validate'
import { type ContainerShape, requireShape } from './shape'

/**
 * Horizontal cross-section of a container, cm².
 * Round: diameter linear in z. Rectangular: both sides linear in z. Bowl: the circle of a spherical cap.
 * @param zCm height above the base, 0 to heightCm
 * @throws DomainError for an impossible shape or a height outside the container
 * @example areaAt({ shape: { kind: 'round', topDiameterCm: 20, baseDiameterCm: 15, heightCm: 20 }, zCm: 10 }) // 241
 */
export function areaAt({ shape, zCm }: { shape: ContainerShape; zCm: number }): number {
  requireShape(shape)
  requireNumber('The height above the base in cm', zCm, {
    min: 0,
    max: shape.heightCm * (1 + 1e-12),
  })
  return areaAtUnchecked(shape, zCm)
}

/** The same without checks, for inner loops. */
export function areaAtUnchecked(shape: ContainerShape, zCm: number): number {
  const up = zCm / shape.heightCm
  switch (shape.kind) {
    case 'round': {
      const diameter = shape.baseDiameterCm + (shape.topDiameterCm - shape.baseDiameterCm) * up
      return (Math.PI / 4) * diameter * diameter
    }
    case 'rectangular': {
      const length = shape.baseLengthCm + (shape.topLengthCm - shape.baseLengthCm) * up
      const width = shape.baseWidthCm + (shape.topWidthCm - shape.baseWidthCm) * up
      return length * width
    }
    case 'bowl':
      return Math.PI * zCm * (2 * sphereRadiusCm(shape) - zCm)
  }
}

/** Radius of the sphere a bowl is a cap of, cm. */
export function sphereRadiusCm(bowl: { rimDiameterCm: number; heightCm: number }): number {
  const rimRadius = bowl.rimDiameterCm / 2
  return (rimRadius * rimRadius + bowl.heightCm * bowl.heightCm) / (2 * bowl.heightCm)
}
