import type { ContainerShape } from '../../core/containers'

/** How large a pot is to its owner, cm: widths at the top, then the height. */
export function lengthsOf(shape: ContainerShape): readonly number[] {
  switch (shape.kind) {
    case 'round':
      return [shape.topDiameterCm, shape.heightCm]
    case 'bowl':
      return [shape.rimDiameterCm, shape.heightCm]
    case 'rectangular':
      return [shape.topLengthCm, shape.topWidthCm, shape.heightCm]
  }
}
