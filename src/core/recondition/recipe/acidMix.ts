import { blendPh, type Crop } from '../../chemistry'
import { type BatchSources, fillBatch } from './batch'
import { isAcidFor } from './chooseMaterials'

const HALVINGS = 20

/**
 * Share of acid mix that brings a lime hater's pH down to the top of its band: sooner than sulfur, which takes a season.
 * 0 where it is there already or the fresh mix is no acid one (above the middle of the band); as much as the limit allows
 * where it does not get there.
 */
export function acidMixShare(sources: BatchSources, crop: Crop, compost: number): number {
  const { fresh, limits } = sources
  if (!crop.limeHater || !fresh || !isAcidFor(fresh, crop)) return 0
  const phWith = (freshAtLeast: number) =>
    blendPh(fillBatch(sources, { compost, aggregate: null, freshAtLeast })).ph
  const most = Math.min(limits.maxFreshShare, 1 - compost)
  const now = phWith(0)
  if (now <= crop.pHHigh || phWith(most) >= now) return 0
  if (phWith(most) > crop.pHHigh) return most
  let [low, high] = [0, most]
  for (let i = 0; i < HALVINGS; i++) {
    const middle = (low + high) / 2
    if (phWith(middle) > crop.pHHigh) low = middle
    else high = middle
  }
  return high
}
