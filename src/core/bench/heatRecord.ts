import { DomainError } from '../errors'
import { requireNumber } from '../validate'

/** Core temperature at a moment. */
export interface HeatReading {
  readonly minute: number
  readonly tempC: number
}

/** What a problem needs to be killed by heat; null where heat does not help. */
export interface HeatDose {
  readonly tempC: number
  readonly minutes: number
}

export interface HeatRecord {
  readonly minutesAt60: number
  readonly minutesAt71: number
  readonly minutesAt82: number
  readonly peakC: number
  /** At the temperature of the dose; null without a dose. */
  readonly minutesAtDose: number | null
  readonly verdict: 'done' | 'continue' | 'warm up' | 'no dose'
  /** Minutes still to go at the dose's temperature. */
  readonly missingMinutes: number
  /** Above this everything dies, and salts and ammonia are set free. */
  readonly tooHot: boolean
}

/** Above it what is useful is killed as well, and weeds come back first, °C. */
export const TOO_HOT_C = 93
const LONGEST_MINUTES = 7 * 24 * 60

/**
 * Minutes a core has spent at or above 60, 71 and 82 °C and at the dose of a problem (Baker 1957; Bollen 1969), read
 * along straight lines between readings; nothing is counted before the first and after the last.
 * @param readings in the order they were read; at least one
 * @throws DomainError `too-few`, `bad-argument` for readings out of order, or temperatures a probe does not show
 */
export function heatRecord({
  readings,
  dose,
}: {
  readings: readonly HeatReading[]
  dose: HeatDose | null
}): HeatRecord {
  if (readings.length === 0) throw new DomainError('too-few', 'There is no reading yet.')
  for (const { minute, tempC } of readings) {
    requireNumber('The minute', minute, { min: 0, max: LONGEST_MINUTES })
    requireNumber('The temperature in °C', tempC, { min: -20, max: 150 })
  }
  requireInOrder(readings)
  const at = (tempC: number) => minutesAtOrAbove(readings, tempC)
  const peakC = Math.max(...readings.map(({ tempC }) => tempC))
  const minutesAtDose = dose ? at(dose.tempC) : null
  const missing = dose && minutesAtDose !== null ? Math.max(0, dose.minutes - minutesAtDose) : 0
  const now = readings.at(-1)?.tempC ?? 0
  return {
    minutesAt60: at(60),
    minutesAt71: at(71),
    minutesAt82: at(82),
    peakC,
    minutesAtDose,
    verdict: !dose
      ? 'no dose'
      : missing < 1e-6
        ? 'done'
        : now >= dose.tempC
          ? 'continue'
          : 'warm up',
    missingMinutes: missing,
    tooHot: peakC > TOO_HOT_C,
  }
}

/** A probe is read forwards in time: what comes in reverse was typed into the wrong rows. */
function requireInOrder(readings: readonly HeatReading[]): void {
  readings.forEach(({ minute }, i) => {
    const before = readings[i - 1]
    if (!before || minute > before.minute) return
    throw new DomainError(
      'bad-argument',
      minute === before.minute
        ? 'Two readings have the same minute.'
        : `The reading at minute ${minute} stands after the one at minute ${before.minute}: put them in the order they were read.`,
      { field: 'readings' },
    )
  })
}

function minutesAtOrAbove(sorted: readonly HeatReading[], tempC: number): number {
  let minutes = 0
  sorted.forEach((to, i) => {
    const from = sorted[i - 1]
    if (!from) return
    const span = to.minute - from.minute
    const [low, high] = from.tempC < to.tempC ? [from.tempC, to.tempC] : [to.tempC, from.tempC]
    if (low >= tempC) minutes += span
    else if (high >= tempC) minutes += (span * (high - tempC)) / (high - low)
  })
  return minutes
}
