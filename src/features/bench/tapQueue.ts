import type { MomentView } from '../../messages/bench/benchViews'

/** A tap that has not reached the server yet. */
export interface Tap {
  readonly id: string
  readonly key: string
  readonly at: string
  readonly value: number | null
  /** Set where a moment that was kept before is put right: by its id. */
  readonly corrects?: string
  readonly change?: MomentChange
}

export interface MomentChange {
  readonly at?: string
  readonly value?: number
  readonly undone?: boolean
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
    ...moments.flatMap((moment) => corrected(moment, taps)),
    ...taps
      .filter(({ id, corrects }) => !arrived.has(id) && corrects === undefined)
      .map(({ id, key, at, value }) => ({ id, key, at, tappedAt: at, value })),
  ].sort((a, b) => a.at.localeCompare(b.at))
}

/** A moment as it is once the corrections that wait have arrived; none where it was taken back. */
function corrected(moment: MomentView, taps: readonly Tap[]): MomentView[] {
  const changes = taps.flatMap(({ corrects, change }) =>
    corrects === moment.id && change ? [change] : [],
  )
  if (changes.at(-1)?.undone) return []
  const at = changes.findLast((one) => one.at !== undefined)?.at ?? moment.at
  const value = changes.findLast((one) => one.value !== undefined)?.value ?? moment.value
  return [{ ...moment, at, value }]
}

function nameOf(testId: number): string {
  return `taps/${testId}`
}
