import { blendPh, type Crop } from '../../chemistry'
import type { Component } from '../../media'
import { compostBan, MIX_ABOVE_BAND_PH } from './compostShare'

/** Why a mix does not go to a lime hater: it brings lime, or it is too alkaline. */
export type LimeBar = 'lime' | 'alkaline'

/** More free lime than this, g/L, and no sulfur gets a mix down again. */
const LIMEY_G_PER_L = 0.5

/**
 * Whether something may come to the roots of a lime hater: the rule of the recipe, for whatever is topped up, moved in,
 * potted on or planted into.
 * @param components of what is added, or of the mix that is planted into
 * @param unreactedLimeGPerL lime of earlier corrections in it
 * @param ph measured, where it was
 * @returns null for every other crop, and where nothing speaks against it
 */
export function limeBar({
  crop,
  components,
  unreactedLimeGPerL = 0,
  ph: measured,
}: {
  readonly crop: Crop
  readonly components: readonly Component[]
  readonly unreactedLimeGPerL?: number
  readonly ph?: number | undefined
}): LimeBar | null {
  if (!crop.limeHater || components.length === 0) return null
  const { ph, freeLimeGPerL } = blendPh({ components })
  const alkaline = (measured ?? ph) > crop.pHHigh + MIX_ABOVE_BAND_PH
  const isCompost = components.some(
    ({ material, parts }) =>
      parts > 0 && material.group === 'compost' && compostBan(material, crop) !== null,
  )
  // What a compost brings counts by itself; in a mix that was measured, its pH tells.
  if (freeLimeGPerL + unreactedLimeGPerL > LIMEY_G_PER_L) return 'lime'
  if (measured === undefined && isCompost) return 'lime'
  return alkaline ? 'alkaline' : null
}
