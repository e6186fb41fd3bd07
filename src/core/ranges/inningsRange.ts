import { inningsLeft } from '../media'
import type { Range } from './quantiles'

/** How many more seasons a mix serves when nothing is done to it, and between which numbers that likely lies. */
export interface InningsRange {
  readonly value: number
  readonly p10: number
  readonly p90: number
  /** Counting stops there: the number may be larger. */
  readonly most: number
}

/**
 * Innings left, with the range that what is not known of the air brings: a mix that holds as much less air from the start
 * falls below the crop's least so much earlier. How fast it rots is taken as the tables have it.
 * @param air of the mix in its container as it is now, share of the volume
 * @throws DomainError as inningsLeft does
 */
export function inningsRange({
  air: { p10, p50, p90 },
  ...mix
}: Parameters<typeof inningsLeft>[0] & {
  readonly air: Pick<Range, 'p10' | 'p50' | 'p90'>
}): InningsRange {
  const seasons = (shift: number) =>
    inningsLeft({ ...mix, cropAirMin: Math.min(1, Math.max(0, mix.cropAirMin - shift)) }).without
  const { without: value, most } = inningsLeft(mix)
  return {
    value,
    p10: Math.min(value, seasons(p10 - p50)),
    p90: Math.max(value, seasons(p90 - p50)),
    most,
  }
}
