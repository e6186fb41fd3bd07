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
  readonly records: readonly PotRecord[]
  /** ISO day from which on it does not count; null: it counts to the end. */
  readonly excludedFrom: string | null
}

/** How the records of a pot become one number. */
export type Summary = 'last' | 'total' | 'area'

/** What is picked adds up; of anything else the last reading tells. */
export function usualSummary(measure: TrialMeasure): Summary {
  return measure === 'picked' ? 'total' : 'last'
}

/**
 * One number of a pot, as it was known on a day; null where it did not count any more, or was not read.
 * @param on ISO day
 * @param since ISO day of planting, day 0 of an area under the curve
 */
export function potValue(
  { records, excludedFrom }: PotCourse,
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

const DAY_MS = 86_400_000

export function daysBetween(from: string, to: string): number {
  return Math.round((Date.parse(to) - Date.parse(from)) / DAY_MS)
}
