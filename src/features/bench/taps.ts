import type { MomentView } from '../../messages/bench/benchViews'
import type { Entry } from '../../ui/outbox/entry'

/** A tap that has not reached the server yet. */
export interface Tap {
  readonly id: string
  readonly key: string
  readonly at: string
  readonly value: number | null
}

export interface MomentChange {
  readonly at?: string
  readonly value?: number
  readonly undone?: boolean
}

/** A correction of a moment that was kept before. */
export interface Correction {
  readonly corrects: string
  readonly change: MomentChange
}

/** What waits of a test: taps are posted, corrections are put at the moment's own address. */
export function waitingOf(entries: readonly Pick<Entry, 'method' | 'address' | 'body'>[]): {
  readonly taps: readonly Tap[]
  readonly corrections: readonly Correction[]
} {
  return {
    taps: entries.filter(({ method }) => method === 'POST').map(({ body }) => body as Tap),
    corrections: entries
      .filter(({ method }) => method === 'PUT')
      .map(({ address, body }) => ({
        corrects: address.split('/').at(-1) ?? '',
        change: body as MomentChange,
      })),
  }
}

/** Moments of the server with what waits, in the order of their times; a tap that has arrived counts once. */
export function withWaiting(
  moments: readonly MomentView[],
  { taps, corrections }: ReturnType<typeof waitingOf>,
): MomentView[] {
  const arrived = new Set(moments.map(({ id }) => id))
  const tapped = taps
    .filter(({ id }) => !arrived.has(id))
    .map(({ id, key, at, value }) => ({ id, key, at, tappedAt: at, value }))
  return [...moments, ...tapped]
    .flatMap((moment) => corrected(moment, corrections))
    .sort((a, b) => a.at.localeCompare(b.at))
}

/** A moment as it is once the corrections that wait have arrived; none where it was taken back. */
function corrected(moment: MomentView, corrections: readonly Correction[]): MomentView[] {
  const changes = corrections.flatMap(({ corrects, change }) =>
    corrects === moment.id ? [change] : [],
  )
  if (changes.at(-1)?.undone) return []
  const at = changes.findLast((one) => one.at !== undefined)?.at ?? moment.at
  const value = changes.findLast((one) => one.value !== undefined)?.value ?? moment.value
  return [{ ...moment, at, value }]
}
