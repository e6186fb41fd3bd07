import type { Crop } from '../../core/chemistry'
import { type Component, containerCapacity, type RetentionCurve } from '../../core/media'
import type { StoredContainer } from '../../data/containers'
import type { PotView } from '../../messages/media/potViews'
import { strataOf } from './lotParts'

/** A mix in a container, cut open and drained; null where nothing stands in it. */
export function potView(
  components: readonly Component[],
  curve: RetentionCurve,
  container: StoredContainer,
  surfaceCm: number,
  crop: Pick<Crop, 'rootDepthCm'> | null,
): PotView | null {
  if (components.length === 0 || !(surfaceCm > 0)) return null
  const { shape, outerShape, fillerCm, headspaceCm } = container
  const capacity = containerCapacity({ curve, shape, fillHeightCm: surfaceCm })
  return {
    shape: outerShape,
    headspaceCm,
    surfaceCm: surfaceCm + fillerCm,
    ...(fillerCm > 0 ? { fillerCm } : {}),
    curve,
    strata: strataOf(components),
    lowAirDepthCm: fillerCm + capacity.lowAirDepthCm,
    airFraction: capacity.airFraction,
    rootDepthCm: crop?.rootDepthCm ?? null,
  }
}
