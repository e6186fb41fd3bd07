import { type ContainerShape, containerVolume } from '../../core/containers'
import { DEFAULT_LIMITS } from '../../core/recondition'

/** Loose mix that stands at the gap to the rim once it has settled, L. */
export function looseLitres({
  shape,
  headspaceCm,
}: {
  readonly shape: ContainerShape
  readonly headspaceCm: number
}): number {
  return settledLitres({ shape, headspaceCm }) / (1 - DEFAULT_LIMITS.settlingShare)
}

/** At the gap to the rim, L. */
export function settledLitres({
  shape,
  headspaceCm,
}: {
  readonly shape: ContainerShape
  readonly headspaceCm: number
}): number {
  return containerVolume({ shape, fillHeightCm: shape.heightCm - headspaceCm })
}
