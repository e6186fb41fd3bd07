import { type Crop, potDemand } from '../../chemistry'
import { type ContainerShape, containerVolume } from '../../containers'

/** The crop with the nitrogen it asks of each litre of this very container. */
export function cropInPot(
  crop: Crop,
  container: { readonly shape: ContainerShape; readonly fillHeightCm: number },
): Crop {
  const nSeasonMgPerL = potDemand({ ...crop, potLitres: containerVolume(container) })
  return { ...crop, nSeasonMgPerL }
}
