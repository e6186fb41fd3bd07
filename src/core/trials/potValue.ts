import { daysBetween } from '../units'
import { growthCurve } from './growthCurve'
import type { TrialMeasure } from './trialKinds'

/** Something that was read at a pot. */
export interface PotRecord {
  /** ISO day. */
  readonly on: string
  readonly measure: TrialMeasure
  readonly value: number
}

/** A pot as it went through a trial. */
export interface PotCourse {
  /** Those of one day in the order in which they were read. */
  readonly records: readonly PotRecord[]
  /** ISO day from which on it does not count; null: it counts to the end. */
  readonly excludedFrom: string | null
  /** ISO day on which its plants died; null: they live, or it was not said. */
  readonly diedOn?: string | null
}

/** How the records of a pot become one number. */
export type Summary = 'last' | 'total' | 'area'

/** What is picked or poured adds up. */
const ADDS_UP: readonly TrialMeasure[] = ['picked', 'fruits-picked', 'water']

/** Of what does not add up the last reading tells. */
export function usualSummary(measure: TrialMeasure): Summary {
  return ADDS_UP.includes(measure) ? 'total' : 'last'
}

/** What a pot of dead plants still tells: the lowest score, no harvest, and whatever was counted before. */
const OF_THE_DEAD: Partial<Record<TrialMeasure, number>> = { vigour: 1, harvest: 0 }
const STAYS_COUNTED: readonly TrialMeasure[] = [...ADDS_UP, 'emerged', 'sunk']

/**
 * One number of a pot, as it was known on a day; null where it did not count any more, or was not read.
 * @param on ISO day
 * @param since ISO day of planting, day 0 of an area under the curve
 */
export function potValue(
  { records, excludedFrom, diedOn = null }: PotCourse,
  {
    measure,
    on,
    since,
    summary = usualSummary(measure),
  }: {
    readonly measure: TrialMeasure
    readonly on: string
    readonly since: string
    readonly summary?: Summary
  },
): number | null {
  if (excludedFrom !== null && excludedFrom <= on) return null
  if (diedOn !== null && diedOn <= on && !STAYS_COUNTED.includes(measure)) {
    return summary === 'last' ? (OF_THE_DEAD[measure] ?? null) : null
  }
  const read = records
    .filter((one) => one.measure === measure && one.on <= on)
    .sort((a, b) => (a.on < b.on ? -1 : a.on > b.on ? 1 : 0))
  switch (summary) {
    case 'last':
      return read.at(-1)?.value ?? null
    case 'total':
      return read.length === 0 ? null : read.reduce((sum, { value }) => sum + value, 0)
    case 'area': {
      // A day read twice counts as it was read last.
      const byDay = new Map(read.map((one) => [one.on, one.value]))
      if (byDay.size < 2) return null
      const days = [...byDay.keys()].map((day) => daysBetween(since, day))
      return growthCurve(days, [...byDay.values()]).auc
    }
  }
}
