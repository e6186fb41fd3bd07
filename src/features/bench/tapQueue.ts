import type { MomentView } from '../../messages/bench/benchViews'

/** A tap that has not reached the server yet. */
export interface Tap {
  readonly id: string
  readonly key: string
  readonly at: string
  readonly value: number | null
}

/** What was tapped and not yet sent, in this browser; a store that fails must not stop a test. */
export function readTaps(storage: Pick<Storage, 'getItem'>, testId: number): Tap[] {
  try {
    return JSON.parse(storage.getItem(nameOf(testId)) ?? '[]') as Tap[]
  } catch {
    return []
  }
}

export function writeTaps(
  storage: Pick<Storage, 'setItem' | 'removeItem'>,
  testId: number,
  taps: readonly Tap[],
): void {
  try {
    if (taps.length === 0) storage.removeItem(nameOf(testId))
    else storage.setItem(nameOf(testId), JSON.stringify(taps))
  } catch {
    // A full or forbidden store: the taps stay in memory.
  }
}

/** Moments of the server with the taps that wait, in the order of their times; a tap that has arrived counts once. */
export function withTaps(moments: readonly MomentView[], taps: readonly Tap[]): MomentView[] {
  const arrived = new Set(moments.map(({ id }) => id))
  return [
    ...moments,
    ...taps
      .filter(({ id }) => !arrived.has(id))
      .map(({ id, key, at, value }) => ({ id, key, at, tappedAt: at, value })),
  ].sort((a, b) => a.at.localeCompare(b.at))
}

function nameOf(testId: number): string {
  return `taps/${testId}`
}
