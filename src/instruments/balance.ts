/** What a balance shows. */
export interface BalanceReading {
  readonly grams: number
  /** Its last readings lie so close together that it may be taken. */
  readonly isStable: boolean
}

/** A balance, whatever it is and however it speaks. */
export interface Balance {
  readonly isSimulated: boolean
  /** What it shows now; null: nothing comes from it. */
  readonly read: () => BalanceReading | null
  readonly close: () => void
}

/** So many readings decide whether it has come to rest. */
export const STABLE_READINGS = 5

/** Whether the last readings spread less than a limit, oldest first; fewer of them say nothing. */
export function isStable(readings: readonly number[], limit: number): boolean {
  const last = readings.slice(-STABLE_READINGS)
  return last.length === STABLE_READINGS && Math.max(...last) - Math.min(...last) < limit
}
