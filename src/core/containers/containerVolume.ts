import { requireNumber } from '../validate'
import { areaAtUnchecked, sphereRadiusCm } from './areaAt'
import { type ContainerShape, requireShape } from './shape'

const CM3_PER_LITRE = 1000

/**
 * Volume from the base up to a fill height, L, in closed form: frustum of a cone, prismatoid, spherical cap.
 * @param fillHeightCm height of the media surface above the base; the whole height when left out
 * @throws DomainError for an impossible shape or a fill height outside the container
 * @example containerVolume({ shape: { kind: 'round', topDiameterCm: 20, baseDiameterCm: 15, heightCm: 20 }, fillHeightCm: 17.5 }) // 4.08
 */
export function containerVolume({
  shape,
  fillHeightCm = shape?.heightCm,
}: {
  shape: ContainerShape
  fillHeightCm?: number
}): number {
  requireShape(shape)
  requireNumber('The fill height in cm', fillHeightCm, {
    min: 0,
    max: shape.heightCm * (1 + 1e-12),
  })
  return volumeToHeightUnchecked(shape, fillHeightCm)
}

export function volumeToHeightUnchecked(shape: ContainerShape, heightCm: number): number {
  if (shape.kind === 'bowl') {
    const cap = (Math.PI * heightCm * heightCm * (3 * sphereRadiusCm(shape) - heightCm)) / 3
    return cap / CM3_PER_LITRE
  }
  // Simpson's rule is exact here: a cross-section of a frustum or prismatoid is quadratic in height.
  const base = areaAtUnchecked(shape, 0)
  const middle = areaAtUnchecked(shape, heightCm / 2)
  const top = areaAtUnchecked(shape, heightCm)
  return ((heightCm / 6) * (base + 4 * middle + top)) / CM3_PER_LITRE
}
