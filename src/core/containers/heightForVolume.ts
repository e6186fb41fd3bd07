import { DomainError } from '../errors'
import { requireNumber } from '../validate'
import { volumeToHeightUnchecked } from './containerVolume'
import { type ContainerShape, requireShape } from './shape'

/**
 * Height of the surface above the base when `litres` stand in the container, cm (inverse of containerVolume).
 * @throws DomainError `out-of-range` for negative litres or more than the container holds
 * @example heightForVolume({ shape: { kind: 'round', topDiameterCm: 20, baseDiameterCm: 15, heightCm: 20 }, litres: 4.08 }) // 17.5
 */
export function heightForVolume({
  shape,
  litres,
}: {
  shape: ContainerShape
  litres: number
}): number {
  requireShape(shape)
  requireNumber('The litres', litres, { min: 0 })
  const full = volumeToHeightUnchecked(shape, shape.heightCm)
  if (litres > full * (1 + 1e-9)) {
    throw new DomainError('out-of-range', `The container holds ${full.toFixed(1)} L at most.`, {
      litres,
      fullLitres: full,
    })
  }
  let low = 0
  let high = shape.heightCm
  for (let step = 0; step < 200 && high - low > 1e-12 * shape.heightCm; step++) {
    const middle = (low + high) / 2
    if (volumeToHeightUnchecked(shape, middle) < litres) low = middle
    else high = middle
  }
  return (low + high) / 2
}
