import { blendPh, limeDose, sulfurDose } from '../../core/chemistry'
import type { PhDeed } from '../../messages/media/lotFindingViews'
import type { CardFacts, Tables } from './lotFacts'

const LIME = 'calcitic-lime'
const SULFUR = 'sulfur'
/** So far inside the band a correction aims. */
const INSIDE_PH = 0.3
const WORTH_WEIGHING_G = 1

/**
 * What brings a lot's pH back, in grams for all of it: little at a time where something grows in it.
 * @returns null where nothing by the gram does: the next turnover has to
 */
export function phDeed(
  { lot, crop, ph, buffer, components }: CardFacts,
  { amendments }: Pick<Tables, 'amendments'>,
): PhDeed | null {
  if (!crop || !ph || components.length === 0) return null
  const isLow = ph.value < crop.pHLow
  const row = amendments.get(isLow ? LIME : SULFUR)
  if (!row || (isLow && crop.limeHater)) return null
  const blend = blendPh({ components })
  const livingRoots = lot.innings.some(({ endedOn, plantedOn }) => endedOn === null && plantedOn)
  const given = {
    ph: ph.value,
    buffer: buffer?.value ?? blend.buffer,
    freeLimeGPerL: blend.freeLimeGPerL,
    livingRoots,
    material: row,
  }
  const dose = isLow
    ? limeDose({ ...given, target: Math.min(7.8, crop.pHLow + INSIDE_PH) })
    : sulfurDose({ ...given, target: Math.max(3.5, crop.pHHigh - INSIDE_PH) })
  const grams = dose.firstGPerL * lot.contents.litres
  if (!dose.reachable || grams < WORTH_WEIGHING_G) return null
  return { name: row.name, grams, wateredIn: livingRoots }
}
