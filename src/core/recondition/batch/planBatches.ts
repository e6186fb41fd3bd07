import type { LotTriage } from '../triage'
import {
  mayMix,
  TRIAGE_ACTIONS,
  TRIAGE_VERDICTS,
  type TriageAction,
  type TriageAnswer,
} from '../triage'

export interface BatchLot {
  readonly id: number
  readonly litres: number
  /** null where nothing was found. */
  readonly triage: LotTriage | null
}

/** Lots that may be tipped into one heap and are treated alike. */
export interface HeapPlan {
  readonly verdict: TriageAnswer
  readonly actions: readonly TriageAction[]
  readonly lotIds: readonly number[]
  readonly litres: number
  /** It joins no other lot, whatever is in that one. */
  readonly isApart: boolean
  /** ISO day from which on it may be used; null where it may be now. */
  readonly heldUntil: string | null
}

/**
 * Lots grouped by what becomes of them and by what they may be mixed with: in each heap any two may come together, and
 * all are cleaned or treated in the same way. What is given up is gathered by where it goes.
 */
export function planBatches(lots: readonly BatchLot[]): HeapPlan[] {
  const heaps = new Map<string, BatchLot[]>()
  for (const lot of lots) {
    const key = heapKey(lot)
    heaps.set(key, [...(heaps.get(key) ?? []), lot])
  }
  return [...heaps.values()]
    .map((heap) => heapPlan(heap))
    .sort(
      (a, b) =>
        TRIAGE_VERDICTS.indexOf(a.verdict) - TRIAGE_VERDICTS.indexOf(b.verdict) ||
        Number(a.isApart) - Number(b.isApart) ||
        b.litres - a.litres,
    )
}

/** The first two of these lots that may not come together; null where all may. */
export function doubtfulPair(lots: readonly BatchLot[]): readonly [BatchLot, BatchLot] | null {
  for (const [at, one] of lots.entries()) {
    const other = lots.slice(at + 1).find((next) => !mayMix(one.triage, next.triage))
    if (other) return [one, other]
  }
  return null
}

function heapKey({ id, triage }: BatchLot): string {
  if (!triage) return 'reuse'
  const { verdict, mixWith, actions, hold, skimCm, heat, reasons } = triage
  if (verdict === 'compost' || verdict === 'discard') return verdict
  if (hold || mixWith === 'none') return `apart ${id}`
  const problems =
    mixWith === 'same-problem' ? [...new Set(reasons.map((one) => one.problemId))].sort() : []
  return [verdict, ...actions, skimCm ?? '', heat?.tempC ?? '', ...problems].join(' ').trim()
}

function heapPlan(heap: readonly BatchLot[]): HeapPlan {
  const triages = heap.flatMap(({ triage }) => triage ?? [])
  const [first] = triages
  const isGivenUp = first?.verdict === 'compost' || first?.verdict === 'discard'
  return {
    verdict: first?.verdict ?? 'reuse',
    actions: TRIAGE_ACTIONS.filter((action) =>
      triages.some(({ actions }) => actions.includes(action)),
    ),
    lotIds: heap.map(({ id }) => id),
    litres: heap.reduce((sum, { litres }) => sum + litres, 0),
    isApart: !isGivenUp && triages.some(({ mixWith, hold }) => mixWith === 'none' || hold !== null),
    heldUntil:
      triages
        .flatMap(({ hold }) => hold?.until ?? [])
        .sort()
        .at(-1) ?? null,
  }
}
