import type { Crop } from '../chemistry'

/** What is asked of a mix in its container, by its crop or its plant group; air as shares of the volume. */
export interface MixWish {
  readonly airMin: number
  readonly airMax: number
  readonly pHLow: number
  readonly pHHigh: number
  /** Saturated media extract, dS/m; null where a group sets none. */
  readonly ecMaxSme: number | null
  readonly rootDepthCm: number | null
}

/** What is asked of a mix: the crop's own bounds, else the group's; null where neither is chosen. */
export function mixWish({
  crop,
  group,
}: {
  crop: Crop | null
  group: Pick<MixWish, 'airMin' | 'airMax' | 'pHLow' | 'pHHigh'> | null
}): MixWish | null {
  if (crop) {
    return {
      airMin: crop.airMinPercent / 100,
      airMax: crop.airMaxPercent / 100,
      pHLow: crop.pHLow,
      pHHigh: crop.pHHigh,
      ecMaxSme: crop.ecMaxSme,
      rootDepthCm: crop.rootDepthCm,
    }
  }
  if (!group) return null
  const { airMin, airMax, pHLow, pHHigh } = group
  return { airMin, airMax, pHLow, pHHigh, ecMaxSme: null, rootDepthCm: null }
}
