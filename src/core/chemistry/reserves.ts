import { requireNumber } from '../validate'
import type { Amendment } from './tables'

/** What happened to a lot, as far as what was weighed into it goes; oldest first. */
export interface DoseEvent<Of = Amendment> {
  /** Days before today. */
  readonly daysAgo: number
  /** What came in (positive) or left (negative), L. */
  readonly litres: number
  /** It only sank, or was counted anew: nothing that was weighed in left with it. */
  readonly keeps?: boolean
  readonly doses: readonly {
    readonly amendment: Of
    readonly grams: number
    /** Where it was mixed in earlier, in the lot that this one was parted from. */
    readonly daysAgo?: number
  }[]
}

/** Part of a dose that is still in a lot, reacted or not. */
export interface Reserve<Of = Amendment> {
  readonly amendment: Of
  readonly grams: number
  readonly daysAgo: number
}

/**
 * What is left in a lot of all that was ever weighed into it: what leaves takes its share along, what sinks keeps it,
 * what comes in thins it.
 * @param events oldest first
 * @returns litres that are there, and the grams of each dose as they went in
 */
export function reservesIn<Of>(events: readonly DoseEvent<Of>[]): {
  readonly litres: number
  readonly reserves: readonly Reserve<Of>[]
} {
  let litres = 0
  let reserves: Reserve<Of>[] = []
  for (const event of events) {
    requireNumber('The days since an entry', event.daysAgo, { min: 0 })
    requireNumber('The litres of an entry', event.litres)
    if (event.litres < 0 && litres > 0 && !event.keeps) {
      const kept = Math.max(0, 1 + event.litres / litres)
      reserves = reserves.map((reserve) => ({ ...reserve, grams: reserve.grams * kept }))
    }
    litres = Math.max(0, litres + event.litres)
    for (const { amendment, grams, daysAgo = event.daysAgo } of event.doses) {
      reserves.push({ amendment, grams, daysAgo })
    }
  }
  return { litres, reserves: litres > 0 ? reserves : [] }
}
