import { DomainError } from '../errors'
import { requireNumber } from '../validate'
import { type ContainerShape, requireShape } from './shape'

/**
 * What is left of a container above an inert filler on its base (upturned pots, foam, bottles): mix stands on the filler
 * as on a base, so its column is that much shorter.
 * @param fillerCm height of the filler, 0 up to below the height of the container
 * @throws DomainError for an impossible shape or height, `bad-argument` for a filler in a bowl
 */
export function aboveFiller(shape: ContainerShape, fillerCm: number): ContainerShape {
  requireShape(shape)
  requireNumber('The height of the filler in cm', fillerCm, { min: 0, below: shape.heightCm })
  if (fillerCm === 0) return shape
  const up = fillerCm / shape.heightCm
  const between = (base: number, top: number) => base + (top - base) * up
  const heightCm = shape.heightCm - fillerCm
  switch (shape.kind) {
    case 'round':
      return {
        ...shape,
        heightCm,
        baseDiameterCm: between(shape.baseDiameterCm, shape.topDiameterCm),
      }
    case 'rectangular':
      return {
        ...shape,
        heightCm,
        baseLengthCm: between(shape.baseLengthCm, shape.topLengthCm),
        baseWidthCm: between(shape.baseWidthCm, shape.topWidthCm),
      }
    case 'bowl':
      throw new DomainError('bad-argument', 'A filler is for pots with walls, not for bowls.', {
        field: 'fillerCm',
      })
  }
}
