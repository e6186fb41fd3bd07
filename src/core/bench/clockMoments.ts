import { DomainError } from '../errors'

/** Something seen at a moment; a correction by hand replaces the moment and keeps the one that was tapped. */
export interface ClockMoment {
  readonly key: string
  readonly atMs: number
}

/**
 * Seconds from a first moment to each of the others. Nothing is counted: whoever knows the moments knows the seconds,
 * after a reload, a sleep, or on another device. Of moments with the same key the last counts.
 * @param start key of the first moment
 * @returns seconds by key, without the first; empty before it has happened
 * @throws DomainError `bad-argument` for a moment before the first
 */
export function secondsSince(
  moments: readonly ClockMoment[],
  start: string,
): Readonly<Record<string, number>> {
  const first = moments.find(({ key }) => key === start)
  if (!first) return {}
  const seconds: Record<string, number> = {}
  for (const { key, atMs } of moments) {
    if (key === start) continue
    if (atMs < first.atMs) {
      throw new DomainError('bad-argument', 'A moment cannot lie before the clock was started.', {
        field: key,
      })
    }
    seconds[key] = (atMs - first.atMs) / 1000
  }
  return seconds
}
