import {
  type LotTriage,
  type Treatment,
  type TriageOptions,
  triageOfLot,
} from '../../core/recondition'
import { type LotCard, presentInnings } from '../../data/media'
import { dayAt } from '../clock'
import type { CardFacts, Tables } from './lotFacts'

/** What was done with a lot and decided of it; a rest is over once something is mixed in or planted. */
export function treatmentsOf(lot: LotCard, { timeZone }: Pick<Tables, 'timeZone'>): Treatment[] {
  const planted = presentInnings(lot)?.plantedOn ?? null
  const mixedAt = lot.mixedAt?.getTime() ?? 0
  return lot.treatments.map(({ id, kind, at, until, endedAt, skimCm, note, problemIds }) => {
    const on = dayAt(timeZone, at)
    const isMixed = lot.mixedAt !== null && mixedAt > at.getTime()
    const ends = [
      ...(endedAt ? [dayAt(timeZone, endedAt)] : []),
      ...(isMixed ? [dayAt(timeZone, new Date(mixedAt))] : []),
      ...(planted !== null && planted > on ? [planted] : []),
    ]
    return {
      id,
      kind,
      at: at.getTime(),
      on,
      until,
      endedOn: ends.sort()[0] ?? null,
      skimCm,
      note,
      problemIds,
    }
  })
}

/** What may become of a lot for what is planted in a season, by what is in force on it and what was done. */
export function judgeLot(
  { lot, found }: Pick<CardFacts, 'lot' | 'found'>,
  tables: Tables,
  season = Number(tables.today.slice(0, 4)),
): LotTriage | null {
  return triageOfLot({
    found,
    treatments: treatmentsOf(lot, tables),
    problems: tables.problems,
    season,
    today: tables.today,
    options: triageOptions(tables),
  })
}

/** What this garden does not do is not asked for. */
export function triageOptions({ schools }: Pick<Tables, 'schools'>): Partial<TriageOptions> {
  return schools.heat === 'never' ? { canHeat: false } : {}
}
