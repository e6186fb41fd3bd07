import type { Crop } from '../../chemistry'
import type { Gate, RungId } from './ladderTypes'

/** So much of what was wanted is enough; nothing tops up what stays in its pot. */
const ENOUGH_LITRES = 0.97
const ENOUGH_AS_IT_IS = 0.8
const AIR_MARGIN = 0.005
const PH_MARGIN = 0.1

/** What a way comes to, as far as it has to stand. */
export interface Reached {
  readonly litres: number
  readonly airFraction: number
  readonly ph: number
  readonly ecSme: number
}

type Bounds = Pick<Crop, 'airMinPercent' | 'pHLow' | 'pHHigh' | 'ecMaxSme'>

/** What a way does not reach: too few litres, too little air, a pH outside the crop's band, too much salt. */
export function gatesFailed(
  id: RungId,
  { litres, airFraction, ph, ecSme }: Reached,
  { airMinPercent, pHLow, pHHigh, ecMaxSme }: Bounds,
  litresWanted: number,
): Gate[] {
  const enough = (id === 'as-is' ? ENOUGH_AS_IT_IS : ENOUGH_LITRES) * litresWanted
  const failed: Readonly<Record<Gate, boolean>> = {
    litres: litres < enough,
    air: airFraction < airMinPercent / 100 - AIR_MARGIN,
    ph: ph < pHLow - PH_MARGIN || ph > pHHigh + PH_MARGIN,
    ec: ecSme > ecMaxSme,
  }
  return (Object.keys(failed) as Gate[]).filter((gate) => failed[gate])
}

/** How far it falls short in all: shares of the litres, of the air and of the salts, and the pH outside its band. */
export function shortfallOf(
  { litres, airFraction, ph, ecSme }: Reached,
  { airMinPercent, pHLow, pHHigh, ecMaxSme }: Bounds,
  litresWanted: number,
): number {
  const low = airMinPercent / 100
  return (
    Math.max(0, 1 - litres / litresWanted) +
    (low > 0 ? Math.max(0, 1 - airFraction / low) : 0) +
    Math.max(0, pHLow - ph, ph - pHHigh) +
    Math.max(0, ecSme / ecMaxSme - 1)
  )
}
