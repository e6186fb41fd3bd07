import { DomainError } from '../errors'
import { requireNumber } from '../validate'

export interface Wetting {
  /** Median of the drops, s; those that never went count as the longest. */
  readonly medianS: number
  readonly repellence: 'wets readily' | 'slightly' | 'strongly' | 'severely'
  /** Wet it slowly from below before use. */
  readonly soakFromBelow: boolean
}

/** A drop that has not gone by then is not waited for, s. */
export const LONGEST_DROP_S = 3600
/** A gap at the edge this wide lets the water past the root ball, mm. */
const WIDE_GAP_MM = 3

/**
 * How willingly a dry mix takes up water: the time drops need to vanish (water drop penetration time; Dekker & Jungerius
 * 1990), and whether water runs down the side.
 * @param dropsS seconds until each drop was gone, null where it never was; one to twenty drops
 * @param gapMm between mix and wall
 * @throws DomainError `too-few` without a drop
 */
export function wettingTest({
  dropsS,
  runsDownSide,
  gapMm,
}: {
  dropsS: readonly (number | null)[]
  runsDownSide: boolean
  gapMm: number
}): Wetting {
  if (dropsS.length === 0)
    throw new DomainError('too-few', 'Time at least one drop.', { field: 'dropsS' })
  requireNumber('The gap at the edge in mm', gapMm, { min: 0, max: 100 })
  const times = dropsS
    .map((s) =>
      s === null
        ? LONGEST_DROP_S
        : requireNumber('The time of a drop in s', s, { min: 0, max: LONGEST_DROP_S }),
    )
    .sort((a, b) => a - b)
  const middle = Math.floor(times.length / 2)
  const medianS =
    times.length % 2 === 1
      ? (times[middle] as number)
      : ((times[middle - 1] as number) + (times[middle] as number)) / 2
  const repellence =
    medianS < 5
      ? 'wets readily'
      : medianS <= 60
        ? 'slightly'
        : medianS <= 600
          ? 'strongly'
          : 'severely'
  return {
    medianS,
    repellence,
    soakFromBelow:
      repellence === 'strongly' ||
      repellence === 'severely' ||
      runsDownSide ||
      gapMm >= WIDE_GAP_MM,
  }
}
