import type { Crop } from '../../chemistry'
import { DAY_MS } from '../../units'

const DAYS_APART = 3
/**
 * How many occasions days are: those less than three days after the one before are one, since wet weather lasts.
 * @param days ISO days, in any order
 */
export function occasions(days: readonly string[]): number {
  let count = 0
  let last = Number.NEGATIVE_INFINITY
  for (const at of days.map((day) => Date.parse(day)).sort((a, b) => a - b)) {
    if (at - last < DAYS_APART * DAY_MS) continue
    count += 1
    last = at
  }
  return count
}

/** How often a pot was seen too wet or too dry since its mix was made. */
export interface LoggedTrouble {
  readonly staysWet: number
  readonly driesFast: number
}

/** Once may be the weather; the second time it is the pot, its place or its mix. */
const AGAIN = 2
/** About what a tenth more of coarse material gains. */
const MORE_AIR_PERCENT = 4
/** A quarter longer than it lasts now. */
const LONGER = 1.25

/** What was seen twice and not its opposite as well: both together say nothing of the mix. */
export function troubleAgain({ staysWet, driesFast }: LoggedTrouble): 'wet' | 'dry' | null {
  const [wet, dry] = [staysWet >= AGAIN, driesFast >= AGAIN]
  if (wet === dry) return null
  return wet ? 'wet' : 'dry'
}

/**
 * A crop as its next recipe aims at it: where the pot stayed wet, with a higher low end of air, inside its band.
 * @returns the crop itself where nothing was seen twice, or its band leaves no room
 */
export function cropAfterTrouble(crop: Crop, trouble: LoggedTrouble): Crop {
  if (troubleAgain(trouble) !== 'wet') return crop
  // The solver aims two points above the low end: that has to lie inside the band still.
  const highest = Math.max(crop.airMinPercent, crop.airMaxPercent - 3)
  const airMinPercent = Math.min(highest, crop.airMinPercent + MORE_AIR_PERCENT)
  return airMinPercent > crop.airMinPercent ? { ...crop, airMinPercent } : crop
}

/**
 * Days it should last after the next turnover, where it dried out too fast.
 * @param daysNow by its mix, pot and place in the month that asks most
 */
export function daysAfterTrouble(daysNow: number, trouble: LoggedTrouble): number | null {
  if (troubleAgain(trouble) !== 'dry' || !(daysNow > 0)) return null
  return Math.max(1, Math.ceil(daysNow * LONGER))
}
